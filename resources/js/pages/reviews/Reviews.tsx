import { Head, Link } from '@inertiajs/react';
import type { Reviews as ReviewsProps } from '../../generated/props';
import { dayWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';

export default function Reviews({ page }: { page: ReviewsProps }) {
    const held = page.weeks.filter((week) => week.heldAt !== null).length;

    return (
        <div className="mx-auto w-full max-w-4xl px-6 py-5 max-md:px-4">
            <Head title="Reviews" />
            <h1>Reviews</h1>
            <p className="mb-4 text-ink-2">
                Your weeks of this year, newest first. {held} of {page.weeks.length} reviewed. Only you can see them.
            </p>
            <ul>
                {page.weeks.map(({ week, heldAt, alignment, words }) => (
                    <li key={week.name} className="border-t border-hairline">
                        <Link
                            href={route('reviews.show', week.name)}
                            className="group grid grid-cols-[150px_1fr_110px] gap-x-4 py-2 max-md:grid-cols-1"
                        >
                            <span>
                                <span className="font-semibold group-hover:underline">{week.words}</span>{' '}
                                <span className="text-xs text-ink-2">{spanWords(week.first, week.last)}</span>
                            </span>
                            <span className="two-lines text-ink-2">{words ?? (heldAt === null ? 'No review yet.' : '')}</span>
                            <span className="text-right text-xs text-ink-2 max-md:text-left">
                                {alignment !== null && <span className="font-mono">{alignment}% for goals</span>}
                                <span className="block">{heldAt === null ? 'open' : `reviewed ${dayWords(heldAt)}`}</span>
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
        </div>
    );
}
