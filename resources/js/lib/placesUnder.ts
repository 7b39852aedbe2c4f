import type { DroppableContainer } from '@dnd-kit/core';

export interface Point {
    x: number;
    y: number;
}

/**
 * The places that lie under a point as the page stands at this moment, the innermost first. What was measured when one began
 * to drag is no longer true by the time others' changes arrive above it.
 */
export function placesUnder(point: Point, places: DroppableContainer[]): DroppableContainer[] {
    const under = document.elementsFromPoint(point.x, point.y);
    const depth = ({ node }: DroppableContainer) => (node.current === null ? -1 : under.indexOf(node.current));

    return places.filter((place) => depth(place) >= 0).sort((one, other) => depth(one) - depth(other));
}
