import { Link } from '@inertiajs/react';
import type { DecisionLine } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** What was decided, each one press from the meeting in which it was. */
export function DecisionList({ decisions }: { decisions: DecisionLine[] }) {
    return decisions.length === 0 ? null : (
        <>
            <h2 className="mt-5 border-b border-hairline pb-1 text-base">Decisions</h2>
            <ul>
                {decisions.map((decision) => (
                    <li key={decision.id} className="grid grid-cols-[80px_1fr] gap-x-3 border-b border-hairline py-1.5">
                        <span className="text-xs leading-5 text-ink-2">{dayWords(decision.decidedOn)}</span>
                        <span className="min-w-0 wrap-anywhere">
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
        </>
    );
}
