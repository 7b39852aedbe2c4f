import type { SubmitEvent } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextArea } from '../../ui/Field';

/** Closes a project as done, and asks what was learned. */
export function CloseProject({ id, learned }: { id: number; learned: string | null }) {
    const form = useForm(`closing of project ${String(id)}`, { learned: learned ?? '' });

    const send = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('projects.close', id), {
            onSuccess: () => {
                close();
            },
        });
    };

    return (
        <DialogButton words="Close the project" kind="main" title="What did we learn?" hint="Kept with the project. Optional.">
            {(close) => (
                <form onSubmit={send(close)} className="space-y-4">
                    <TextArea label="Learned" isLabelHidden rows={4} maxLength={5000} autoFocus {...bind(form, 'learned')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Close project
                    </Button>
                </form>
            )}
        </DialogButton>
    );
}
