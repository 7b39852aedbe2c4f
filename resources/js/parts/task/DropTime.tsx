import { useDroppable } from '@dnd-kit/core';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';

interface Props {
    /** A day or a period: what is dropped here is planned for it. */
    time: string;
    className?: string;
    children: ReactNode;
}

/** A place for a time, on which tasks are dropped. */
export function DropTime({ time, className, children }: Props) {
    const { setNodeRef, isOver } = useDroppable({ id: time, data: { time } });

    return (
        <div ref={setNodeRef} className={clsx(className, isOver && 'bg-faint shadow-[inset_3px_0_0_0_var(--ink)]')}>
            {children}
        </div>
    );
}
