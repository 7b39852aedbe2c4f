import { useDraggable, useDroppable } from '@dnd-kit/core';
import { clsx } from 'clsx';
import { moveBy } from './moving';
import { TaskLine } from '../task/TaskLine';
import type { ProjectView, TaskRow } from '../../generated/props';

interface Props {
    task: TaskRow;
    page: ProjectView;
    stage: number | null;
    isColumn?: boolean;
    isQuiet?: boolean;
    /** What stands in a column of its own. */
    beside?: string | undefined;
}

/** A task of a project that can be moved: dragged, or with Alt and the arrows. What is dropped on it goes before it. */
export function MovableLine({ task, page, stage, isColumn = false, isQuiet = false, beside }: Props) {
    const drag = useDraggable({ id: task.id });
    const drop = useDroppable({ id: `before ${String(task.id)}`, data: { stage, before: task.id } });

    return (
        <TaskLine
            task={task}
            people={page.people}
            showsOwner
            isAtHome
            showsTime
            isCompact={isColumn}
            isQuiet={isQuiet}
            {...(beside === undefined ? {} : { beside })}
            onMove={(way) => {
                moveBy(page, task, way);
            }}
            line={{
                ref: (line) => {
                    drag.setNodeRef(line);
                    drop.setNodeRef(line);
                },
                ...drag.listeners,
                className: clsx(drag.isDragging && 'opacity-40', drop.isOver && 'shadow-[0_-2px_0_0_var(--ink)]'),
            }}
        />
    );
}
