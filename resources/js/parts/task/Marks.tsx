import { lazy, type ReactNode, Suspense, useEffect, useMemo, useState } from 'react';
import { type Marked, MarksContext } from './marked';
import { useKeys } from '../../lib/keys';

/** Comes once the page stands, before anything can be selected. */
const loadBar = () => import('./MarksBar');
const MarksBar = lazy(async () => ({ default: (await loadBar()).MarksBar }));

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

    useEffect(() => {
        void loadBar();
    }, []);
    useKeys(ids.length === 0 ? {} : { Escape: { words: 'Clear selection', run: marks.clear } });

    return (
        <MarksContext value={marks}>
            {children}
            <Suspense>{ids.length > 0 && <MarksBar marks={marks} />}</Suspense>
        </MarksContext>
    );
}
