import { Head, Link, router } from '@inertiajs/react';
import type { TellingView } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { peopleAsOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { Cord } from '../../parts/signs/Cord';
import { MarkTelling } from '../../parts/signs/MarkTelling';
import { FromUntil } from '../../parts/fields/FromUntil';
import { Empty } from '../../parts/signs/Section';
import { SelectField } from '../../ui/Select';

/** What is worth telling, of a person or everybody, in a span. */
export default function WorthTelling({ page }: { page: TellingView }) {
    const show = (change: Partial<Pick<TellingView, 'from' | 'until' | 'person'>>) => {
        const { from, until, person } = { ...page, ...change };
        router.get(route('worth-telling.index'), { from, until, ...(person !== null && { person }) }, { preserveScroll: true });
    };

    return (
        <div className="sheet-edge max-w-4xl">
            <Head title="Worth telling" />
            <h1>Worth telling</h1>
            <p className="text-ink-2">
                Press t on a finished task to mark it, here and in every list. Reports offer what is listed here. Only you see your own
                lines.
            </p>
            <div className="mt-3 mb-4 flex flex-wrap items-end gap-3 print:hidden">
                <SelectField
                    label="Whose"
                    className="w-56"
                    value={page.person === null ? '' : String(page.person)}
                    none="everybody’s"
                    options={peopleAsOptions(page.people)}
                    onChange={(person) => {
                        show({ person: person === '' ? null : Number(person) });
                    }}
                />
                <FromUntil
                    from={page.from}
                    until={page.until}
                    onChange={(from, until) => {
                        show({ from, until });
                    }}
                />
            </div>
            {page.lines.length === 0 && <Empty>Nothing was marked in this span.</Empty>}
            <ul>
                {page.lines.map((line) => (
                    <li
                        key={`${line.source} ${String(line.id)}`}
                        className="grid grid-cols-[88px_1fr_auto] items-baseline gap-x-4 border-t border-hairline py-2 max-md:grid-cols-1"
                    >
                        <span className="text-xs text-ink-2">{dayWords(line.on)}</span>
                        <span className="min-w-0">
                            <Link href={line.link} className="wrap-anywhere whitespace-pre-wrap hover:underline">
                                {line.words}
                            </Link>
                            <span className="ml-3 inline-flex items-baseline gap-2 text-xs text-ink-2">
                                {line.source === 'task' ? line.by.name : 'your words'}
                                <Cord cord={line.cord} />
                            </span>
                        </span>
                        {line.mayMark && <MarkTelling source={line.source} id={line.id} isWorth words="Remove" />}
                    </li>
                ))}
            </ul>
        </div>
    );
}
