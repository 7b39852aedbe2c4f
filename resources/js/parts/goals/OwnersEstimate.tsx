import type { SubmitEvent } from 'react';
import { useForm } from '../../lib/kept/useForm';
import type { EstimateView } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextField } from '../../ui/Field';

/** What the owner says the chance is, and how good such estimates were. */
export function OwnersEstimate({ goal, estimate, isOpen }: { goal: number; estimate: EstimateView; isOpen: boolean }) {
    return (
        <>
            <div className="flex items-baseline justify-between py-1">
                <span>
                    {estimate.who}
                    {estimate.on !== null && `, ${dayWords(estimate.on)}`}
                </span>
                <span className="font-mono text-md">{estimate.chance === null ? 'no estimate yet' : `${String(estimate.chance)}%`}</span>
            </div>
            {estimate.line !== null && <p className="text-xs text-ink-2">{estimate.line}</p>}
            {isOpen && estimate.isMine && <SayChance goal={goal} chance={estimate.chance} />}
        </>
    );
}

/** Says how likely one's own goal is, and why. */
export function SayChance({ goal, chance }: { goal: number; chance: number | null }) {
    const form = useForm(`estimate of goal ${String(goal)}`, { chance: chance === null ? '' : String(chance), line: '' });

    const say = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('estimates.store', goal), {
            onSuccess: () => {
                close();
                form.reset('line');
            },
        });
    };

    return (
        <DialogButton
            words="Update estimate"
            className="my-1"
            title="How likely is it to finish on time?"
            hint="Once the goal is closed, this counts towards how accurate your estimates are."
        >
            {(close) => (
                <form onSubmit={say(close)} className="space-y-4">
                    <TextField label="Chance in per cent" inputMode="numeric" autoFocus {...bind(form, 'chance')} />
                    <TextField label="Why" maxLength={500} {...bind(form, 'line')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Save
                    </Button>
                </form>
            )}
        </DialogButton>
    );
}
