import { Link } from '@inertiajs/react';
import type { LongTerm } from '../../generated/props';
import { fullDateWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** Why we do this and where we want to be: quietly in sight where a day and a planning begin. */
export function LongTermWords({ longTerm }: { longTerm: LongTerm }) {
    if (longTerm.purpose === null && longTerm.longTermGoals.length === 0) {
        return null;
    }

    return (
        <div className="text-sm text-ink-2">
            {longTerm.purpose !== null && <p className="max-w-prose whitespace-pre-line">{longTerm.purpose}</p>}
            <ul className="mt-2">
                {longTerm.longTermGoals.map((longTermGoal) => (
                    <li key={longTermGoal.id}>
                        <Link href={route('direction')} className="hover:text-ink hover:underline" title={longTermGoal.why ?? undefined}>
                            {longTermGoal.title}
                        </Link>
                        , by {fullDateWords(longTermGoal.on)}
                    </li>
                ))}
            </ul>
        </div>
    );
}
