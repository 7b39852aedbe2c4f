import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { Empty } from '../signs/Section';
import type { LogView } from '../../generated/props';
import { addDays, daysBetween, dayWords, weekdayNumber } from '../../lib/dates';
import { route } from '../../lib/routes';

/** A month as a table: habits and scores down, days across. */
export function MonthOfDays({ page }: { page: LogView }) {
    const { month } = page;
    const days = Array.from({ length: daysBetween(month.first, month.last) + 1 }, (_, day) => addDays(month.first, day));

    if (page.habits.length === 0 && page.scores.length === 0) {
        return <Empty>Habits and answers from 1 to 5 stand here, day by day.</Empty>;
    }

    return (
        <div className="relative mt-4 overflow-x-auto">
            <table className="w-full border-collapse text-xs">
                <thead>
                    <tr className="text-ink-2">
                        <th className="sr-only">What</th>
                        {days.map((day) => (
                            <th
                                key={day}
                                className={clsx('w-5 pb-1 font-mono font-normal', weekdayNumber(day) === 1 && 'border-l border-hairline')}
                            >
                                <Link
                                    href={route('days.show', day)}
                                    aria-label={dayWords(day)}
                                    className={clsx('block hover:text-ink', day === page.today && 'font-bold text-ink')}
                                >
                                    {Number(day.slice(8))}
                                </Link>
                            </th>
                        ))}
                        <th className="w-28 pb-1 text-right font-normal">
                            <span className="sr-only">Sum</span>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {page.habits.map((habit) => (
                        <Row
                            key={habit.title}
                            title={habit.title}
                            sum={`${String(habit.met)} of ${String(habit.over)}, ${String(habit.inARow)} in a row`}
                        >
                            {days.map((day) => (
                                <Cell
                                    key={day}
                                    day={day}
                                    height={(habit.days[day] ?? 0) > 0 ? 1 : 0}
                                    words={String(habit.days[day] ?? 0)}
                                />
                            ))}
                        </Row>
                    ))}
                    {page.scores.map((score) => (
                        <Row key={score.question} title={score.question} sum={`${String(score.mean)} on average`}>
                            {days.map((day) => (
                                <Cell key={day} day={day} height={(score.days[day] ?? 0) / 5} words={String(score.days[day] ?? '')} />
                            ))}
                        </Row>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

function Row({ title, sum, children }: { title: string; sum: string; children: ReactNode }) {
    return (
        <tr className="border-t border-hairline">
            <th scope="row" className="max-w-48 min-w-32 py-1.5 pr-3 text-left text-sm font-normal">
                {title}
            </th>
            {children}
            <td className="pl-3 text-right whitespace-nowrap text-ink-2">{sum}</td>
        </tr>
    );
}

/** A mark whose height is how much: nothing where there was nothing. */
function Cell({ day, height, words }: { day: string; height: number; words: string }) {
    return (
        <td
            className={clsx('h-8 align-bottom', weekdayNumber(day) === 1 && 'border-l border-hairline')}
            title={`${dayWords(day)}: ${words}`}
        >
            <span className="sr-only">{words}</span>
            <span aria-hidden className="mx-auto block w-2 bg-ink" style={{ height: `${String(Math.round(height * 22))}px` }} />
        </td>
    );
}
