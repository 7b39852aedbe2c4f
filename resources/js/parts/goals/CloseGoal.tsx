import type { SubmitEvent } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { nothingChosen } from './closing';
import { ClosingFields } from './ClosingFields';
import { EffectOnFigures } from './EffectOnFigures';
import type { ClosingOffer, GoalView } from '../../generated/props';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';

export function CloseGoal({ page, offer }: { page: GoalView; offer: ClosingOffer }) {
    const form = useForm(`closing of goal ${String(page.goal.id)}`, nothingChosen);

    const send = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('goals.close', page.goal.id), {
            onSuccess: () => {
                close();
            },
        });
    };

    return (
        <DialogButton
            words="Close"
            kind={page.ready === null ? 'plain' : 'main'}
            title="Close this goal"
            hint="As of today. Choose a result, then what happens to what is still open. Reopening takes all of it back."
            size="l"
        >
            {(close) => (
                <form onSubmit={send(close)} className="space-y-4">
                    <ClosingFields
                        title={page.goal.title}
                        offer={offer}
                        values={form.data}
                        errors={form.errors}
                        set={(change) => {
                            form.setData(change);
                        }}
                    />
                    {form.data.result !== '' && <EffectOnFigures url={route('goals.close-preview', page.goal.id)} data={form.data} />}
                    <Button kind="main" type="submit" disabled={form.processing || form.data.result === ''}>
                        Close goal
                    </Button>
                </form>
            )}
        </DialogButton>
    );
}
