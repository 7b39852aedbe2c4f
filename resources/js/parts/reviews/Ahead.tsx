import { Link } from '@inertiajs/react';
import { WeekRuler } from '../signs/WeekRuler';
import type { AheadWeek } from '../../generated/props';
import { dayWords, hoursWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** The week ahead as the decisions fill it, with its hours as a ruler. */
export function Ahead({ ahead }: { ahead: AheadWeek }) {
    const { week, days, hours, noDay } = ahead;
    const open = noDay.filter((task) => !task.isDone && !task.isAside);

    return (
        <section className="mt-6">
            <h3 className="text-base">
                <Link href={route('week.show', week.name)} className="hover:underline">
                    {week.words}
                </Link>{' '}
                <span className="text-xs font-normal text-ink-2">{spanWords(week.first, week.last)}, as you plan it here</span>
            </h3>
            {hours !== null && <WeekRuler hours={hours} words="Its hours" />}
            <ul className="mt-3">
                {days
                    .filter((day) => day.tasks.length > 0 || day.available > 0)
                    .map((day) => (
                        <li key={day.on} className="grid grid-cols-[80px_1fr_72px] gap-x-3 border-t border-hairline py-1.5">
                            <span className="text-xs leading-5 text-ink-2">{dayWords(day.on)}</span>
                            <span className="two-lines min-w-0">{day.tasks.map((task) => task.title).join(', ')}</span>
                            <span
                                className={
                                    day.free < 0 ? 'text-right text-xs font-semibold text-persimmon' : 'text-right text-xs text-ink-2'
                                }
                            >
                                {day.free < 0 ? `${hoursWords(-day.free)} over` : `${hoursWords(day.free)} free`}
                            </span>
                        </li>
                    ))}
                {open.length > 0 && (
                    <li className="grid grid-cols-[80px_1fr] gap-x-3 border-t border-hairline py-1.5">
                        <span className="text-xs leading-5 text-ink-2">no day yet</span>
                        <span className="two-lines min-w-0">{open.map((task) => task.title).join(', ')}</span>
                    </li>
                )}
            </ul>
        </section>
    );
}
