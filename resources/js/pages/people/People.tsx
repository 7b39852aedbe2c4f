import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { People as PeopleProps } from '../../generated/props';
import { route } from '../../lib/routes';
import { AccessLink } from '../../parts/people/AccessLink';
import { AddPerson } from '../../parts/people/AddPerson';
import { EditPerson } from '../../parts/people/EditPerson';
import { Hours } from '../../parts/people/Hours';
import { Groups } from '../../parts/people/Groups';
import { Invitations } from '../../parts/people/Invitations';
import { TableHead } from '../../ui/TableHead';

export default function People({ page }: { page: PeopleProps }) {
    return (
        <div className="sheet-edge">
            <Head title="People" />
            <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
                <h1>Hours</h1>
                {page.mayAdd && <AddPerson />}
            </div>
            <AccessLink />
            <Hours page={page} />
            <div className="relative mt-8 overflow-x-auto">
                <table className="w-full min-w-[740px] border-collapse text-left">
                    <TableHead
                        columns={[
                            { words: 'who' },
                            { words: 'role' },
                            { words: 'active projects', className: 'text-right' },
                            { words: 'open tasks', className: 'text-right' },
                            { words: 'late', className: 'text-right' },
                            ...(page.mayAdd ? [{ words: 'groups', isHidden: true }] : []),
                        ]}
                    />
                    <tbody>
                        {page.people.map((row) => {
                            return (
                                <tr data-line key={row.person.id} className={clsx('border-b border-hairline', row.isAside && 'text-ink-2')}>
                                    <th scope="row" className="py-2 pr-4 font-normal whitespace-nowrap">
                                        <span
                                            aria-hidden
                                            className="mr-3 inline-block w-7 border border-rule text-center font-mono text-xs leading-5"
                                        >
                                            {row.person.initials}
                                        </span>
                                        <Link
                                            href={route('week.show', {
                                                period: page.weeks[0]?.name ?? '',
                                                _query: { who: String(row.person.id) },
                                            })}
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
            <Invitations invitations={page.invitations} />
            <Groups page={page} />
        </div>
    );
}
