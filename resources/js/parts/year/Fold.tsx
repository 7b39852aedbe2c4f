import { type ReactNode, useState } from 'react';
import type { GoalRow } from '../../generated/props';

interface Props {
    goals: GoalRow[];
    shown: number;
    children: (goal: GoalRow) => ReactNode;
}

/** The first few of a list; the rest is one press away. */
export function Fold({ goals, shown, children }: Props) {
    const [isOpen, setOpen] = useState(false);
    const folded = isOpen ? 0 : Math.max(0, goals.length - shown);

    return (
        <>
            {goals.slice(0, folded > 0 ? shown : goals.length).map((goal) => (
                <li key={goal.id}>{children(goal)}</li>
            ))}
            {folded > 0 && (
                <li>
                    <button
                        type="button"
                        data-cell=""
                        className="min-h-6 bg-sheet text-xs tracking-tighter whitespace-nowrap text-ink-2 hover:underline"
                        onClick={() => {
                            setOpen(true);
                        }}
                    >
                        +{folded}
                        <span className="sr-only"> more goals</span>
                    </button>
                </li>
            )}
        </>
    );
}
