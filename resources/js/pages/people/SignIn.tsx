import { Head, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Check, TextField } from '../../ui/Field';

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
        <div className="grid min-h-screen grid-cols-[1fr_min(420px,100%)_2fr] bg-sheet max-md:grid-cols-1">
            <Head title="Sign in" />
            <div className="border-r border-hairline max-md:hidden" />
            <div className="border-r border-hairline px-8 py-24 max-md:border-0 max-md:px-4 max-md:py-10">
                <p className="text-xl font-bold tracking-[-0.03em]">loftrin</p>
                <p className="mt-1 mb-8 text-ink-2">The year, drawn to scale, down to this afternoon.</p>
                <h1 className="mb-4 text-lg">Sign in</h1>
                {isEmpty && (
                    <p className="mb-4 text-sm text-ink-2">
                        Nobody is here yet. Add the first person with <code className="font-mono text-xs">php artisan people:add</code>, or
                        fill the workspace with <code className="font-mono text-xs">php artisan demo:load</code>.
                    </p>
                )}
                <form onSubmit={signIn} className="space-y-4">
                    <TextField label="Mail address" type="email" autoComplete="username" required {...bind(form, 'email')} />
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
            </div>
        </div>
    );
}

SignIn.layout = (page: React.ReactNode) => <main>{page}</main>;
