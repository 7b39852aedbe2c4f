import { Head, Link, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Door } from '../../parts/people/Door';
import { NewPassword } from '../../parts/people/NewPassword';
import { Button } from '../../ui/Button';

interface Props {
    token: string;
    /** Missing of a link that was used or has run out. */
    name: string | null;
    email: string | null;
}

/** Where a link leads by which somebody chooses a password. */
export default function Access({ token, name, email }: Props) {
    const form = useForm({ password: '' });

    const choose = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('access.accept', token));
    };

    return (
        <Door title={name === null ? 'This link has expired' : `Welcome, ${name}`}>
            <Head title="Choose a password" />
            {name === null ? (
                <p>
                    It has already been used or has expired. Ask the sender for a new one, or{' '}
                    <Link href={route('forgotten')} className="link">
                        request a new one
                    </Link>
                    .
                </p>
            ) : (
                <form onSubmit={choose} className="space-y-4">
                    <p>You will sign in as {email}.</p>
                    <NewPassword {...bind(form, 'password')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Save and sign in
                    </Button>
                </form>
            )}
        </Door>
    );
}

Access.layout = (page: React.ReactNode) => <main>{page}</main>;
