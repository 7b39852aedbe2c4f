import { useForm } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
import { ClosingFields, nothingSaid } from './ClosingFields';
import type { GoalView } from '../../generated/props';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';

export function CloseGoal({ page }: { page: GoalView }) {
    const [isOpen, setOpen] = useState(false);
    const form = useForm({ ...nothingSaid, result: page.ready === 'done' ? 'met' : '' });

    const close = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('goals.close', page.goal.id), {
            preserveScroll: true,
            onSuccess: () => {
                setOpen(false);
            },
        });
    };

    return (
        <>
            <Button
                kind={page.ready === null ? 'plain' : 'main'}
                onClick={() => {
                    setOpen(true);
                }}
            >
                Close
            </Button>
            <Dialog isOpen={isOpen} onOpenChange={setOpen} title="What became of it?" hint="As of today. It can be reopened." size="l">
                <form onSubmit={close} className="space-y-4">
                    <ClosingFields
                        title={page.goal.title}
                        values={form.data}
                        errors={form.errors}
                        next={page.next}
                        set={(change) => {
                            form.setData({ ...form.data, ...change });
                        }}
                    />
                    <Button kind="main" type="submit" disabled={form.processing || form.data.result === ''}>
                        Close it
                    </Button>
                </form>
            </Dialog>
        </>
    );
}
