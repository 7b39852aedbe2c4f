import { Head, Link } from '@inertiajs/react';
import type { OpenAtEnd, ThinningView } from '../../generated/props';
import { monthWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { LeftOver } from '../../parts/reviews/LeftOver';
import { Section } from '../../parts/signs/Section';

/** What could go: tasks without recent activity and the shelf, one key each; and whether what is open grows less. */
export default function Thinning({ page }: { page: ThinningView }) {
    return (
        <div className="sheet-edge max-w-4xl">
            <Head title="Thinning out" />
            <h1>Thinning out</h1>
            <p className="mb-5 max-w-prose text-ink-2">
                Do it, hand it over, put it off or drop it; what you keep is asked about again in a quarter. A few come up in each week’s
                review. Projects and goals that were put off are on the{' '}
                <Link href={route('shelf')} className="link">
                    shelf
                </Link>
                .
            </p>
            <Months months={page.months} />
            <div className="mt-6 border-t border-rule pt-3">
                <LeftOver title="To decide" groups={page.leftOver} people={page.people} ahead={page.ahead} />
            </div>
        </div>
    );
}

/** How high the fullest month stands, in px. */
const HEIGHT = 64;

function Months({ months }: { months: OpenAtEnd[] }) {
    const most = Math.max(1, ...months.map(({ open }) => open));
    const [first, last] = [months[0]?.open ?? 0, months.at(-1)?.open ?? 0];
    const trend = first === last ? 'as many as' : first > last ? `${String(first - last)} fewer than` : `${String(last - first)} more than`;

    return (
        <Section
            title="Your open tasks, month by month"
            aside={`${String(last)} now, ${trend} at the end of ${monthWords(`${months[0]?.month ?? ''}-01`)}`}
        >
            <ol className="mt-2 flex items-end gap-1.5">
                {months.map(({ month, open }) => (
                    <li key={month} className="min-w-0 flex-1 text-center">
                        <span className="block font-mono text-xs">{open}</span>
                        <span
                            aria-hidden
                            className="block border-b border-ink bg-ink"
                            style={{ height: `${String(Math.round((HEIGHT * open) / most))}px` }}
                        />
                        <span className="block truncate text-xs text-ink-2" title={monthWords(`${month}-01`)}>
                            {monthWords(`${month}-01`).slice(0, 3)}
                        </span>
                    </li>
                ))}
            </ol>
        </Section>
    );
}
