import { useForm } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextArea } from '../../ui/Field';

/** Closes a project as done, and asks what was learned. */
export function CloseProject({ id, learned }: { id: number; learned: string | null }) {
    const [isOpen, setOpen] = useState(false);
    const form = useForm({ learned: learned ?? '' });

    const close = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('projects.close', id), {
            preserveScroll: true,
            onSuccess: () => {
                setOpen(false);
            },
        });
    };

    return (
        <>
            <Button
                kind="main"
                onClick={() => {
                    setOpen(true);
                }}
            >
                Close the project
            </Button>
            <Dialog
                isOpen={isOpen}
                onOpenChange={setOpen}
                title="What did we learn?"
                hint="It stays with the project. It can be left empty."
            >
                <form onSubmit={close} className="space-y-4">
                    <TextArea label="Learned" isLabelHidden rows={4} maxLength={5000} autoFocus {...bind(form, 'learned')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Close it
                    </Button>
                </form>
            </Dialog>
        </>
    );
}
