import { useState } from 'react';
import { Ahead } from './Ahead';
import { Decision } from './Decision';
import { UndoDecisions } from './UndoDecisions';
import type { AheadWeek, LeftOver as Group, PersonTag, TaskRow } from '../../generated/props';
import { isDay } from '../../lib/dates';

interface Props {
    title: string;
    groups: Group[];
    ahead: AheadWeek;
    people: PersonTag[];
}

/** Decisions on all that is left over, one task after the other and one key each; they are the plan of the week ahead. */
export function LeftOver({ title, groups, ahead, people }: Props) {
    // Looked at and left where they are.
    const [left, setLeft] = useState<number[]>([]);
    const all = groups.flatMap(({ reason, hint, tasks, mayKeep }) => tasks.map((task) => ({ task, reason, hint, mayKeep })));
    const open = all.filter(({ task, mayKeep }) => !isDecided(task, ahead, mayKeep) && !left.includes(task.id));
    const [first, ...others] = open;

    return (
        <>
            <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-md">{title}</h2>
                <span className="flex items-baseline gap-4">
                    <UndoDecisions />
                    <span role="status" className="text-xs text-ink-2">
                        {first === undefined
                            ? all.length === 0
                                ? 'No open tasks are left.'
                                : 'All are sorted. Tasks without a decision are carried over.'
                            : `${String(all.length - open.length + 1)} of ${String(all.length)}`}
                    </span>
                </span>
            </div>
            {first !== undefined && (
                <Decision
                    key={first.task.id}
                    task={first.task}
                    reason={`${first.reason}: ${first.hint}`}
                    mayKeep={first.mayKeep}
                    ahead={ahead}
                    people={people}
                    onLeave={() => {
                        setLeft([...left, first.task.id]);
                    }}
                />
            )}
            {others.length > 0 && (
                <p className="two-lines mt-2 text-xs text-ink-2">Then {others.map(({ task }) => task.title).join(', ')}</p>
            )}
            <Ahead ahead={ahead} />
        </>
    );
}

/** Done, aside, or with a place in the week ahead or later: whatever else is true of it, somebody has decided. */
function isDecided(task: TaskRow, { week }: AheadWeek, mayKeep: boolean): boolean {
    const { planned } = task;
    const isAhead = planned !== null && (isDay(planned) ? planned >= week.first : planned.includes('W') && planned >= week.name);

    // What lies on the shelf is asked about there.
    return task.isDone || (task.isAside && !mayKeep) || (isAhead && !task.isAside);
}
