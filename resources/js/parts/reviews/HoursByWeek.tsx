import { Link } from '@inertiajs/react';
import type { PeriodFacts } from '../../generated/props';
import { hoursWords, plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';

/** How high the tallest week stands, in px. */
const HEIGHT = 56;

/** The hours of each week to scale, what led to goals solid; a week opens its review. */
export function HoursByWeek({ facts }: { facts: PeriodFacts }) {
    const most = Math.max(1, ...facts.weeks.map((week) => week.minutes));

    return (
        <section className="mt-5">
            <h2 className="flex flex-wrap items-baseline justify-between gap-x-4 text-base">
                Where the hours went
                <span className="text-xs font-normal text-ink-2">
                    {facts.minutes === 0
                        ? 'Nothing was completed.'
                        : [
                              hoursWords(facts.minutes),
                              facts.alignment !== null && `, ${String(facts.alignment)}% for goals (solid)`,
                              facts.before !== null && `, before ${String(facts.before)}%`,
                              '.',
                          ]}{' '}
                    {facts.reviewed} of {count(facts.of, 'week')} reviewed
                </span>
            </h2>
            <ol className="mt-2 flex items-end gap-1 border-b border-ink">
                {facts.weeks.map((week) => (
                    <li key={week.week} className="min-w-0 flex-1">
                        <Link
                            href={route('reviews.show', week.week)}
                            title={`${plannedWords(week.week)}: ${hoursWords(week.minutes)}, ${hoursWords(week.threaded)} for goals`}
                            className="flex flex-col justify-end border border-b-0 border-rule hover:border-ink"
                            style={{ height: `${String(Math.round((HEIGHT * week.minutes) / most))}px` }}
                        >
                            <span className="sr-only">
                                {plannedWords(week.week)}: {hoursWords(week.minutes)}, {hoursWords(week.threaded)} for goals
                            </span>
                            <span
                                aria-hidden
                                className="block bg-ink"
                                style={{ height: `${String(Math.round((HEIGHT * week.threaded) / most))}px` }}
                            />
                        </Link>
                    </li>
                ))}
            </ol>
            <ol aria-hidden className="flex gap-1 font-mono text-xs text-ink-2">
                {facts.weeks.map((week, place) => (
                    <li key={week.week} className="min-w-0 flex-1 overflow-hidden text-center">
                        {facts.weeks.length <= 14 || place % 4 === 0 ? Number(week.week.slice(6)) : ''}
                    </li>
                ))}
            </ol>
        </section>
    );
}
