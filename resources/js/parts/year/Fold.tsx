import { clsx } from 'clsx';
import { type ReactNode, useState } from 'react';
import { toneOf } from '../signs/Cord';
import type { GoalRow } from '../../generated/props';

interface Props {
    goals: GoalRow[];
    /** How many there may be before any folds. */
    shown: number;
    children: (goal: GoalRow) => ReactNode;
}

/** How many of a thread stay in sight where there are more than fit. */
const OF_THREAD = 2;

/** The worst of each thread; the rest of a thread is one press away. On paper all of them stand. */
export function Fold({ goals, shown, children }: Props) {
    const [open, setOpen] = useState<string[]>([]);
    const threads = Map.groupBy(goals, (goal) => goal.cord?.mark ?? '');
    const folded = new Map(
        goals.length <= shown
            ? []
            : [...threads].filter(([mark]) => !open.includes(mark)).map(([mark, of]) => [mark, new Set(of.slice(OF_THREAD))]),
    );

    return (
        <>
            {goals.map((goal) => {
                const isFolded = folded.get(goal.cord?.mark ?? '')?.has(goal) === true;

                return (
                    <li key={goal.id} data-folded={isFolded ? '' : undefined} className={clsx(isFolded && 'hidden print:list-item')}>
                        {children(goal)}
                    </li>
                );
            })}
            <li className="flex flex-wrap gap-x-3 print:hidden">
                {[...folded].map(([mark, rest]) =>
                    rest.size === 0 ? null : (
                        <button
                            key={mark}
                            type="button"
                            data-cell=""
                            className="min-h-6 bg-sheet text-xs tracking-tighter whitespace-nowrap text-ink-2 hover:underline"
                            onClick={() => {
                                setOpen([...open, mark]);
                            }}
                        >
                            +{rest.size} <span className={toneOf(threads.get(mark)?.[0]?.cord ?? null)}>{mark}</span>
                            <span className="sr-only"> more goals</span>
                        </button>
                    ),
                )}
            </li>
        </>
    );
}
