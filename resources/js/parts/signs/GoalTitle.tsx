import { Link } from '@inertiajs/react';
import { Cord } from './Cord';
import type { GoalRow } from '../../generated/props';
import { route } from '../../lib/routes';

/** A goal by its name, with its thread before it. */
export function GoalTitle({ goal }: { goal: GoalRow }) {
    return (
        <p className="flex items-baseline gap-3">
            <Cord cord={goal.cord} />
            <Link href={route('goals.show', goal.id)} className="font-semibold hover:underline">
                {goal.title}
            </Link>
        </p>
    );
}
