import { Seen } from '../goals/AssumptionLine';
import { Section } from '../signs/Section';
import type { GoalParts, MainEffortRow } from '../../generated/props';
import { dayWords, hoursWords } from '../../lib/dates';

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
                <Section title="Main efforts" aside="hours this week" className="mt-5">
                    <ul>
                        {efforts.map((effort) => (
                            <Effort key={effort.id} effort={effort} />
                        ))}
                    </ul>
                </Section>
            )}
            {due.length > 0 && (
                <Section title="Assumptions to test" className="mt-5">
                    <ul>
                        {due.map(({ assumption, mayChange }) => (
                            <li key={assumption.id} className="py-1">
                                {assumption.title} <span className="text-xs text-ink-2">by {dayWords(assumption.testOn)}</span>
                                <Seen assumption={assumption} mayChange={mayChange} />
                            </li>
                        ))}
                    </ul>
                </Section>
            )}
            {tradeOffs.length > 0 && (
                <Section title="Trade-offs" className="mt-5">
                    <p className="text-ink-2">{tradeOffs.map((each) => `${each.title}.`).join(' ')}</p>
                </Section>
            )}
        </>
    );
}

/** What the week gave it against the hours meant for it, as a bar of its own length. */
function Effort({ effort }: { effort: MainEffortRow }) {
    const minutes = effort.minutes ?? 0;
    const meant = Number(effort.hours ?? 0) * 60;
    const words = minutes === 0 ? 'none' : hoursWords(minutes);

    return (
        <li className="py-1" title={effort.share === null ? undefined : `${String(effort.share)}% of the work done this week`}>
            <span className="flex items-baseline justify-between gap-3">
                <span className="min-w-0">{effort.title}</span>
                <span className="flex-none font-mono text-xs text-ink-2">
                    {words}
                    {meant > 0 && ` of ${hoursWords(meant)}`}
                </span>
            </span>
            {meant > 0 && (
                <span aria-hidden className="relative mt-0.5 block h-1 border border-dashed border-rule">
                    <span
                        className="absolute -inset-y-px left-0 bg-ink"
                        style={{ width: `${String(Math.min(1, minutes / meant) * 100)}%` }}
                    />
                </span>
            )}
        </li>
    );
}
