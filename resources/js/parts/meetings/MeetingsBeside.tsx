import { Link } from '@inertiajs/react';
import { Section } from '../signs/Section';
import type { MeetingsBeside as Props, Option } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** The meetings of a project or an area, what is to be discussed and what was decided; nothing where there is nothing. */
export function MeetingsBeside({ meetings: { meetings, issues, decisions } }: { meetings: Props }) {
    return meetings.length + issues.length + decisions.length === 0 ? null : (
        <Section title="Meetings and decisions">
            <Links options={meetings} />
            {issues.length > 0 && (
                <>
                    <h3 className="mt-2 text-xs text-ink-2">To be discussed</h3>
                    <Links options={issues} />
                </>
            )}
            {decisions.length > 0 && (
                <>
                    <h3 className="mt-2 text-xs text-ink-2">Decided</h3>
                    <ul>
                        {decisions.map((decision) => (
                            <li key={decision.id} className="py-0.5">
                                {decision.link === null ? (
                                    decision.words
                                ) : (
                                    <Link href={decision.link} className="hover:underline">
                                        {decision.words}
                                    </Link>
                                )}{' '}
                                <span className="font-mono text-xs text-ink-2">{dayWords(decision.decidedOn)}</span>
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </Section>
    );
}

function Links({ options }: { options: Option[] }) {
    return (
        <ul>
            {options.map(({ value, label }) => (
                <li key={value} className="py-0.5">
                    <Link href={value} className="hover:underline">
                        {label}
                    </Link>
                </li>
            ))}
        </ul>
    );
}
