import { Row } from './DayRow';
import { doneOf } from '../goals/MainEffortLine';
import { Seen } from '../goals/AssumptionLine';
import type { GoalParts } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** What carries the goals, with what the week gave it; assumptions whose test is due; what is left undone to make room. */
export function InSight({ parts }: { parts: GoalParts[] }) {
    const efforts = parts.flatMap((each) => each.efforts);
    const due = parts.flatMap((each) =>
        each.assumptions.filter((assumption) => assumption.isDue).map((assumption) => ({ assumption, mayChange: each.mayChange })),
    );
    const tradeOffs = parts.flatMap((each) => each.tradeOffs);

    return (
        <>
            {efforts.length > 0 && (
                <Row label={<h2 className="text-base">Main efforts</h2>} hint="done this week">
                    <ul className="grid grid-cols-2 gap-x-8 py-1 max-md:grid-cols-1">
                        {efforts.map((effort) => (
                            <li key={effort.id} className="flex items-baseline justify-between gap-3 border-b border-hairline py-1">
                                <span className="min-w-0">{effort.title}</span>
                                <span
                                    className="font-mono text-xs whitespace-nowrap text-ink-2"
                                    title={effort.share === null ? undefined : `${String(effort.share)}% of the work done this week`}
                                >
                                    {doneOf(effort)}
                                </span>
                            </li>
                        ))}
                    </ul>
                </Row>
            )}
            {(due.length > 0 || tradeOffs.length > 0) && (
                <Row label={<h2 className="text-base">In sight</h2>} hint="this quarter">
                    <ul className="py-1">
                        {due.map(({ assumption, mayChange }) => (
                            <li key={assumption.id} className="border-b border-hairline py-1">
                                <span className="text-ink-2">assumption, to test by {dayWords(assumption.testOn)}:</span> {assumption.title}
                                <Seen assumption={assumption} mayChange={mayChange} />
                            </li>
                        ))}
                        {tradeOffs.length > 0 && (
                            <li className="py-1">
                                <span className="text-ink-2">trade-offs:</span> {tradeOffs.map((each) => each.title).join('; ')}
                            </li>
                        )}
                    </ul>
                </Row>
            )}
        </>
    );
}
