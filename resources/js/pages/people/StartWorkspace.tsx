import { Head, Link, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { bind } from '../../lib/forms';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { zoneOptions } from '../../lib/zones';
import { Door } from '../../parts/people/Door';
import { NewPassword } from '../../parts/people/NewPassword';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

/** Where an empty workspace is started: what it is called, how its year runs, and its first lead. */
export default function StartWorkspace({ zones }: { zones: string[] | null }) {
    return (
        <Door title={zones === null ? 'This link has expired' : 'Start your workspace'}>
            <Head title="Start" />
            {zones === null ? <Expired /> : <Fields zones={zones} />}
        </Door>
    );
}

StartWorkspace.layout = (page: React.ReactNode) => <main>{page}</main>;

function Expired() {
    return (
        <p>
            The workspace was started already, or the address is older than a day.{' '}
            <Link href={route('sign-in')} className="link">
                Sign in
            </Link>
            , or ask whoever runs the server for a new address.
        </p>
    );
}

const months = Array.from({ length: 12 }, (_, month) => ({
    value: month + 1,
    label: plannedWords(`2027-${String(month + 1).padStart(2, '0')}`),
}));

function Fields({ zones }: { zones: string[] }) {
    const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const form = useForm({
        organisation: '',
        timezone: zones.includes(here) ? here : 'UTC',
        yearStartsIn: '1',
        name: '',
        email: '',
        password: '',
    });

    const start = (event: SubmitEvent) => {
        event.preventDefault();
        // The address is signed: it is sent back to as it came.
        form.post(window.location.pathname + window.location.search);
    };

    return (
        <form onSubmit={start} className="space-y-4">
            <TextField label="Organisation" autoFocus maxLength={80} required {...bind(form, 'organisation')} />
            <SelectField label="Time zone" options={zoneOptions(zones)} {...bind(form, 'timezone')} />
            <SelectField label="Your year starts in" options={months} {...bind(form, 'yearStartsIn')} />
            <TextField label="Your name" autoComplete="name" maxLength={80} required {...bind(form, 'name')} />
            <TextField label="E-mail address" type="email" autoComplete="username" required {...bind(form, 'email')} />
            <NewPassword {...bind(form, 'password')} />
            <Button kind="main" type="submit" disabled={form.processing}>
                Start workspace
            </Button>
        </form>
    );
}
