import { Head, Link, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Door } from '../../parts/people/Door';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** Asks for a link by which a new password is chosen. */
export default function Forgotten({ wasSent }: { wasSent: boolean }) {
    const form = useForm({ email: '' });

    const send = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('forgotten.send'));
    };

    return (
        <Door title="Forgotten password">
            <Head title="Forgotten password" />
            {wasSent ? (
                <p>
                    If there is an account with this address, we have sent it a link for choosing a new password. The link is valid for two
                    hours.
                </p>
            ) : (
                <form onSubmit={send} className="space-y-4">
                    <TextField label="E-mail address" type="email" autoComplete="username" required {...bind(form, 'email')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Send a link
                    </Button>
                </form>
            )}
            <Link href={route('sign-in')} className="mt-6 inline-block text-sm link">
                Back to sign-in
            </Link>
        </Door>
    );
}

Forgotten.layout = (page: React.ReactNode) => <main>{page}</main>;
