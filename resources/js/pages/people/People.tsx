import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { People as PeopleProps } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { AccessLink } from '../../parts/people/AccessLink';
import { AddPerson } from '../../parts/people/AddPerson';
import { EditPerson } from '../../parts/people/EditPerson';
import { Groups } from '../../parts/people/Groups';

export default function People({ page }: { page: PeopleProps }) {
    return (
        <div className="px-6 py-5 max-md:px-4">
            <Head title="People" />
            <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
                <h1>People</h1>
                {page.mayAdd && <AddPerson />}
            </div>
            <AccessLink />
            <div className="relative overflow-x-auto">
                <table className="w-full min-w-[740px] border-collapse text-left">
                    <thead className="text-xs text-ink-2">
                        <tr className="border-b border-rule">
                            <th scope="col" className="py-1 font-normal">
                                who
                            </th>
                            <th scope="col" className="font-normal">
                                role
                            </th>
                            <th scope="col" className="text-right font-normal">
                                active projects
                            </th>
                            <th scope="col" className="text-right font-normal">
                                open tasks
                            </th>
                            <th scope="col" className="text-right font-normal">
                                late
                            </th>
                            <th scope="col" className="w-64 pl-8 font-normal">
                                planned this week
                            </th>
                            {page.mayAdd && (
                                <th scope="col">
                                    <span className="sr-only">groups</span>
                                </th>
                            )}
                        </tr>
                    </thead>
                    <tbody>
                        {page.people.map((row) => {
                            const load = row.weeklyHours === 0 ? 0 : row.planned / (row.weeklyHours * 60);

                            return (
                                <tr key={row.person.id} className={clsx('border-b border-hairline', row.isAside && 'text-ink-2')}>
                                    <th scope="row" className="py-2 pr-4 font-normal whitespace-nowrap">
                                        <span className="mr-3 inline-block w-7 border border-rule text-center font-mono text-xs leading-5">
                                            {row.person.initials}
                                        </span>
                                        <Link
                                            href={route('week.show', { period: page.thisWeek, _query: { who: String(row.person.id) } })}
                                            className="font-semibold hover:underline"
                                        >
                                            {row.person.name}
                                        </Link>
                                        <span className="ml-3 text-xs text-ink-2 max-md:hidden">{row.email}</span>
                                    </th>
                                    <td>{row.isAside ? 'left' : row.role}</td>
                                    <td className="text-right font-mono text-xs">{row.active}</td>
                                    <td className="text-right font-mono text-xs">{row.open}</td>
                                    <td className={clsx('text-right font-mono text-xs', row.late > 0 && 'font-semibold text-persimmon')}>
                                        {row.late}
                                    </td>
                                    <td className="pl-8">
                                        <span aria-hidden className="block h-2 border-b border-rule bg-faint">
                                            <span
                                                className={clsx('block h-full', load > 1 ? 'hatch-crossed' : 'bg-done')}
                                                style={{ width: `${String(Math.min(100, load * 100))}%` }}
                                            />
                                        </span>
                                        <span className={clsx('text-xs', load > 1 ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                                            {hoursWords(row.planned)} of {row.weeklyHours} h
                                        </span>
                                    </td>
                                    {page.mayAdd && (
                                        <td className="text-right">
                                            <EditPerson row={row} people={page.people} />
                                        </td>
                                    )}
                                </tr>
                            );
                        })}
                    </tbody>
                </table>
            </div>
            <Groups page={page} />
        </div>
    );
}
