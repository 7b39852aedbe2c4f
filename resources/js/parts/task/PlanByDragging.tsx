import type { ReactNode } from 'react';
import { Dragging } from './Dragging';
import { useMarks } from './marked';
import type { TaskRow } from '../../generated/props';
import { changeMany } from '../../lib/tasks';

/** A part of a screen in which tasks are planned for the time they are dropped on: one, or all that are selected. */
export function PlanByDragging({ tasks, children }: { tasks: TaskRow[]; children: ReactNode }) {
    const marks = useMarks();
    const titleOf = (id: number) => tasks.find((task) => task.id === id)?.title ?? '';
    const plan = (ids: number[], { time }: { time: string }) => {
        changeMany(ids, 'plan', time);
        marks.clear();
    };

    return (
        <Dragging titleOf={titleOf} onDrop={plan}>
            {children}
        </Dragging>
    );
}
