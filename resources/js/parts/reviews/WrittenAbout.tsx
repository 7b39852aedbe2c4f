import { Link } from '@inertiajs/react';
import type { AnswerLine } from '../../generated/props';
import { ofWords } from '../../lib/dates';
import { Section } from '../signs/Section';

/** What one wrote in reviews about the goals that are planned or closed here: nobody else sees it. */
export function WrittenAbout({ lines, className }: { lines: AnswerLine[]; className?: string }) {
    return lines.length === 0 ? null : (
        <Section title="What you wrote about these goals" aside="only you" {...(className !== undefined && { className })}>
            <ul className="divide-y divide-hairline">
                {lines.map((line) => (
                    <li key={line.id} className="py-1.5">
                        <p className="text-xs text-ink-2">
                            {line.goal}, {line.question},{' '}
                            <Link href={line.link} className="link">
                                {ofWords(line.of)}
                            </Link>
                        </p>
                        <p className="wrap-anywhere whitespace-pre-wrap">{line.words}</p>
                    </li>
                ))}
            </ul>
        </Section>
    );
}
