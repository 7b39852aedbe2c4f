import { createContext, type MouseEvent, type ReactNode, useContext, useMemo, useState } from 'react';
import { MarksBar } from './MarksBar';
import { useKeys } from '../../lib/keys';

export interface Marked {
    /** Ids of the tasks that are marked, to do the same to all of them. */
    ids: number[];
    mark: (id: number) => void;
    toggle: (id: number) => void;
    /** Marks all from the one marked last to this one, as they stand on the screen. */
    extend: (id: number) => void;
    clear: () => void;
}

const Context = createContext<Marked>({
    ids: [],
    mark: () => undefined,
    toggle: () => undefined,
    extend: () => undefined,
    clear: () => undefined,
});

export const useMarks = () => useContext(Context);

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

/** Holds what is marked on a screen, and offers what can be done with it. */
export function Marks({ children }: { children: ReactNode }) {
    const [ids, setIds] = useState<number[]>([]);
    const marks = useMemo<Marked>(
        () => ({
            ids,
            mark: (id) => {
                setIds((now) => (now.includes(id) ? now : [...now, id]));
            },
            toggle: (id) => {
                setIds((now) => (now.includes(id) ? now.filter((each) => each !== id) : [...now, id]));
            },
            extend: (id) => {
                const shown = [...document.querySelectorAll<HTMLElement>('[data-task]')].map((line) => Number(line.dataset.task));
                const [from, to] = [shown.indexOf(ids.at(-1) ?? id), shown.indexOf(id)].sort((a, b) => a - b);
                setIds((now) => [...new Set([...now, ...shown.slice(from, (to ?? 0) + 1)])]);
            },
            clear: () => {
                setIds([]);
            },
        }),
        [ids],
    );

    useKeys(ids.length === 0 ? {} : { Escape: { words: 'Clear selection', run: marks.clear } });

    return (
        <Context value={marks}>
            {children}
            {ids.length > 0 && <MarksBar marks={marks} />}
        </Context>
    );
}
