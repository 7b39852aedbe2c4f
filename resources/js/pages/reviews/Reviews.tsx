import { Head, Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { Horizon, ReviewRow, Reviews as ReviewsProps } from '../../generated/props';
import { dayWords, plannedWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { FindAnswers } from '../../parts/reviews/FindAnswers';

/** How each kind of period stands in the list. */
const shapes: Record<Horizon, string> = {
    year: 'border-t-2 border-ink pt-3 text-md',
    quarter: 'mt-3 border-t-2 border-ink',
    month: 'border-t border-rule',
    week: 'border-t border-hairline pl-6 max-md:pl-3',
};

export default function Reviews({ page }: { page: ReviewsProps }) {
    const today = usePage().props.frame?.today ?? '';
    const weeks = page.rows.filter((row) => row.horizon === 'week');
    const held = weeks.filter((week) => week.heldAt !== null).length;

    return (
        <div className="sheet-edge">
            <Head title="Reviews" />
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h1>Reviews</h1>
                <span className="flex gap-x-3 text-xs">
                    {[page.year.previous, page.year.next].map((year) => (
                        <Link key={year} href={route('reviews.index', { _query: { year } })} className="link">
                            {plannedWords(year)}
                        </Link>
                    ))}
                </span>
                <Link href={route('reviews.team-now')} className="link">
                    The team’s week
                </Link>
                <Link href={route('reviews.shared')} className="link">
                    Shared with you
                </Link>
                <FindAnswers words="" />
            </div>
            <p className="mb-4 text-ink-2">
                Newest first. {held} of {count(weeks.length, 'week')} reviewed. Only you can see them.
            </p>
            {page.rows.length === 0 && <p className="text-ink-2">You were not here in that year.</p>}
            <ul>
                {page.rows.map((row) => (
                    <Row key={row.period.name} row={row} weeks={weeks} isOver={row.period.last < today} />
                ))}
            </ul>
        </div>
    );
}

function Row({ row, weeks, isOver }: { row: ReviewRow; weeks: ReviewRow[]; isOver: boolean }) {
    const { period, heldAt, alignment, words, horizon } = row;

    return (
        <li className={shapes[horizon]}>
            <Link
                href={route('reviews.show', period.name)}
                className="group grid grid-cols-[200px_minmax(0,1fr)_150px_150px] gap-x-4 py-2 max-md:grid-cols-1"
            >
                <span>
                    <span className={clsx('group-hover:underline', horizon === 'week' ? '' : 'font-semibold')}>{period.words}</span>{' '}
                    <span className="text-xs text-ink-2">{horizon === 'year' ? '' : spanWords(period.first, period.last)}</span>
                </span>
                <span className={clsx('two-lines text-sm', words === null && 'text-ink-2')}>
                    {words ?? (heldAt !== null ? '' : isOver ? 'Missed: it can still be reviewed from its facts.' : 'Not over yet.')}
                </span>
                <span className="text-xs text-ink-2">
                    {alignment !== null && (
                        <>
                            <span className="font-mono">{alignment}%</span> for goals
                            {horizon === 'week' && against(weeks, weeks.indexOf(row))}
                        </>
                    )}
                </span>
                <span className="text-right text-xs text-ink-2 max-md:text-left">
                    {heldAt === null ? (isOver ? 'not reviewed' : '') : `reviewed ${dayWords(heldAt)}`}
                </span>
            </Link>
        </li>
    );
}

/** The weeks before, against which one is held. */
const USUAL = 4;

/** The share for goals against that of the four weeks before, where it differs by more than a tenth. */
function against(weeks: ReviewRow[], place: number): string {
    const before = weeks.slice(place + 1, place + 1 + USUAL).flatMap((row) => (row.alignment === null ? [] : [row.alignment]));
    const own = weeks[place]?.alignment;

    if (own == null || before.length < USUAL) {
        return '';
    }

    const usual = Math.round(before.reduce((sum, share) => sum + share, 0) / before.length);

    return Math.abs(own - usual) <= 10 ? '' : `, usually ${String(usual)}%`;
}
