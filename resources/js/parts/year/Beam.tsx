import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { goalAddress } from './address';
import { useYear } from './Drawing';
import { Cord } from '../signs/Cord';
import { Gauge, Standing } from '../signs/Gauge';
import type { GoalRow } from '../../generated/props';
import { first } from '../../lib/words';

interface Props {
    goal: GoalRow;
    size?: 's' | 'l';
}

/** A goal as a beam that spans its period, with its name above. The arrows lead to it, the Tab key does not. */
export function Beam({ goal, size = 's' }: Props) {
    const sheet = useYear();
    const { gauge } = goal;
    const terms = size === 'l' && gauge.terms !== '' ? gauge.terms : null;

    return (
        <div data-goal={goal.id} data-why={gauge.why}>
            <div className={clsx('relative z-1 flex items-baseline gap-2 text-xs', size === 'l' && 'mb-0.5')}>
                <Cord cord={goal.cord} />
                <Link
                    href={goalAddress(sheet, goal.id)}
                    data-cell=""
                    title={`${goal.title}: ${gauge.spoken}`}
                    className={clsx('min-w-0 flex-1 truncate font-medium hover:underline', size === 'l' && 'text-sm font-semibold')}
                >
                    <span className="bg-sheet">{goal.title}</span>
                </Link>
                <span className="flex-none bg-sheet pl-1">
                    {goal.isFirst && !goal.isClosed && <span className="mr-1.5 text-ink-2">priority,</span>}
                    {terms !== null && <span className="mr-1 text-ink-2">{terms},</span>}
                    <Standing gauge={gauge} />
                    {size === 'l' ? (
                        <span className="text-ink-2"> · {first(goal.owner.name)}</span>
                    ) : (
                        <span className="hidden pl-1 font-mono text-ink-2 print:inline">{goal.owner.initials}</span>
                    )}
                </span>
            </div>
            {gauge.progress === null || gauge.dueOn !== null ? (
                <span className={clsx('block border-b border-dashed border-rule', size === 'l' ? 'h-2.5' : 'h-1.5')} />
            ) : (
                <Gauge gauge={gauge} size={size} isTabStop={false} />
            )}
        </div>
    );
}
