import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import type { Tray as TrayProps } from '../../generated/props';
import { Empty, Section } from '../../parts/signs/Section';
import { DoesItFit } from '../../parts/capture/DoesItFit';
import { ShelfLine } from '../../parts/capture/ShelfLine';
import { StillToSort } from '../../parts/capture/StillToSort';
import { SortItem } from '../../parts/capture/SortItem';

/** How many of those that were sorted just now stay in sight. */
const SHOWN = 5;

/** One thing to sort at a time: what it is, who does it, towards what and when. */
export default function Tray({ page }: { page: TrayProps }) {
    const [at, goTo] = useState<number | null>(null);
    const [sorted, setSorted] = useState<string[]>([]);
    const item = page.items.find((each) => each.id === at) ?? page.items[0];
    const place = item === undefined ? 0 : page.items.indexOf(item);

    return (
        <div className="grid flex-1 grid-cols-[1fr_344px] max-lg:grid-cols-1">
            <Head title={page.of === null ? 'Tray' : `Tray of ${page.of.title}`} />
            <div className="sheet-edge min-w-0">
                {item === undefined ? (
                    <NothingToSort page={page} />
                ) : (
                    <SortItem
                        key={item.id}
                        item={item}
                        page={page}
                        number={place + 1}
                        onSkip={() => {
                            goTo(page.items[(place + 1) % page.items.length]?.id ?? null);
                        }}
                        onSorted={(words) => {
                            setSorted([words, ...sorted].slice(0, SHOWN));
                            goTo(page.items[place + 1]?.id ?? null);
                        }}
                    />
                )}
                <StillToSort
                    items={page.items.filter((each) => each !== item)}
                    page={page}
                    onOpen={(id) => {
                        goTo(id);
                    }}
                    onSorted={(words) => {
                        setSorted([words, ...sorted].slice(0, SHOWN));
                    }}
                />
                {page.again.length > 0 && (
                    <Section title="Back from the shelf" aside="These have reached their return date." className="mt-6">
                        <ul>
                            {page.again.map((row) => (
                                <ShelfLine key={`${row.kind} ${String(row.id)}`} row={row} />
                            ))}
                        </ul>
                    </Section>
                )}
            </div>
            <aside className="sheet-edge space-y-6 border-l border-hairline max-lg:border-0">
                <DoesItFit page={page} />
                {sorted.length > 0 && <SortedJustNow sorted={sorted} />}
            </aside>
        </div>
    );
}

function NothingToSort({ page }: { page: TrayProps }) {
    return (
        <>
            <h1>{page.of === null ? 'Tray' : `Tray of ${page.of.title}`}</h1>
            {page.of === null && page.again.length === 0 && <Empty>Nothing to sort. Press n on any page to jot something down.</Empty>}
            {page.of !== null && (
                <Empty>
                    Nothing to sort.{' '}
                    <Link href={page.of.link} className="link">
                        Back to {page.of.title}
                    </Link>
                </Empty>
            )}
        </>
    );
}

function SortedJustNow({ sorted }: { sorted: string[] }) {
    return (
        <Section title="Sorted just now" aside="Ctrl Z takes it back">
            <ul>
                {sorted.map((words, index) => (
                    <li key={`${String(sorted.length - index)} ${words}`} className="two-lines py-1">
                        {words}
                    </li>
                ))}
            </ul>
        </Section>
    );
}
