import { useForm } from '../../lib/kept/useForm';
import { useState } from 'react';
import { Empty, Section } from '../Section';
import type { DirectionView, LongTermGoalTag } from '../../generated/props';
import { act } from '../../lib/act';
import { fullDateWords } from '../../lib/dates';
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
    const { longTermGoals } = page.bearing;
    const close = () => {
        setOpen(null);
    };

    return (
        <Section title="Long-term goals" aside="Beyond this year, up to three.">
            {longTermGoals.length === 0 && (
                <Empty>None yet. Where should we be in three years, or in ten? Year goals can contribute to it.</Empty>
            )}
            <ul className="divide-y divide-hairline">
                {longTermGoals.map((longTermGoal) => (
                    <li key={longTermGoal.id} className="py-2">
                        <div className="flex items-baseline justify-between gap-3">
                            <span className="font-semibold">{longTermGoal.title}</span>
                            {page.mayChange && (
                                <Button
                                    kind="quiet"
                                    aria-label={`Edit ${longTermGoal.title}`}
                                    onClick={() => {
                                        setOpen(longTermGoal);
                                    }}
                                >
                                    Edit
                                </Button>
                            )}
                        </div>
                        <p className="text-xs text-ink-2">by {fullDateWords(longTermGoal.on)}</p>
                        {longTermGoal.why !== null && <p className="mt-1 whitespace-pre-line text-ink-2">{longTermGoal.why}</p>}
                    </li>
                ))}
            </ul>
            {page.mayChange && longTermGoals.length < MOST && (
                <Button
                    className="mt-2"
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
        </Section>
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
