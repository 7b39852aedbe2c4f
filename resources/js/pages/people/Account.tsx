import { Head, useForm, usePage } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import type { Account as AccountView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Section } from '../../parts/signs/Section';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

/** One's password, and where one is signed in. */
export default function Account({ page }: { page: AccountView }) {
    return (
        <div className="sheet-edge max-w-3xl">
            <Head title="Your account" />
            <h1>Your account</h1>
            <p className="mt-1 mb-6 text-ink-2">You are signed in as {page.email}.</p>
            <ChangePassword />
            <DatesOrder />
            <SignedIn page={page} />
        </div>
    );
}

function ChangePassword() {
    const form = useForm({ current: '', password: '' });
    const change = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('account.password'), {
            preserveScroll: true,
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <Section title="Change your password" aside="Other devices are signed out.">
            <form onSubmit={change} className="grid max-w-md gap-4 pt-1">
                <TextField label="Current password" type="password" autoComplete="current-password" required {...bind(form, 'current')} />
                <TextField
                    label="New password"
                    type="password"
                    autoComplete="new-password"
                    required
                    hint="At least ten characters."
                    {...bind(form, 'password')}
                />
                <div>
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Change password
                    </Button>
                </div>
            </form>
        </Section>
    );
}

function DatesOrder() {
    const { frame } = usePage().props;

    return (
        <Section title="How you write dates" aside="In what you type; dates are shown with the name of the month." className="mt-8">
            <div className="pt-1">
                <SelectField
                    label="3/4 means"
                    className="w-48"
                    value={frame?.monthFirst === true ? 'month' : 'day'}
                    options={[
                        { value: 'day', label: '3 April' },
                        { value: 'month', label: '4 March' },
                    ]}
                    onChange={(first) => {
                        act('put', route('account.dates'), { monthFirst: first === 'month' });
                    }}
                />
            </div>
        </Section>
    );
}

function SignedIn({ page }: { page: AccountView }) {
    return (
        <Section title="Where you are signed in" className="mt-8">
            <ul className="divide-y divide-hairline">
                {page.sessions.map((session, place) => (
                    <li key={place} className="flex flex-wrap items-baseline gap-x-4 py-1.5">
                        <span className="font-semibold">{session.device}</span>
                        {session.isThis && <span className="text-xs text-ink-2">this device</span>}
                        <span className="ml-auto text-xs text-ink-2">
                            {session.address}, last used {dayWords(session.on)}, {session.at}
                        </span>
                    </li>
                ))}
            </ul>
            <div className="mt-3">
                <Button
                    onClick={() => {
                        act('post', route('account.end'));
                    }}
                >
                    Sign out everywhere
                </Button>
            </div>
        </Section>
    );
}
