import { Link } from '@inertiajs/react';
import { Section } from '../signs/Section';
import type { PickUpLine } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** The pages that one was working with last. */
export function PickUp({ lines, today }: { lines: PickUpLine[]; today: string }) {
    return lines.length === 0 ? null : (
        <Section title="Where I stopped" className="mt-8">
            <ul className="divide-y divide-hairline">
                {lines.map((line) => (
                    <li key={line.link}>
                        <Link href={line.link} className="group block min-h-11 py-1.5">
                            <span className="two-lines group-hover:underline">{line.title}</span>
                            <span className="block truncate text-xs text-ink-2">
                                {line.on === today ? line.at : `${dayWords(line.on)} ${line.at}`}, {line.what}
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
        </Section>
    );
}
