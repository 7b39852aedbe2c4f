import { Link } from '@inertiajs/react';
import type { IssueStop } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { outcomeWords } from '../../lib/words';
import { Section } from '../signs/Section';

/** The meetings in which an issue was on the agenda, and what each made of it. */
export function IssuePath({ path, raised, on }: { path: IssueStop[]; raised: string; on: string }) {
    return (
        <Section title="Its path">
            <ol className="border-l-2 border-rule pl-4">
                <li className="py-1.5">
                    <span className="font-mono text-xs text-ink-2">{dayWords(on)}</span> {raised}
                </li>
                {path.map((stop) => (
                    <li key={stop.link} className="py-1.5">
                        <span className="font-mono text-xs text-ink-2">{dayWords(stop.on)}</span>{' '}
                        <Link href={stop.link} className="link">
                            {stop.series}
                        </Link>
                        <span className="text-ink-2">
                            , {stop.outcome !== null ? outcomeWords[stop.outcome] : stop.wasReached ? 'no outcome yet' : 'not reached'}
                        </span>
                        {stop.decisions.map((decision) => (
                            <p key={decision.id} className="font-semibold">
                                {decision.words}
                                {decision.because !== null && <span className="font-normal text-ink-2"> Reason: {decision.because}</span>}
                            </p>
                        ))}
                        {stop.nextSteps.map((step) => (
                            <p key={step.task}>
                                {step.what}, {step.who}
                                {step.by !== null && <span className="text-ink-2">, by {dayWords(step.by)}</span>}
                            </p>
                        ))}
                    </li>
                ))}
            </ol>
        </Section>
    );
}
