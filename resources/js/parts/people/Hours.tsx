import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { KeptHours } from '../signs/KeptHours';
import type { HoursCell, People, ProtectedHoursRow } from '../../generated/props';
import { hoursWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { weekdays } from '../../lib/weekdays';
import { Sign, Signs } from '../../ui/Signs';

/** Who has too much: each week of each person as a ruler of hours with its own end. */
export function Hours({ page }: { page: People }) {
    const people = page.people.filter((row) => row.hours.length > 0);
    const scale = Math.max(60, ...people.flatMap((row) => row.hours.map((cell) => cell.taken + Math.max(cell.available, cell.planned))));
    const [first, last] = [page.weeks[0], page.weeks.at(-1)];

    return (
        <section aria-label="Hours" className="overflow-x-auto">
            <p className="mb-2 flex items-center text-ink-2">
                Planned against what is left after meetings
                {first !== undefined && last !== undefined && `, ${spanWords(first.first, last.last)}`}
                <Signs label="Key to the hours">
                    <Sign mark={<span className="h-2 w-10 bg-ink" />}>taken by meetings</Sign>
                    <Sign mark={<span className="hatch h-2 w-10" />}>planned with open tasks</Sign>
                    <Sign mark={<span className="hatch-crossed h-2 w-10" />}>more than there is</Sign>
                    <Sign mark={<span className="h-4 border-l-2 border-ink" />}>the end of the hours</Sign>
                </Signs>
            </p>
            <table className="w-full min-w-[900px] table-fixed border-collapse text-left">
                <thead className="font-mono text-xs">
                    <tr className="border-b border-rule">
                        <th scope="col" className="w-44 py-1">
                            <span className="sr-only">Person</span>
                        </th>
                        {page.weeks.map((week, place) => (
                            <th
                                key={week.name}
                                scope="col"
                                title={spanWords(week.first, week.last)}
                                className={clsx(place > 0 && 'font-normal text-ink-2')}
                            >
                                {Number(week.name.slice(6))}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {people.map((row) => (
                        <tr key={row.person.id} className="border-b border-hairline align-top">
                            <th scope="row" className="py-2 pr-4">
                                {row.person.name}
                                <span className="block text-xs font-normal text-ink-2">{row.weeklyHours} h a week</span>
                                {keptHours(row.kept).map(({ days, hours }) => (
                                    <span key={days} className="flex gap-1.5 font-normal">
                                        <span className="text-xs text-ink-2">{days}</span>
                                        <KeptHours hours={hours} />
                                    </span>
                                ))}
                            </th>
                            {row.hours.map((cell) => (
                                <td key={cell.week} className="py-2 pr-4">
                                    <Cell cell={cell} person={row.person.id} scale={scale} />
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}

function Cell({ cell, person, scale }: { cell: HoursCell; person: number; scale: number }) {
    const { free } = cell;
    const percent = (minutes: number) => `${String((minutes / scale) * 100)}%`;
    const end = cell.taken + cell.available;

    return (
        <Link href={route('week.show', { period: cell.week, _query: { who: String(person) } })} className="group block">
            <span aria-hidden className="relative block h-3 border-b border-rule">
                <span className="absolute inset-y-0 left-0 bg-ink" style={{ width: percent(cell.taken) }} />
                <span
                    className="hatch absolute inset-y-0"
                    style={{ left: percent(cell.taken), width: percent(Math.min(cell.planned, cell.available)) }}
                />
                {free < 0 && <span className="hatch-crossed absolute inset-y-0" style={{ left: percent(end), width: percent(-free) }} />}
                <span className="absolute -top-0.5 -bottom-1 border-l-2 border-ink" style={{ left: percent(end) }} />
            </span>
            <span className={clsx('mt-1.5 block text-xs group-hover:underline', free < 0 ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                {free < 0 ? `${hoursWords(-free)} over` : `${hoursWords(free)} free`}
            </span>
            {cell.against > 0 && (
                <span className="block text-xs font-semibold text-persimmon" title="Meetings and appointments across protected hours">
                    {cell.against} across protected hours
                </span>
            )}
        </Link>
    );
}

/** The same hours of several weekdays in one line. */
function keptHours(kept: ProtectedHoursRow[]): { days: string; hours: ProtectedHoursRow }[] {
    const same = Map.groupBy(kept, ({ from, until, kind }) => `${from} ${until} ${kind}`);

    return [...same.values()].flatMap((all) =>
        all[0] === undefined
            ? []
            : [
                  {
                      days: weekdays
                          .filter(({ value }) => all.some(({ weekday }) => weekday === value))
                          .map(({ short }) => short)
                          .join(', '),
                      hours: all[0],
                  },
              ],
    );
}
