import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { Cord, toneOf } from '../signs/Cord';
import type { GoalRow, GoalView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** How many goals beneath are shown before the rest folds. */
const SHOWN = 7;

/** The thread as a ladder: what it hangs on above, what hangs on it below in order of time. On a phone that is folded. */
export function Ladder({ page }: { page: GoalView }) {
    const [isAll, setAll] = useState(false);
    const [isUnfolded, setUnfolded] = useState(false);
    const shown = new Set(isAll ? page.beneath : first(page.beneath));

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
                {page.beneath
                    .filter((goal) => shown.has(goal))
                    .map((goal) => (
                        <Rung key={goal.id} goal={goal} className={isUnfolded ? '' : 'max-md:hidden'} />
                    ))}
            </ol>
            {page.beneath.length > 0 && !isUnfolded && (
                <Button
                    kind="quiet"
                    className="md:hidden"
                    onClick={() => {
                        setUnfolded(true);
                    }}
                >
                    {page.beneath.length === 1 ? '1 goal below' : `${String(page.beneath.length)} goals below`}
                </Button>
            )}
            {page.beneath.length > shown.size && (
                <Button
                    kind="quiet"
                    className={clsx(!isUnfolded && 'max-md:hidden')}
                    onClick={() => {
                        setAll(true);
                    }}
                >
                    Show {page.beneath.length - shown.size} more
                </Button>
            )}
        </nav>
    );
}

/** Those that are open and, of the closed ones, the latest: as many as fit. */
function first(beneath: GoalRow[]): GoalRow[] {
    const open = beneath.filter((goal) => !goal.isClosed);
    const closed = beneath.filter((goal) => goal.isClosed).reverse();

    return [...open, ...closed].slice(0, SHOWN);
}

function Rung({ goal, isHere = false, className }: { goal: GoalRow; isHere?: boolean; className?: string }) {
    return (
        <li className={clsx('relative pb-4 pl-4', className)}>
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
