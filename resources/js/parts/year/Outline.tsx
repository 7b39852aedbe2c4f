import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { goalAddress } from './address';
import { useYear } from './Drawing';
import { Cord } from '../signs/Cord';
import { Gauge, Standing } from '../signs/Gauge';
import type { GoalRow, YearView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { count, first } from '../../lib/words';

/** The same content as the drawing, thread by thread: what is open below each goal, and what is settled in a line that opens. */
export function Outline({ sheet }: { sheet: YearView }) {
    const goals = sheet.floors.flatMap((floor) => floor.columns.flatMap((column) => column.goals));
    const known = new Set(goals.map((goal) => goal.id));
    const tops = goals.filter((goal) => goal.parent === null || !known.has(goal.parent));

    return (
        <ul className="mx-auto max-w-3xl pb-8" aria-label="Outline">
            {tops.map((goal) => (
                <li data-line key={goal.id} className="mt-4 border-t-2 border-ink pt-2">
                    <Line goal={goal} isTop />
                    <Beneath goal={goal} goals={goals} />
                </li>
            ))}
        </ul>
    );
}

function Beneath({ goal, goals }: { goal: GoalRow; goals: GoalRow[] }) {
    const beneath = goals.filter((each) => each.parent === goal.id);
    const longer = beneath.filter((each) => each.horizon !== 'week');
    const closed = longer.filter((each) => each.isClosed);
    const weeks = beneath.filter((each) => each.horizon === 'week');

    if (beneath.length === 0) {
        return null;
    }

    return (
        <div className="mt-1 border-l border-rule pl-4">
            <Branches of={longer.filter((each) => !each.isClosed)} goals={goals} />
            <Folded words={`${String(closed.length)} closed: ${results(closed)}`} of={closed} goals={goals} />
            <Folded words={`${count(weeks.length, 'week goal')}: ${results(weeks)}`} of={weeks} goals={goals} />
        </div>
    );
}

function Branches({ of, goals }: { of: GoalRow[]; goals: GoalRow[] }) {
    return (
        <ul>
            {of.map((goal) => (
                <li data-line key={goal.id} className="py-2">
                    <Line goal={goal} />
                    <Beneath goal={goal} goals={goals} />
                </li>
            ))}
        </ul>
    );
}

function Folded({ words, of, goals }: { words: string; of: GoalRow[]; goals: GoalRow[] }) {
    return of.length === 0 ? null : (
        <details>
            <summary className="min-h-8 cursor-pointer py-1.5 text-xs text-ink-2">{words}</summary>
            <Branches of={of} goals={goals} />
        </details>
    );
}

function Line({ goal, isTop = false }: { goal: GoalRow; isTop?: boolean }) {
    const sheet = useYear();
    const { gauge } = goal;
    const facts = [
        plannedWords(goal.period),
        goal.isFirm && 'firm',
        goal.isFirst && !goal.isClosed && 'priority',
        gauge.terms,
        first(goal.owner.name),
    ];

    return (
        <div data-goal={goal.id} data-why={gauge.why}>
            <p className="flex items-baseline justify-between gap-3">
                <span className="flex min-w-0 items-baseline gap-2">
                    {isTop && <Cord cord={goal.cord} />}
                    <Link
                        href={goalAddress(sheet, goal.id)}
                        className={clsx('two-lines hover:underline', isTop ? 'text-md font-semibold' : 'font-medium')}
                        title={goal.title}
                    >
                        {goal.title}
                    </Link>
                </span>
                <span className="flex-none text-xs">
                    <Standing gauge={gauge} />
                </span>
            </p>
            <p className="text-xs text-ink-2">{facts.filter(Boolean).join(' · ')}</p>
            {gauge.progress !== null && gauge.dueOn === null && !goal.isClosed && (
                <div className="mt-1">
                    <Gauge gauge={gauge} size={isTop ? 'l' : 's'} />
                </div>
            )}
        </div>
    );
}

/** What became of goals, in words: "2 met, 1 not met, 1 open". */
function results(goals: GoalRow[]): string {
    const by = new Map<string, number>();

    for (const goal of goals) {
        const words = goal.isClosed ? goal.gauge.standing : 'open';
        by.set(words, (by.get(words) ?? 0) + 1);
    }

    return [...by].map(([words, number]) => `${String(number)} ${words}`).join(', ');
}
