import { Head } from '@inertiajs/react';
import type { Tray as TrayProps } from '../../generated/props';
import { Empty, Section } from '../../parts/Section';
import { JotLine } from '../../parts/capture/JotLine';
import { ShelfLine } from '../../parts/capture/ShelfLine';

export default function Tray({ page }: { page: TrayProps }) {
    const times = [
        { value: page.thisWeek, words: 'This week' },
        { value: page.nextWeek, words: 'Next week' },
        { value: '', words: 'Later' },
    ];

    return (
        <div className="w-full px-6 py-5 max-md:px-4">
            <Head title="Tray" />
            <h1>Tray</h1>
            <p className="mb-4 text-ink-2">Everything you have jotted down and not sorted yet. Make it a task, shelve it or delete it.</p>
            {page.jots.length === 0 && page.again.length === 0 && (
                <Empty>Nothing to sort. Press n on any page to jot something down.</Empty>
            )}
            <ul>
                {page.jots.map((jot) => (
                    <JotLine key={jot.id} jot={jot} projects={page.projects} times={times} mayShelve />
                ))}
            </ul>
            {page.again.length > 0 && (
                <Section title="Back from the shelf" aside="These have reached their return date." className="mt-8">
                    <ul>
                        {page.again.map((row) => (
                            <ShelfLine key={`${row.kind} ${String(row.id)}`} row={row} />
                        ))}
                    </ul>
                </Section>
            )}
        </div>
    );
}
