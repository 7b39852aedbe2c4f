import { Link } from '@inertiajs/react';
import type { DecisionLine } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** What was decided, under a heading, where anything was. */
export function DecisionList({ decisions }: { decisions: DecisionLine[] }) {
    return decisions.length === 0 ? null : (
        <>
            <h2 className="mt-5 border-b border-hairline pb-1 text-base">Decisions</h2>
            <DecisionLines decisions={decisions} />
        </>
    );
}

/** Decisions with what they were about, each one press from the meeting in which it was made. */
export function DecisionLines({ decisions }: { decisions: DecisionLine[] }) {
    return (
        <ul className="divide-y divide-hairline">
            {decisions.map((decision) => (
                <li key={decision.id} className="grid grid-cols-[80px_1fr] gap-x-3 py-1.5">
                    <span className="text-xs leading-5 text-ink-2">{dayWords(decision.decidedOn)}</span>
                    <span className="min-w-0 wrap-anywhere">
                        {decision.on !== null && <span className="block text-xs text-ink-2">{decision.on}</span>}
                        {decision.link === null ? (
                            decision.words
                        ) : (
                            <Link href={decision.link} className="hover:underline">
                                {decision.words}
                            </Link>
                        )}
                    </span>
                </li>
            ))}
        </ul>
    );
}
