import {
    type CollisionDetection,
    type DragEndEvent,
    DndContext,
    DragOverlay,
    type DroppableContainer,
    MouseSensor,
    TouchSensor,
    useSensor,
    useSensors,
} from '@dnd-kit/core';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { useMarks } from './marked';
import { placesUnder, type Point } from '../../lib/placesUnder';

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

    const { detect, targetOf } = usePointer(dragged);

    const drop = (end: DragEndEvent) => {
        const target = targetOf(end) as Target | undefined;
        setDragged(null);

        if (target !== undefined) {
            onDrop(together(Number(end.active.id)), target);
        }
    };

    return (
        <DndContext
            sensors={sensors}
            collisionDetection={detect}
            accessibility={{
                announcements: {
                    onDragStart: ({ active }) => `Moving ${wordsOf(active.id)}`,
                    onDragOver: () => undefined,
                    onDragEnd: (end) => `${wordsOf(end.active.id)} was ${targetOf(end) === undefined ? 'not ' : ''}moved`,
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

function usePointer(dragged: number | null) {
    const places = useRef<DroppableContainer[]>([]);
    const pointer = useRef<Point | null>(null);
    const isDragging = dragged !== null;

    // Where it is let go counts, and that may be further than what was drawn last.
    useEffect(() => {
        if (!isDragging) {
            return undefined;
        }

        const listening = new AbortController();
        const follow = ({ clientX, clientY }: PointerEvent) => {
            pointer.current = { x: clientX, y: clientY };
        };

        for (const move of ['pointermove', 'pointerup'] as const) {
            window.addEventListener(move, follow, { capture: true, signal: listening.signal });
        }

        return () => {
            listening.abort();
            pointer.current = null;
        };
    }, [isDragging]);

    const detect: CollisionDetection = ({ droppableContainers, pointerCoordinates }) => {
        places.current = droppableContainers;
        const at = pointer.current ?? pointerCoordinates;

        return at === null ? [] : placesUnder(at, droppableContainers).map(({ id }) => ({ id }));
    };

    const targetOf = ({ over }: Pick<DragEndEvent, 'over'>) =>
        (pointer.current === null ? over : placesUnder(pointer.current, places.current)[0])?.data.current;

    return { detect, targetOf };
}
