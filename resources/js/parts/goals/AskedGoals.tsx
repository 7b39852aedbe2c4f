import { Link } from '@inertiajs/react';
import { Section } from '../signs/Section';
import type { AskedGoal } from '../../generated/props';
import { dateWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** Asks once a week how likely one’s own goals are, a line each; what was said takes the line away. */
export function AskedGoals({ goals, className }: { goals: AskedGoal[]; className?: string }) {
    return goals.length === 0 ? null : (
        <Section title="Will they be done in time?" aside="asked once a week" {...(className !== undefined && { className })}>
            <ul className="divide-y divide-hairline">
                {goals.map((goal) => (
                    <Ask key={goal.id} goal={goal} />
                ))}
            </ul>
        </Section>
    );
}

function Ask({ goal }: { goal: AskedGoal }) {
    const form = useForm(`estimate of goal ${String(goal.id)}`, { chance: goal.chance === null ? '' : String(goal.chance), line: '' });

    return (
        <li className="py-2">
            <Link href={route('goals.show', goal.id)} className="hover:underline">
                {goal.title}
            </Link>
            {goal.on !== null && (
                <span className="ml-2 text-xs text-ink-2">
                    {goal.chance}% on {dateWords(goal.on)}
                </span>
            )}
            <form
                className="mt-1 grid grid-cols-[64px_1fr_auto] items-start gap-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(route('estimates.store', goal.id));
                }}
            >
                <TextField
                    label={`Chance of “${goal.title}” in per cent`}
                    isLabelHidden
                    placeholder="%"
                    inputMode="numeric"
                    {...bind(form, 'chance')}
                />
                <TextField label={`Why “${goal.title}”`} isLabelHidden placeholder="why" maxLength={500} {...bind(form, 'line')} />
                <Button type="submit" disabled={form.processing || form.data.chance.trim() === ''}>
                    Save
                </Button>
            </form>
        </li>
    );
}
