import { Link } from '@inertiajs/react';
import { goalAddress } from './address';
import { useYear } from './Drawing';
import { Cord } from '../signs/Cord';
import { Gauge, Standing } from '../signs/Gauge';
import type { GoalRow } from '../../generated/props';

/** A goal where there is little width: its name in lines of its own. */
export function Slip({ goal }: { goal: GoalRow }) {
    const sheet = useYear();
    const { gauge } = goal;

    return (
        <div data-goal={goal.id} data-why={gauge.why} className="relative z-1 bg-sheet text-xs">
            <Cord cord={goal.cord} />
            <Link
                href={goalAddress(sheet, goal.id)}
                data-cell=""
                title={`${goal.title}: ${gauge.spoken}`}
                className="two-lines mb-1 font-medium hover:underline"
            >
                {goal.isFirm && <span className="sr-only">Firm: </span>}
                {goal.title}
            </Link>
            {gauge.progress !== null && gauge.dueOn === null && <Gauge gauge={gauge} size="s" isTabStop={false} />}
            <Standing gauge={gauge} />
        </div>
    );
}
