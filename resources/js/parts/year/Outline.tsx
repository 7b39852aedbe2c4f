import { count } from '../../lib/words';
import { Beam } from './Beam';
import type { GoalRow, YearView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';

/** The same content as the drawing, as nested lists: each goal with what hangs on it. */
export function Outline({ sheet }: { sheet: YearView }) {
    const goals = sheet.floors.flatMap((floor) => floor.columns.flatMap((column) => column.goals));
    const known = new Set(goals.map((goal) => goal.id));
    const tops = goals.filter((goal) => goal.parent === null || !known.has(goal.parent));

    return (
        <ul className="mx-auto max-w-3xl divide-y divide-rule pb-8" aria-label="Outline">
            {tops.map((goal) => (
                <Branch key={goal.id} goal={goal} goals={goals} />
            ))}
        </ul>
    );
}

function Branch({ goal, goals }: { goal: GoalRow; goals: GoalRow[] }) {
    const beneath = goals.filter((each) => each.parent === goal.id);
    const longer = beneath.filter((each) => each.horizon !== 'week');
    const weeks = beneath.filter((each) => each.horizon === 'week');

    return (
        <li className="py-3">
            <p className="text-xs text-ink-2">
                {plannedWords(goal.period)}
                {goal.isFirm && ', firm'}
            </p>
            <Beam goal={goal} size={goal.horizon === 'year' ? 'l' : 's'} isInDrawing={false} />
            {longer.length > 0 && (
                <ul className="mt-1 border-l border-hairline pl-4">
                    {longer.map((each) => (
                        <Branch key={each.id} goal={each} goals={goals} />
                    ))}
                </ul>
            )}
            {weeks.length > 0 && (
                <details className="mt-2 border-l border-hairline pl-4" open={weeks.some((each) => !each.isClosed)}>
                    <summary className="min-h-6 cursor-pointer text-xs text-ink-2">{count(weeks.length, 'week goal')}</summary>
                    <ul>
                        {weeks.map((each) => (
                            <Branch key={each.id} goal={each} goals={goals} />
                        ))}
                    </ul>
                </details>
            )}
        </li>
    );
}
