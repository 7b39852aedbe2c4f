import { clsx } from 'clsx';
import type { GoalHours as Hours, GoalRow } from '../../generated/props';
import { hoursWords } from '../../lib/dates';

interface Props {
    goal: GoalRow;
    hours: Hours[];
    /** What a week that is over planned is no question any more. */
    isOver: boolean;
}

/** The hours that a week plans for a goal. A firm one for which nothing is planned says so. */
export function GoalHours({ goal, hours, isOver }: Props) {
    const { planned, done } = hours.find((each) => each.goal === goal.id) ?? { planned: 0, done: 0 };
    const isMissing = planned === 0 && goal.isFirm && !isOver && !goal.isClosed;

    return (
        <p className={clsx('mt-0.5 text-xs', isMissing ? 'font-semibold text-persimmon' : 'text-ink-2')}>
            {planned === 0 ? 'no hours planned' : `${hoursWords(planned)} planned${done > 0 ? `, ${hoursWords(done)} done` : ''}`}
        </p>
    );
}
