import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { TagMark } from './TagMark';
import { WriteLine } from './WriteLine';
import type { HabitDay, LogDay, LogHabit, LogView } from '../../generated/props';
import { dayWords, hoursWords, weekdayNumber } from '../../lib/dates';
import { route } from '../../lib/routes';

/** Days as rows, the last first: what was written, each habit as a line down through the days, how the day was, and focus. */
export function DaysTable({ page, isFound }: { page: LogView; isFound: boolean }) {
    return (
        <table className="w-full border-collapse max-md:block">
            <thead className={clsx('text-xs text-ink-2 max-md:sr-only', isFound && 'sr-only')}>
                <tr className="border-b border-rule align-bottom">
                    <th className="w-28 pb-1.5 max-md:w-0">
                        <span className="sr-only">Day</span>
                    </th>
                    <th className="pb-1.5">
                        <span className="sr-only">Lines</span>
                    </th>
                    {page.habits.map((habit) => (
                        <th key={habit.title} scope="col" className="w-22 px-2 pb-1.5 text-center font-normal max-md:hidden">
                            {habit.title}
                        </th>
                    ))}
                    {!isFound && (
                        <>
                            <th scope="col" className="w-28 pb-1.5 pl-4 text-left font-normal max-md:hidden">
                                {page.question ?? 'How the day was'}
                            </th>
                            <th scope="col" className="w-24 pb-1.5 text-right font-normal max-md:hidden">
                                Focus
                            </th>
                        </>
                    )}
                </tr>
            </thead>
            <tbody className="max-md:block">
                {page.days.map((day) => (
                    <DayRow key={day.on} day={day} page={page} isFound={isFound} />
                ))}
            </tbody>
            {!isFound && <Sums page={page} />}
        </table>
    );
}

function DayRow({ day, page, isFound }: { day: LogDay; page: LogView; isFound: boolean }) {
    const isToday = day.on === page.today;
    const isWritten = day.lines.length > 0 || day.answers.length > 0;

    return (
        <tr className={clsx('border-b align-top max-md:block', weekdayNumber(day.on) === 1 ? 'border-rule' : 'border-hairline')}>
            <th scope="row" className="py-2 text-left max-md:block max-md:pb-0">
                <Link href={route('days.show', day.on)} className="font-semibold whitespace-nowrap hover:underline">
                    {dayWords(day.on)}
                </Link>
                {isToday && <span className="block text-xs font-normal text-ink-2 max-md:ml-2 max-md:inline">today</span>}
            </th>
            <td className="py-2 pr-4 max-md:block max-md:pt-0 max-md:pr-0">
                <ul>
                    {day.lines.map((line) => (
                        <li key={line.id} className="flex gap-4">
                            <span className="w-10 flex-none pt-0.5 font-mono text-xs text-ink-2">{line.at}</span>
                            <span className="min-w-0 wrap-anywhere">
                                {line.words} <TagMark tag={line.tag} />
                            </span>
                        </li>
                    ))}
                    {day.answers.map((answer) => (
                        <li key={answer.question} className="ml-14 wrap-anywhere whitespace-pre-line max-md:ml-0">
                            <span className="text-ink-2">{answer.question}</span> {answer.words}
                        </li>
                    ))}
                </ul>
                {isToday && !isFound && <WriteLine on={day.on} />}
                {!isToday && !isWritten && (day.score !== null || day.focusMinutes > 0) && (
                    <p className="ml-14 text-ink-2 max-md:ml-0">Nothing written.</p>
                )}
                <Phone day={day} habits={page.habits} />
            </td>
            {day.habits.map((mark, at) => (
                <Mark key={page.habits[at]?.title ?? at} mark={mark} />
            ))}
            {!isFound && (
                <>
                    <td className="py-2 pl-4 max-md:hidden">{day.score !== null && <Score score={day.score} />}</td>
                    <td className="py-2 text-right font-mono text-xs whitespace-nowrap max-md:hidden">
                        {day.focusMinutes > 0 && hoursWords(day.focusMinutes)}
                    </td>
                </>
            )}
        </tr>
    );
}

const words: Record<HabitDay, string> = { done: 'done', runs: 'nothing missed', missed: 'missed', without: '' };

/** A piece of a habit's line: whole where it was done, thin where nothing is missed, broken where it was. */
function Mark({ mark }: { mark: HabitDay }) {
    return (
        <td className="relative h-8 max-md:hidden" title={words[mark]}>
            <span className="sr-only">{words[mark]}</span>
            {(mark === 'done' || mark === 'runs') && (
                <span
                    aria-hidden
                    className={clsx('absolute -inset-y-px left-1/2 -translate-x-1/2', mark === 'done' ? 'w-1 bg-spruce' : 'w-px bg-rule')}
                />
            )}
        </td>
    );
}

/** From 1 to 5, as a step among five. */
function Score({ score }: { score: number }) {
    return (
        <span role="img" aria-label={`${String(score)} of 5`} className="inline-flex items-end gap-2 border-b border-rule px-0.5">
            {[1, 2, 3, 4, 5].map((step) => (
                <span
                    key={step}
                    className={clsx('block w-1.5', step === score ? 'bg-ink' : 'bg-hairline')}
                    style={{ height: `${String(2 + step * 2)}px` }}
                />
            ))}
        </span>
    );
}

/** What stands in columns, in words: a narrow screen has no room for them. */
function Phone({ day, habits }: { day: LogDay; habits: LogHabit[] }) {
    const said = [
        ...habits.filter((_, at) => day.habits[at] === 'done').map((habit) => habit.title),
        ...(day.score === null ? [] : [`${String(day.score)} of 5`]),
        ...(day.focusMinutes === 0 ? [] : [`${hoursWords(day.focusMinutes)} of focus`]),
    ];

    return said.length === 0 ? null : <p className="text-xs text-ink-2 md:hidden">{said.join(' · ')}</p>;
}

const periods = { day: 'today', week: 'this week', month: 'this month' } as const;

function Sums({ page }: { page: LogView }) {
    return (
        <tfoot className="align-top text-xs text-ink-2 max-md:hidden">
            <tr>
                <td colSpan={2} />
                {page.habits.map((habit) => (
                    <td key={habit.title} className="px-2 pt-2 text-center">
                        {habit.per === 'day' || page.until !== page.today
                            ? `${String(habit.inARow)} in a row`
                            : `${String(habit.done)} of ${String(habit.times)} ${periods[habit.per]}`}
                    </td>
                ))}
                <td className="pt-2 pl-4">{page.mean !== null && averageWords(page.mean, page.meanBefore)}</td>
                <td className="pt-2 text-right font-mono whitespace-nowrap">{hoursWords(page.focusMinutes)}</td>
            </tr>
        </tfoot>
    );
}

function averageWords(mean: number, before: number | null): string {
    const against = before === null || before === mean ? '' : `, ${mean > before ? 'better' : 'worse'} than the 4 weeks before`;

    return `${String(mean)} on average${against}`;
}
