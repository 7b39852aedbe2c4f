import {
    createContext,
    type FocusEvent,
    type KeyboardEvent,
    type MouseEvent,
    type ReactNode,
    useContext,
    useLayoutEffect,
    useRef,
    useState,
} from 'react';
import { Cords } from './Cords';
import { nearest, restOn } from './arrows';
import type { GoalRow, YearView } from '../../generated/props';

const Context = createContext<YearView | null>(null);

/** The sheet that is drawn around this part of it. */
export function useYear(): YearView {
    const sheet = useContext(Context);

    if (sheet === null) {
        throw new Error('This is used outside of a sheet.');
    }

    return sheet;
}

export const YearContext = Context.Provider;

/**
 * The section with its cords. It is one tab stop: the arrows lead from goal to goal wherever they stand, and
 * what the focus or the pointer is on lights up its thread.
 */
export function Drawing({ goals, children }: { goals: GoalRow[]; children: ReactNode }) {
    const frame = useRef<HTMLDivElement>(null);
    const stop = useRef<string | null>(null);
    const [lit, setLit] = useState<number | null>(null);

    useLayoutEffect(() => {
        restOn(frame.current, stop.current);
    });

    const light = (event: FocusEvent | MouseEvent) => {
        const carrier = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-goal]') : null;
        const id = carrier?.dataset.goal ?? null;

        if (event.type === 'focus' && id !== null) {
            stop.current = id;
            restOn(frame.current, id);
        }

        setLit(id === null ? null : Number(id));
    };

    const move = (event: KeyboardEvent) => {
        const next = frame.current === null ? null : nearest(frame.current, event.key);

        if (next !== null) {
            event.preventDefault();
            next.focus();
        }
    };

    return (
        // oxlint-disable-next-line jsx-a11y/no-static-element-interactions -- the links inside take the focus, the arrows move among them
        <div
            ref={frame}
            className="section-drawing relative isolate"
            onFocus={light}
            onMouseOver={light}
            onMouseLeave={() => {
                setLit(null);
            }}
            onKeyDown={move}
        >
            <Cords frame={frame} goals={goals} lit={lit} />
            {children}
        </div>
    );
}
