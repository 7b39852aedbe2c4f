import { Head } from '@inertiajs/react';
import type { Shelf as ShelfProps, ShelfRow } from '../../generated/props';
import { monthWords } from '../../lib/dates';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { AddLine } from '../../parts/fields/AddLine';
import { BringBack } from '../../parts/capture/BringBack';
import { Empty } from '../../parts/signs/Section';
import { ShelfLine } from '../../parts/capture/ShelfLine';

/** What was put off on purpose, by the month in which it comes back. */
export default function Shelf({ page }: { page: ShelfProps }) {
    const months = Map.groupBy(
        [...page.rows].sort((a, b) => (a.returnOn ?? NEVER).localeCompare(b.returnOn ?? NEVER)),
        monthOf,
    );

    return (
        <div className="sheet-edge">
            <Head title="Shelf" />
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h1>Shelf</h1>
                <BringBack kind="plain" />
            </div>
            <p className="mb-3 text-ink-2">Put off on purpose. Anything with a return date comes back to the tray on that day.</p>
            <NewIdea />
            {page.rows.length === 0 && <Empty>Nothing on the shelf. Ideas and projects for later can wait here, off every list.</Empty>}
            {[...months].map(([month, rows]) => (
                <section key={month} className="mt-4 grid grid-cols-[152px_minmax(0,1fr)] border-t border-rule max-md:grid-cols-1">
                    <h2 className="py-2.5 text-base">{month === '' ? 'No return date' : monthWords(`${month}-01`)}</h2>
                    <ul>
                        {rows.map((row) => (
                            <ShelfLine key={`${row.kind} ${String(row.id)}`} row={row} />
                        ))}
                    </ul>
                </section>
            ))}
        </div>
    );
}

/** Stands behind every date. */
const NEVER = '9999';

const monthOf = (row: ShelfRow) => row.returnOn?.slice(0, 7) ?? '';

function NewIdea() {
    const form = useForm('idea for the shelf', { words: '', returnOn: '' });

    return (
        <AddLine
            words="Add an idea for later"
            maxLength={2000}
            {...addingLines(form, 'words', route('shelf.store'), { frees: ['words'] })}
        />
    );
}
