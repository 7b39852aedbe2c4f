import { Head, Link } from '@inertiajs/react';
import type { News as NewsProps, NewsRow } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/Section';
import { Button } from '../../ui/Button';

/** What happened to the goals that one owns or follows. */
export default function News({ page }: { page: NewsProps }) {
    return (
        <div className="w-full max-w-3xl space-y-6 px-6 py-5 max-md:px-4">
            <Head title="News" />
            <div className="flex items-baseline justify-between gap-4">
                <h1 className="text-2xl">News</h1>
                {page.unread.length > 0 && (
                    <Button
                        kind="main"
                        onClick={() => {
                            act('post', route('news.read'));
                        }}
                    >
                        All read
                    </Button>
                )}
            </div>
            {page.unread.length === 0 ? (
                <Empty>Nothing new. What happens to the goals that you own or follow, and what is said to you, is told here.</Empty>
            ) : (
                <Lines rows={page.unread} />
            )}
            {page.earlier.length > 0 && (
                <Section title="Read before">
                    <Lines rows={page.earlier} />
                </Section>
            )}
        </div>
    );
}

function Lines({ rows }: { rows: NewsRow[] }) {
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
