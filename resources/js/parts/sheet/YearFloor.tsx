import { Beam } from './Beam';
import { Floor } from './Floor';
import type { GoalRow } from '../../generated/props';

export function YearFloor({ goals, slackest }: { goals: GoalRow[]; slackest: GoalRow | null }) {
    const count = goals.length === 1 ? 'One goal.' : `${String(goals.length)} goals.`;
    const words = slackest === null ? `${count} No thread hangs slack.` : `${count} ${slackest.title} hangs slack.`;

    return (
        <Floor title="Year" aside={words} isTop>
            <ul className="space-y-2 pt-0.5 pb-4">
                {goals.map((goal) => (
                    <li key={goal.id}>
                        <Beam goal={goal} size="l" />
                    </li>
                ))}
            </ul>
        </Floor>
    );
}
