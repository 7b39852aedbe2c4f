import { Head, Link, router } from '@inertiajs/react';
import type { LogTag, LogView } from '../../generated/props';
import { addDays, dayWords, hoursWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { LogSearch } from '../../parts/day/LogSearch';
import { DaysTable } from '../../parts/day/DaysTable';
import { Empty } from '../../parts/signs/Section';

/** The log of the last weeks, day by day with habits, how each day was and focus beside it; every line is found again. */
export default function Log({ page }: { page: LogView }) {
    const isFound = page.tag !== null || page.words !== '';
    const look = (tag: LogTag | '', words: string) => {
        router.get(
            route('log'),
            { ...(tag !== '' && { tag }), ...(words.trim() !== '' && { words }) },
            { preserveState: true, preserveScroll: true, replace: true },
        );
    };

    return (
        <div className="sheet-edge">
            <Head title="Log" />
            <header className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <h1>Log</h1>
                <p className="text-xs text-ink-2">only you see it, newest first</p>
                <LogSearch key={`${page.tag ?? ''} ${page.words}`} page={page} onLook={look} />
            </header>
            {isFound && page.days.length === 0 ? <Empty>No line matches.</Empty> : <DaysTable page={page} isFound={isFound} />}
            {page.hasMore && <p className="py-2 text-xs text-ink-2">There are more. Add a word to find fewer.</p>}
            {!isFound && <Weeks page={page} />}
        </div>
    );
}

/** To other weeks, and to what was answered over time. */
function Weeks({ page }: { page: LogView }) {
    const later = addDays(page.until, 28);

    return (
        <p className="mt-4 flex flex-wrap gap-x-5 gap-y-1 text-sm">
            <span className="text-ink-2">
                {spanWords(page.from, page.until)}: {hoursWords(page.focusMinutes)} of focus sessions
            </span>
            {page.hasEarlier && (
                <Link href={route('log', addDays(page.from, -1))} className="link">
                    Earlier, until {dayWords(addDays(page.from, -1))}
                </Link>
            )}
            {page.until < page.today && (
                <Link href={route('log', later < page.today ? { day: later } : {})} className="link">
                    Later
                </Link>
            )}
            <Link href={route('reviews.answers')} className="link">
                One question over time
            </Link>
        </p>
    );
}
