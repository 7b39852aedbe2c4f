import { Head, Link } from '@inertiajs/react';
import type { Updates as UpdatesProps, UpdateRow } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/Section';
import { Button } from '../../ui/Button';

/** What happened to the goals that one owns or follows. */
export default function Updates({ page }: { page: UpdatesProps }) {
    return (
        <div className="w-full max-w-3xl space-y-6 px-6 py-5 max-md:px-4">
            <Head title="Updates" />
            <div className="flex items-baseline justify-between gap-4">
                <h1 className="text-2xl">Updates</h1>
                {page.unread.length > 0 && (
                    <Button
                        kind="main"
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

function Lines({ rows }: { rows: UpdateRow[] }) {
    return (
        <ul className="divide-y divide-hairline">
            {rows.map((row) => (
                <li key={row.id} className="flex gap-4 py-2">
                    <span className="w-20 flex-none text-xs leading-5 text-ink-2">{dayWords(row.on)}</span>
                    <div className="min-w-0">
                        <Link href={row.link} className="font-semibold hover:underline">
                            {row.title}
                        </Link>
                        <p>
                            {row.by.name} {row.words}
                        </p>
                    </div>
                </li>
            ))}
        </ul>
    );
}
