import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { Cord } from './Cord';
import { GaugeLine } from './Gauge';
import type { GoalRow } from '../../generated/props';
import { route } from '../../lib/routes';

/** A goal with its gauge under it. A double rule above says that it is firm. */
export function GoalBlock({ goal, children }: { goal: GoalRow; children?: ReactNode }) {
    return (
        <li className={clsx('py-3', goal.isFirm ? 'double-rule' : 'border-t border-rule')}>
            <div className="flex items-start justify-between gap-3">
                <Link href={route('goals.show', goal.id)} title={goal.title} className="two-lines font-semibold hover:underline">
                    {goal.title}
                </Link>
                <Cord cord={goal.cord} />
            </div>
            <p className="mb-1.5 text-xs text-ink-2">
                {goal.isFirm && <span className="sr-only">Firm. </span>}
                {goal.for === null ? 'not linked to a goal' : `for ${goal.for}`}
            </p>
            <GaugeLine gauge={goal.gauge} />
            {children}
        </li>
    );
}
