import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { Resolution, Verdict } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { verdictWords } from '../../lib/words';

interface Props {
    period: string;
    resolutions: Resolution[];
    isOpen: boolean;
}

const verdicts = Object.entries(verdictWords) as [Verdict, string][];

/** What one wanted to do differently, with which a review begins: what became of it, and its record over the weeks. */
export function Resolutions({ period, resolutions, isOpen }: Props) {
    return resolutions.length === 0 ? null : (
        <section className="mb-5 border-b border-rule pb-3">
            <h3 className="text-base">What you wanted to do differently</h3>
            <ul className="divide-y divide-hairline">
                {resolutions.map((resolution) => (
                    <li key={resolution.id} className="py-1.5">
                        <p className="whitespace-pre-wrap">{resolution.words}</p>
                        <p className="flex flex-wrap items-baseline gap-x-4 text-xs text-ink-2">
                            <Link href={route('reviews.show', resolution.period)} className="hover:underline">
                                {plannedWords(resolution.period)}
                            </Link>
                            {resolution.record.map((said) => (
                                <span key={said.period}>
                                    {plannedWords(said.period)}: {verdictWords[said.verdict]}
                                </span>
                            ))}
                            {!isOpen && resolution.now !== null && <strong>{verdictWords[resolution.now]}</strong>}
                        </p>
                        {isOpen && (
                            <div role="group" aria-label={`What became of “${resolution.words}”`} className="flex flex-wrap gap-x-4">
                                {verdicts.map(([verdict, words]) => (
                                    <button
                                        key={verdict}
                                        type="button"
                                        aria-pressed={resolution.now === verdict}
                                        className={clsx(
                                            'min-h-8 border-b-2 border-transparent hover:border-rule',
                                            'aria-pressed:border-ink aria-pressed:font-semibold pointer-coarse:min-h-11',
                                        )}
                                        onClick={() => {
                                            act('put', route('reviews.judge', period), {
                                                answer: resolution.id,
                                                verdict: resolution.now === verdict ? null : verdict,
                                            });
                                        }}
                                    >
                                        {words}
                                    </button>
                                ))}
                            </div>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}
