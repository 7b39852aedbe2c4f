import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { goesUp, KeepFinding } from './KeepFinding';
import type { DigestRow, FindingLevel, Horizon } from '../../generated/props';
import { dateWords, isDay, plannedWords } from '../../lib/dates';
import { count } from '../../lib/words';
import { Button } from '../../ui/Button';

/** Where it was written, short: "3 Nov", "w45", "Sep", "Q2". */
const writtenIn = (period: string) =>
    isDay(period)
        ? dateWords(period)
        : plannedWords(period)
              .replace('week ', 'w')
              .replace(/^([A-Z][a-z]{2})[a-z]+$/, '$1')
              .split(' ')[0];

interface Props {
    rows: DigestRow[];
    horizon: Horizon;
    up: { to: FindingLevel; name: string } | null;
    isOpen: boolean;
}

/** What you wrote in the shorter reviews and on the days: what was marked first in sight, each one press from where it was written. */
export function Digest({ rows, horizon, up, isOpen }: Props) {
    const [showsAll, setShowsAll] = useState(false);
    const here: FindingLevel = horizon === 'year' ? 'year' : horizon === 'quarter' ? 'quarter' : 'month';
    const marked = rows.filter((row) => goesUp(row.level, here));
    const others = rows.filter((row) => !marked.includes(row));
    const shown = showsAll || marked.length === 0 ? rows : marked;

    return (
        <section className="mb-6">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-md">From what you wrote</h2>
                <span className="text-xs text-ink-2">
                    {rows.length === 0
                        ? 'Nothing was written in this time.'
                        : `${String(marked.length)} marked, ${count(others.length, 'other')}.`}
                    {rows.length > 0 && up !== null && ` What you keep comes back in ${up.name}.`}
                </span>
            </div>
            <ul className="mt-1 columns-2 gap-8 max-lg:columns-1">
                {shown.map((row) => {
                    const isKept = up !== null && goesUp(row.level, up.to);

                    return (
                        <li
                            key={`${row.source} ${String(row.id)}`}
                            className={clsx(
                                'grid break-inside-avoid grid-cols-[60px_1fr] gap-x-2 py-1.5',
                                isKept ? 'double-rule font-semibold' : 'border-t border-hairline',
                            )}
                        >
                            <Link href={row.link} className="font-mono text-xs leading-5 font-normal text-ink-2 hover:underline">
                                {writtenIn(row.period)}
                            </Link>
                            <span className="min-w-0 whitespace-pre-wrap wrap-anywhere">
                                {row.words}
                                {isOpen && up !== null && (
                                    <span className="block font-normal">
                                        <KeepFinding
                                            source={row.source}
                                            id={row.id}
                                            level={row.level}
                                            upTo={up.to}
                                            from={horizon === 'month' && row.source !== 'answer' ? null : here}
                                            name={up.name}
                                        />
                                    </span>
                                )}
                            </span>
                        </li>
                    );
                })}
            </ul>
            {marked.length > 0 && others.length > 0 && (
                <Button
                    kind="quiet"
                    className="print:hidden"
                    aria-expanded={showsAll}
                    onClick={() => {
                        setShowsAll(!showsAll);
                    }}
                >
                    {showsAll ? 'Only what was marked' : `Show ${count(others.length, 'line')} more`}
                </Button>
            )}
        </section>
    );
}
