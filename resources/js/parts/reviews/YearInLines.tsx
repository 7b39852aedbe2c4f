import { Link } from '@inertiajs/react';
import type { PeriodReviewView } from '../../generated/props';
import { dateWords, monthWords } from '../../lib/dates';
import { Section } from '../signs/Section';

/** A year’s months in one line each, and what changed in its direction. */
export function YearInLines({ page: { months, direction } }: { page: PeriodReviewView }) {
    return (
        <>
            {months.length > 0 && (
                <Section title="Its months, in a line each" aside="what you kept, or wrote first" className="mb-6">
                    <ul className="divide-y divide-hairline">
                        {months.map(({ month, words, link }) => (
                            <li key={month} className="grid grid-cols-[80px_1fr] gap-x-3 py-1">
                                <Link href={link} className="text-xs leading-5 text-ink-2 hover:underline">
                                    {monthWords(`${month}-01`)}
                                </Link>
                                <span className={words === null ? 'text-ink-2' : 'two-lines'} title={words ?? undefined}>
                                    {words ?? 'nothing written'}
                                </span>
                            </li>
                        ))}
                    </ul>
                </Section>
            )}
            {direction.length > 0 && (
                <Section title="What changed in long-term goals and motto" className="mb-6">
                    <ul className="divide-y divide-hairline">
                        {direction.map((line) => (
                            <li key={`${line.on} ${line.words}`} className="grid grid-cols-[80px_1fr] gap-x-3 py-1">
                                <span className="text-xs leading-5 text-ink-2">{dateWords(line.on)}</span>
                                <span>{line.words}</span>
                            </li>
                        ))}
                    </ul>
                </Section>
            )}
        </>
    );
}
