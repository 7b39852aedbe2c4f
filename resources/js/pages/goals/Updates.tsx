import { Head, Link } from '@inertiajs/react';
import type { Updates as UpdatesProps, UpdateRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/signs/Section';
import { Button } from '../../ui/Button';

/** What happened to the goals that one owns or follows. */
export default function Updates({ page }: { page: UpdatesProps }) {
    return (
        <div className="sheet-edge space-y-6">
            <Head title="Updates" />
            <div className="flex items-baseline justify-between gap-4">
                <h1>Updates</h1>
                {page.unread.length > 0 && (
                    <Button
                        onClick={() => {
                            act('post', route('updates.read'));
                        }}
                    >
                        Mark all as read
                    </Button>
                )}
            </div>
            {page.unread.length === 0 ? (
                <Empty>No updates. Changes to goals you own or follow, and comments that mention you, appear here.</Empty>
            ) : (
                <Lines rows={page.unread} />
            )}
            {page.earlier.length > 0 && (
                <Section title="Earlier">
                    <Lines rows={page.earlier} />
                </Section>
            )}
        </div>
    );
}

/** By what they are about, so that two hundred read as quickly as the few things that they are about. */
function Lines({ rows }: { rows: UpdateRow[] }) {
    return (
        <ul className="divide-y divide-hairline">
            {[...Map.groupBy(rows, (row) => row.link)].map(([link, about]) => (
                <li data-line key={link} className="grid grid-cols-[minmax(0,1fr)_minmax(0,2fr)] gap-x-6 py-2.5 max-md:grid-cols-1">
                    <Link href={link} className="font-semibold hover:underline">
                        {about[0]?.title}
                        {about.length > 1 && <span className="ml-2 text-xs font-normal text-ink-2">{about.length} updates</span>}
                    </Link>
                    <ul>
                        {about.map((row) => (
                            <li key={row.id} className="flex gap-4">
                                <span className="w-20 flex-none text-xs leading-5 text-ink-2">{dayWords(row.on)}</span>
                                <span className="min-w-0">
                                    {row.by.name} {row.words}
                                </span>
                            </li>
                        ))}
                    </ul>
                </li>
            ))}
        </ul>
    );
}
