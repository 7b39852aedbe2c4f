import { clsx } from 'clsx';
import type { CSSProperties } from 'react';
import type { GoalView, LogEntry } from '../../generated/props';
import { daysBetween, dayWords } from '../../lib/dates';

/** How many lines are written out beneath the chart; those before them are dots. */
const WRITTEN = 5;

/** The chart's plot lies within its frame by so much, in pixels. */
const PLOT = 'ml-[42px] mr-2';

/** The history pinned to the chart's days: what was said and done, where the line bent. */
export function Pins({ page }: { page: GoalView }) {
    const days = daysBetween(page.period.first, page.period.last) + 1;
    const pins = page.history.filter((entry) => entry.kind !== 'reading' && entry.on >= page.period.first && entry.on <= page.period.last);
    const written = pins.slice(0, WRITTEN).reverse();
    const at = (entry: LogEntry) => (daysBetween(page.period.first, entry.on) + 1) / days;

    if (pins.length === 0) {
        return null;
    }

    return (
        <ol
            aria-hidden
            className={clsx('relative border-t border-rule text-xs max-md:hidden', PLOT)}
            style={{ height: `${String(written.length * 17 + 10)}px` }}
        >
            {pins.slice(WRITTEN).map((entry) => (
                <li
                    key={entry.key}
                    className="absolute top-[-3px] size-[5px] -translate-x-1/2 rounded-full bg-ink-2"
                    style={{ left: `${String(at(entry) * 100)}%` }}
                />
            ))}
            {written.map((entry, place) => (
                <li
                    key={entry.key}
                    className={clsx(
                        'absolute top-0 border-ink-2',
                        at(entry) > 0.55 ? 'right-(--far) border-r pr-3 text-right' : 'left-(--far) border-l pl-3',
                    )}
                    style={
                        {
                            '--far': `${String((at(entry) > 0.55 ? 1 - at(entry) : at(entry)) * 100)}%`,
                            height: `${String((place + 1) * 17)}px`,
                            width: `${String((at(entry) > 0.55 ? at(entry) : 1 - at(entry)) * 100)}%`,
                        } as CSSProperties
                    }
                >
                    <span
                        className={clsx(
                            'absolute top-[-3px] size-[6px] rounded-full bg-ink',
                            at(entry) > 0.55 ? 'right-[-3.5px]' : 'left-[-3.5px]',
                        )}
                    />
                    <a
                        href={`#${idOf(entry)}`}
                        title={`${dayWords(entry.on)}: ${sentence(entry)}`}
                        className={clsx(
                            'absolute bottom-[-7px] z-10 block max-w-[92%] truncate bg-sheet px-1 hover:underline',
                            at(entry) > 0.55 ? 'right-2.5' : 'left-2.5',
                        )}
                        tabIndex={-1}
                    >
                        {entry.who !== null && <b className="font-semibold">{entry.who} </b>}
                        {rest(entry)}
                    </a>
                </li>
            ))}
        </ol>
    );
}

export const idOf = (entry: LogEntry) => `log-${entry.key.replaceAll(' ', '-')}`;

const rest = (entry: LogEntry) => [entry.words, entry.text].filter((part) => part !== null && part !== '').join(': ');

const sentence = (entry: LogEntry) => `${entry.who ?? ''} ${rest(entry)}`.trim();
