import { Head, Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReviewRow, Reviews as ReviewsProps } from '../../generated/props';
import { dayWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';

export default function Reviews({ page }: { page: ReviewsProps }) {
    const today = usePage().props.frame?.today ?? '';
    const isOver = (last: string) => last < today;
    const held = page.weeks.filter((week) => week.heldAt !== null).length;

    return (
        <div className="w-full px-6 py-5 max-md:px-4">
            <Head title="Reviews" />
            <h1>Reviews</h1>
            <p className="mb-4 text-ink-2">
                Your weeks of this year, newest first. {held} of {page.weeks.length} reviewed. Only you can see them.
            </p>
            <ul>
                {page.weeks.map(({ week, heldAt, alignment, words }, place) => (
                    <li key={week.name} className="border-t border-hairline">
                        <Link
                            href={route('reviews.show', week.name)}
                            className="group grid grid-cols-[200px_minmax(0,1fr)_150px_150px] gap-x-4 py-2 max-md:grid-cols-1"
                        >
                            <span>
                                <span className="font-semibold group-hover:underline">{week.words}</span>{' '}
                                <span className="text-xs text-ink-2">{spanWords(week.first, week.last)}</span>
                            </span>
                            <span className={clsx('two-lines', words === null && 'text-ink-2')}>
                                {words ??
                                    (heldAt !== null
                                        ? ''
                                        : isOver(week.last)
                                          ? 'Missed: it can still be reviewed from its facts.'
                                          : 'This week is not over.')}
                            </span>
                            <span className="text-xs text-ink-2">
                                {alignment !== null && (
                                    <>
                                        <span className="font-mono">{alignment}%</span> for goals
                                        {against(page.weeks, place)}
                                    </>
                                )}
                            </span>
                            <span className="text-right text-xs text-ink-2 max-md:text-left">
                                {heldAt === null ? (isOver(week.last) ? 'not reviewed' : '') : `reviewed ${dayWords(heldAt)}`}
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
        </div>
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
