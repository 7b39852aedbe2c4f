import { type DragEndEvent, DndContext, DragOverlay, MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import { type ReactNode, useState } from 'react';
import { useMarks } from './marks/Marks';

interface Props<Target> {
    titleOf: (id: number) => string;
    /** What is dropped: one task, or all that are marked if it is one of them; and what the place says of itself. */
    onDrop: (ids: number[], target: Target) => void;
    children: ReactNode;
}

/** A part of a screen in which tasks are dragged. */
export function Dragging<Target>({ titleOf, onDrop, children }: Props<Target>) {
    const marks = useMarks();
    const [dragged, setDragged] = useState<number | null>(null);
    const sensors = useSensors(
        useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
        useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 6 } }),
    );
    const together = (id: number) => (marks.ids.length > 1 && marks.ids.includes(id) ? marks.ids : [id]);
    const wordsOf = (id: number | string) => {
        const ids = together(Number(id));

        return ids.length > 1 ? `${String(ids.length)} tasks` : titleOf(Number(id));
    };

    const drop = ({ active, over }: DragEndEvent) => {
        setDragged(null);

        if (over?.data.current !== undefined) {
            onDrop(together(Number(active.id)), over.data.current as Target);
        }
    };

    return (
        <DndContext
            sensors={sensors}
            accessibility={{
                announcements: {
                    onDragStart: ({ active }) => `Moving ${wordsOf(active.id)}`,
                    onDragOver: () => undefined,
                    onDragEnd: ({ active }) => `${wordsOf(active.id)} was moved`,
                    onDragCancel: ({ active }) => `${wordsOf(active.id)} was not moved`,
                },
            }}
            onDragStart={({ active }) => {
                setDragged(Number(active.id));
            }}
            onDragCancel={() => {
                setDragged(null);
            }}
            onDragEnd={drop}
        >
            {children}
            <DragOverlay dropAnimation={null}>
                {dragged !== null && <p className="border border-ink bg-sheet px-3 py-1.5 shadow-lg">{wordsOf(dragged)}</p>}
            </DragOverlay>
        </DndContext>
    );
}
