import { useDraggable } from '@dnd-kit/core';
import { clsx } from 'clsx';
import type { ComponentProps } from 'react';
import { TaskLine } from './TaskLine';

/** A task's line that can be taken elsewhere. */
export function DraggableLine({ task, ...line }: Omit<ComponentProps<typeof TaskLine>, 'line'>) {
    const drag = useDraggable({ id: task.id });

    return (
        <TaskLine
            task={task}
            {...line}
            line={{ ref: drag.setNodeRef, ...drag.listeners, className: clsx(drag.isDragging && 'opacity-40') }}
        />
    );
}
