import { Head, Link, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { bind } from '../../lib/forms';
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
                    There are no accounts yet. Add the first person with <code className="font-mono text-xs">php artisan people:add</code>,
                    or fill the workspace with <code className="font-mono text-xs">php artisan demo:load</code>.
                </p>
            )}
            <form onSubmit={signIn} className="space-y-4">
                <TextField label="E-mail address" type="email" autoComplete="username" required {...bind(form, 'email')} />
                <TextField label="Password" type="password" autoComplete="current-password" required {...bind(form, 'password')} />
                <Check
                    label="Stay signed in"
                    checked={form.data.remember}
                    onChange={(on) => {
                        form.setData('remember', on);
                    }}
                />
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
