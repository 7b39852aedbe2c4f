import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Cord } from '../Cord';
import { Gauge, Standing } from '../Gauge';
import type { GoalRow } from '../../generated/props';
import { route } from '../../lib/routes';

/** A goal as a beam that spans its period, with its name above. */
export function Beam({ goal, size = 's' }: { goal: GoalRow; size?: 's' | 'l' }) {
    const { gauge } = goal;
    const terms = size === 'l' && gauge.terms !== '' ? gauge.terms : null;

    return (
        <Link href={route('goals.show', goal.id)} className="group block" title={`${goal.title}: ${gauge.spoken}`}>
            <span className={clsx('flex items-baseline gap-2 text-xs', size === 'l' && 'mb-0.5')}>
                <Cord cord={goal.cord} />
                <span
                    className={clsx('min-w-0 flex-1 truncate font-medium group-hover:underline', size === 'l' && 'text-sm font-semibold')}
                >
                    {goal.title}
                </span>
                <span className="flex-none bg-sheet pl-1">
                    {terms !== null && <span className="mr-1 text-ink-2">{terms},</span>}
                    <Standing gauge={gauge} />
                    {size === 'l' && <span className="text-ink-2"> · {goal.owner.name.split(' ')[0]}</span>}
                </span>
            </span>
            {gauge.progress === null || gauge.dueOn !== null ? (
                <span className={clsx('block border-b border-dashed border-rule', size === 'l' ? 'h-2.5' : 'h-1.5')} />
            ) : (
                <Gauge gauge={gauge} size={size} />
            )}
        </Link>
    );
}
