import { useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { YearsAhead } from './YearsAhead';
import { Empty } from '../signs/Section';
import type { DirectionView, LongTermGoalTag } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextArea, TextField } from '../../ui/Field';
import { DateField } from '../../ui/DateField';

/** There are no more long-term goals than this. */
const MOST = 3;

/** Where we want to be beyond this year. */
export function LongTermGoals({ page }: { page: DirectionView }) {
    const [open, setOpen] = useState<LongTermGoalTag | 'new' | null>(null);
    const { longTermGoals } = page.longTerm;
    const close = () => {
        setOpen(null);
    };

    return (
        <section aria-label="Long-term goals">
            {longTermGoals.length === 0 ? (
                <Empty>No long-term goals yet. Where should we be in three years, or in ten? Year goals can contribute to one.</Empty>
            ) : (
                <YearsAhead page={page} onPress={setOpen} />
            )}
            {page.mayChange && longTermGoals.length < MOST && (
                <Button
                    kind="quiet"
                    className="-ml-3"
                    onClick={() => {
                        setOpen('new');
                    }}
                >
                    Add a long-term goal
                </Button>
            )}
            <Dialog isOpen={open !== null} onOpenChange={close} title={open === 'new' ? 'Add a long-term goal' : 'Edit long-term goal'}>
                {open !== null && <LongTermGoalForm longTermGoal={open === 'new' ? null : open} onDone={close} />}
            </Dialog>
        </section>
    );
}

function LongTermGoalForm({ longTermGoal, onDone }: { longTermGoal: LongTermGoalTag | null; onDone: () => void }) {
    const form = useForm(`long-term goal ${String(longTermGoal?.id)}`, {
        title: longTermGoal?.title ?? '',
        on: longTermGoal?.on ?? '',
        why: longTermGoal?.why ?? '',
    });

    const save = saving(form, longTermGoal?.id, route('long-term-goals.store'), (id) => route('long-term-goals.update', id), onDone);

    return (
        <form onSubmit={save} className="space-y-4">
            <TextField label="What will be true" maxLength={200} {...bind(form, 'title')} />
            <DateField label="By when" {...bind(form, 'on')} />
            <TextArea label="Why" maxLength={2000} {...bind(form, 'why')} />
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={form.processing}>
                    Save
                </Button>
                {longTermGoal !== null && (
                    <Button
                        onClick={() => {
                            act('delete', route('long-term-goals.destroy', longTermGoal.id), {}, { onDone });
                        }}
                    >
                        Delete
                    </Button>
                )}
            </div>
        </form>
    );
}
