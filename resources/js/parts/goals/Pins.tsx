import { clsx } from 'clsx';
import type { GoalView, LogEntry } from '../../generated/props';
import { dateWords, daysBetween } from '../../lib/dates';

/** How many lines are written out beneath the chart; those before them are dots. */
const WRITTEN = 6;

/** The chart's plot lies within its frame by so much, in pixels. */
const PLOT = 'ml-[42px] mr-2';

/** How much of the width a number needs for itself, and how high its row is. */
const WIDE = 0.024;
const HIGH = 20;

/** What was said and done, as numbers on the chart's days, written out below: where the line bent, and why. */
export function Pins({ page }: { page: GoalView }) {
    const days = daysBetween(page.period.first, page.period.last) + 1;
    const pins = page.history.filter((entry) => entry.kind !== 'reading' && entry.on >= page.period.first && entry.on <= page.period.last);
    const at = (entry: LogEntry) => (daysBetween(page.period.first, entry.on) + 1) / days;
    const written = inRows(pins.slice(0, WRITTEN).reverse(), at);

    if (pins.length === 0) {
        return null;
    }

    return (
        <div aria-hidden className="text-xs max-md:hidden">
            <ol
                className={clsx('relative border-t border-rule', PLOT)}
                style={{ height: `${String((Math.max(0, ...written.map(({ row }) => row)) + 1) * HIGH + 6)}px` }}
            >
                {pins.slice(WRITTEN).map((entry) => (
                    <li
                        key={entry.key}
                        className="absolute top-[-3px] size-[5px] -translate-x-1/2 rounded-full bg-ink-2"
                        style={{ left: `${String(at(entry) * 100)}%` }}
                    />
                ))}
                {written.map(({ entry, row }, place) => (
                    <li
                        key={entry.key}
                        className="absolute top-0 w-px bg-ink-2"
                        style={{ left: `${String(at(entry) * 100)}%`, height: `${String(row * HIGH + 6)}px` }}
                    >
                        <Pin of={place + 1} className="absolute bottom-[-18px] -translate-x-1/2 bg-sheet" />
                    </li>
                ))}
            </ol>
            <ol className="mt-1 grid grid-cols-2 gap-x-6 max-lg:grid-cols-1">
                {written.map(({ entry }, place) => (
                    <li key={entry.key} className="flex min-w-0 items-baseline gap-2 py-0.5">
                        <Pin of={place + 1} className="flex-none" />
                        <span className="w-12 flex-none text-ink-2">{dateWords(entry.on)}</span>
                        <a href={`#${idOf(entry)}`} title={sentence(entry)} className="min-w-0 truncate hover:underline" tabIndex={-1}>
                            {entry.who !== null && <b className="font-semibold">{entry.who} </b>}
                            {rest(entry)}
                        </a>
                    </li>
                ))}
            </ol>
        </div>
    );
}

function Pin({ of, className }: { of: number; className: string }) {
    return (
        <span className={clsx('inline-flex size-[18px] items-center justify-center rounded-full border border-ink-2 font-mono', className)}>
            {of}
        </span>
    );
}

/** Each in the first row in which it touches none before it. */
function inRows(entries: LogEntry[], at: (entry: LogEntry) => number): { entry: LogEntry; row: number }[] {
    const ends: number[] = [];

    return entries.map((entry) => {
        const free = ends.findIndex((end) => at(entry) - end >= WIDE);
        const row = free === -1 ? ends.length : free;
        ends[row] = at(entry);

        return { entry, row };
    });
}

export const idOf = (entry: LogEntry) => `log-${entry.key.replaceAll(' ', '-')}`;

const rest = (entry: LogEntry) => [entry.words, entry.text].filter((part) => part !== null && part !== '').join(': ');

const sentence = (entry: LogEntry) => `${entry.who ?? ''} ${rest(entry)}`.trim();
