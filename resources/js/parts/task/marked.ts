import { createContext, type MouseEvent, useContext } from 'react';

export interface Marked {
    /** Ids of the tasks that are marked, to do the same to all of them. */
    ids: number[];
    mark: (id: number) => void;
    toggle: (id: number) => void;
    /** Marks all from the one marked last to this one, as they stand on the screen. */
    extend: (id: number) => void;
    clear: () => void;
}

export const MarksContext = createContext<Marked>({
    ids: [],
    mark: () => undefined,
    toggle: () => undefined,
    extend: () => undefined,
    clear: () => undefined,
});

export const useMarks = () => useContext(MarksContext);

/** Marks a task with the mouse: Ctrl and a click on its line, Shift and a click for all up to there. */
export function markOnClick(marks: Marked, id: number) {
    return (event: MouseEvent<HTMLElement>) => {
        if (!(event.target instanceof Element) || event.target.closest('a, button, input, select') !== null) {
            return;
        }

        if (event.shiftKey) {
            marks.extend(id);
        } else if (event.ctrlKey || event.metaKey) {
            marks.toggle(id);
        } else {
            return;
        }

        // What is pressed next is meant for what is selected.
        event.currentTarget.querySelector('a')?.focus();
    };
}
