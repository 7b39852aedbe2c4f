import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useForm } from '../../lib/kept/useForm';
import { EffectOnFigures } from '../goals/EffectOnFigures';
import { AddLine } from '../fields/AddLine';
import { Cord } from '../signs/Cord';
import { YearGoals } from '../direction/YearGoals';
import { Section } from '../signs/Section';
import type { PlannedGoal, PlanningView } from '../../generated/props';
import { addingLines } from '../../lib/forms';
import { route } from '../../lib/routes';
import { SelectField } from '../../ui/Select';

/** What should be true by the end, under each goal above: a title is enough, the rest when wanted. */
export function GoalsStep({ page }: { page: PlanningView }) {
    if (page.direction !== null) {
        return (
            <div className="space-y-7">
                <YearGoals page={page.direction} />
                <Section title="Add a goal">
                    <NewGoal page={page} parent={null} words="A goal of the year" />
                </Section>
            </div>
        );
    }

    return (
        <div className="space-y-6">
            {page.above.map(({ goal, goals }) => (
                <Section
                    key={goal.id}
                    title={<Above title={goal.title} cord={goal.cord} />}
                    aside={[goal.gauge.terms, goal.gauge.standing].filter((words) => words !== '').join(', ')}
                >
                    <GoalList goals={goals} />
                    <NewGoal page={page} parent={goal.id} words={`A goal for “${goal.title}”`} />
                </Section>
            ))}
            <Section
                title={page.above.length === 0 ? 'Goals' : 'Not linked to a goal'}
                aside="Needed, without contributing to a goal above."
            >
                <GoalList goals={page.alone} />
                <NewGoal page={page} parent={null} words="A goal not linked to another" />
            </Section>
        </div>
    );
}

function Above({ title, cord }: { title: string; cord: PlannedGoal['goal']['cord'] }) {
    return (
        <span className="flex items-baseline gap-3">
            <Cord cord={cord} /> {title}
        </span>
    );
}

function GoalList({ goals }: { goals: PlannedGoal[] }) {
    return (
        <ul className="divide-y divide-hairline">
            {goals.map(({ goal, mayChange }) => (
                <li key={goal.id} className="group/goal flex flex-wrap items-baseline gap-x-4 py-1.5">
                    <Link href={route('goals.show', goal.id)} className="font-semibold hover:underline">
                        {goal.title}
                    </Link>
                    <span className="text-xs text-ink-2">{goal.owner.name}</span>
                    <span className="text-xs text-ink-2">{goal.gauge.terms}</span>
                    {mayChange && (
                        <Link
                            href={route('goals.edit', goal.id)}
                            className={clsx(
                                'link ml-auto text-xs opacity-0 group-hover/goal:opacity-100',
                                'focus:opacity-100 pointer-coarse:opacity-100',
                            )}
                        >
                            measure, owner and more<span className="sr-only"> of {goal.title}</span>
                        </Link>
                    )}
                </li>
            ))}
        </ul>
    );
}

function NewGoal({ page, parent, words }: { page: PlanningView; parent: number | null; words: string }) {
    const form = useForm(`new goal in ${page.stretch.name} under ${String(parent)}`, {
        title: '',
        period: page.stretch.periods[0]?.name ?? '',
    });
    const error = Object.values(form.errors)[0];

    return (
        <>
            <AddLine
                words={words}
                maxLength={200}
                {...addingLines(form, 'title', route('goals.store'), {
                    as: (data) => ({ ...data, parent, measure: 'work', stay: true }),
                    frees: ['title'],
                })}
                error={error}
            >
                {page.stretch.periods.length > 1 && (
                    <SelectField
                        label="Week"
                        className="w-32"
                        value={form.data.period}
                        onChange={(value) => {
                            form.setData('period', value);
                        }}
                        options={page.stretch.periods.map((period) => ({ value: period.name, label: period.words }))}
                    />
                )}
            </AddLine>
            {parent !== null && form.data.title.trim() !== '' && (
                <EffectOnFigures url={route('goals.preview-new')} data={{ ...form.data, parent, measure: 'work' }} />
            )}
        </>
    );
}
