import { Head, Link, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { bind, bindCheck } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Door } from '../../parts/people/Door';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Check } from '../../ui/Check';

export default function SignIn({ isEmpty }: { isEmpty: boolean }) {
    const form = useForm({ email: '', password: '', remember: true });

    const signIn = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('sign-in.store'), {
            onError: () => {
                form.reset('password');
            },
        });
    };

    return (
        <Door title="Sign in">
            <Head title="Sign in" />
            {isEmpty && (
                <p className="mb-4 text-sm text-ink-2">
                    Nobody has an account yet. On the server, <code className="font-mono text-xs">php artisan workspace:start</code> gives
                    the address at which the first lead starts it, and <code className="font-mono text-xs">php artisan demo:load</code>{' '}
                    fills the workspace with the demo.
                </p>
            )}
            <form onSubmit={signIn} className="space-y-4">
                <TextField label="E-mail address" type="email" autoComplete="username" required {...bind(form, 'email')} />
                <TextField label="Password" type="password" autoComplete="current-password" required {...bind(form, 'password')} />
                <Check label="Stay signed in" {...bindCheck(form, 'remember')} />
                <Button kind="main" type="submit" disabled={form.processing}>
                    Sign in
                </Button>
            </form>
            <Link href={route('forgotten')} className="mt-6 inline-block text-sm link">
                Forgotten your password?
            </Link>
        </Door>
    );
}

SignIn.layout = (page: React.ReactNode) => <main>{page}</main>;
