import { Link } from '@inertiajs/react';
import type { Bearing } from '../../generated/props';
import { fullDateWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** Why we do this and where we want to be: quietly in sight where a day and a planning begin. */
export function BearingWords({ bearing }: { bearing: Bearing }) {
    if (bearing.purpose === null && bearing.longTermGoals.length === 0) {
        return null;
    }

    return (
        <div className="text-sm text-ink-2">
            {bearing.purpose !== null && <p className="max-w-prose whitespace-pre-line">{bearing.purpose}</p>}
            <ul className="mt-2">
                {bearing.longTermGoals.map((longTermGoal) => (
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
