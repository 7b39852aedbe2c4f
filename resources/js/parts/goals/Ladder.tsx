import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Cord, toneOf } from '../Cord';
import type { GoalRow, GoalView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** How many goals beneath are shown before the rest folds. */
const SHOWN = 7;

/** The thread as a ladder: what it hangs on above, what hangs on it below. */
export function Ladder({ page }: { page: GoalView }) {
    const open = page.beneath.filter((goal) => !goal.isClosed);
    const beneath = [...open, ...page.beneath.filter((goal) => goal.isClosed)];

    return (
        <nav aria-label="Thread">
            <ol className={clsx('border-l-3 border-current', toneOf(page.goal.cord))}>
                {page.longTermGoal !== null && (
                    <li className="relative pb-4 pl-4">
                        <span aria-hidden className="absolute top-2 -left-[7px] h-[3px] w-[11px] bg-current" />
                        <span className="text-xs text-ink-2">Long-term goal {page.longTermGoal.on.slice(0, 4)}</span>
                        <Link href={route('direction')} className="two-lines text-ink hover:underline" title={page.longTermGoal.title}>
                            {page.longTermGoal.title}
                        </Link>
                    </li>
                )}
                {page.above.map((goal) => (
                    <Rung key={goal.id} goal={goal} />
                ))}
                <Rung goal={page.goal} isHere />
                {beneath.slice(0, SHOWN).map((goal) => (
                    <Rung key={goal.id} goal={goal} />
                ))}
            </ol>
            {beneath.length > SHOWN && <p className="mt-1 pl-4 text-xs text-ink-2">and {beneath.length - SHOWN} more below</p>}
        </nav>
    );
}

function Rung({ goal, isHere = false }: { goal: GoalRow; isHere?: boolean }) {
    return (
        <li className="relative pb-4 pl-4">
            <span aria-hidden className={clsx('absolute top-2 -left-[7px] w-[11px] bg-current', isHere ? 'h-[7px]' : 'h-[3px]')} />
            <div className="flex justify-between gap-2 text-ink">
                <span className="text-xs text-ink-2">
                    {plannedWords(goal.period)}
                    {isHere && ', this goal'}
                </span>
                {goal.horizon === 'year' && <Cord cord={goal.cord} />}
            </div>
            {isHere ? (
                <span className="font-semibold text-ink">{goal.title}</span>
            ) : (
                <Link href={route('goals.show', goal.id)} className="two-lines text-ink hover:underline" title={goal.title}>
                    {goal.title}
                </Link>
            )}
            {!isHere && (
                <div className="text-xs text-ink-2">
                    {goal.gauge.terms}
                    {goal.gauge.terms !== '' && goal.gauge.standing !== goal.gauge.terms && ', '}
                    {goal.gauge.standing !== goal.gauge.terms && goal.gauge.standing}
                </div>
            )}
        </li>
    );
}
