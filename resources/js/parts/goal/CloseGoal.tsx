import { useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { ClosingFields, nothingSaid } from './ClosingFields';
import type { GoalView } from '../../generated/props';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';

export function CloseGoal({ page }: { page: GoalView }) {
    const form = useForm({ ...nothingSaid, result: page.ready === 'done' ? 'met' : '' });

    const send = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('goals.close', page.goal.id), {
            preserveScroll: true,
            onSuccess: () => {
                close();
            },
        });
    };

    return (
        <DialogButton
            words="Close"
            kind={page.ready === null ? 'plain' : 'main'}
            title="What became of it?"
            hint="As of today. It can be reopened."
            size="l"
        >
            {(close) => (
                <form onSubmit={send(close)} className="space-y-4">
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
            )}
        </DialogButton>
    );
}
