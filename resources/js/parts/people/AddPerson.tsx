import type { SubmitEvent } from 'react';
import { RoleAndHours } from './RoleAndHours';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextField } from '../../ui/Field';

export function AddPerson() {
    const form = useForm('new person', { name: '', email: '', role: 'member', weeklyHours: '40' });

    const add = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('people.store'), {
            onSuccess: () => {
                form.reset();
                close();
            },
        });
    };

    return (
        <DialogButton words="Add a person" kind="main" title="Add a person" hint="They receive a link for choosing a password.">
            {(close) => (
                <form onSubmit={add(close)} className="space-y-4">
                    <TextField label="Name" maxLength={80} {...bind(form, 'name')} />
                    <TextField label="E-mail address" type="email" {...bind(form, 'email')} />
                    <RoleAndHours role={bind(form, 'role')} hours={bind(form, 'weeklyHours')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Add
                    </Button>
                </form>
            )}
        </DialogButton>
    );
}
