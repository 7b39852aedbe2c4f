import { clsx } from 'clsx';
import { type RefObject, useEffect, useMemo, useState } from 'react';
import { toneOf } from '../signs/Cord';
import type { GoalRow } from '../../generated/props';

interface Line {
    goal: GoalRow;
    path: string;
}

interface Props {
    frame: RefObject<HTMLDivElement | null>;
    goals: GoalRow[];
    /** The goal whose thread lights up. */
    lit: number | null;
}

/** The cords that run down from each goal to those that hang on it, in the colour of their thread. */
export function Cords({ frame, goals, lit }: Props) {
    const [lines, setLines] = useState<Line[]>([]);
    const thread = useMemo(() => threadOf(goals, lit), [goals, lit]);

    useEffect(() => {
        const box = frame.current;

        if (box === null) {
            return;
        }

        const draw = () => {
            // On paper the drawing is the one of the screen, made smaller by as much as it was wide there.
            if (!window.matchMedia('print').matches) {
                box.style.setProperty('--drawn', String(box.offsetWidth));
                box.style.setProperty('--drawn-height', String(box.offsetHeight + foldedHeight(box)));
                setLines(measure(box, goals));
            }
        };
        const watch = new ResizeObserver(draw);
        watch.observe(box);

        return () => {
            watch.disconnect();
        };
    }, [frame, goals]);

    return (
        <svg aria-hidden className="pointer-events-none absolute inset-0 -z-10 size-full overflow-visible">
            {lines.map(({ goal, path }) => (
                <path
                    key={goal.id}
                    d={path}
                    fill="none"
                    stroke="currentColor"
                    className={clsx(
                        toneOf(goal.cord),
                        'transition-opacity print:opacity-35',
                        thread.has(goal.id) ? 'opacity-100' : 'opacity-0',
                    )}
                    strokeWidth={thread.has(goal.id) ? 2 : 1}
                />
            ))}
        </svg>
    );
}

/** A goal, all that it hangs on and all that hangs on it. */
function threadOf(goals: GoalRow[], lit: number | null): Set<number> {
    const byId = new Map(goals.map((goal) => [goal.id, goal]));
    const thread = new Set<number>();

    for (let at = lit === null ? undefined : byId.get(lit); at !== undefined && !thread.has(at.id);) {
        thread.add(at.id);
        at = at.parent === null ? undefined : byId.get(at.parent);
    }

    const hangs = (goal: GoalRow): boolean => goal.id === lit || (goal.parent !== null && hangsOn(byId.get(goal.parent), hangs));

    for (const goal of lit === null ? [] : goals) {
        if (hangs(goal)) {
            thread.add(goal.id);
        }
    }

    return thread;
}

const hangsOn = (parent: GoalRow | undefined, hangs: (goal: GoalRow) => boolean) => parent !== undefined && hangs(parent);

/** Each thread has a lane of its own beside the goals of a period, so that cords do not hide each other. */
const lane = (goal: GoalRow) => ((goal.cord?.tone ?? 1) - 1) * 1.5 - 6.5;

function measure(box: HTMLElement, goals: GoalRow[]): Line[] {
    const origin = box.getBoundingClientRect();
    const places = new Map(
        [...box.querySelectorAll<HTMLElement>('[data-goal]')].map((element) => [
            Number(element.dataset.goal),
            element.getBoundingClientRect(),
        ]),
    );
    const lines: Line[] = [];

    for (const goal of goals) {
        const [from, to] = [places.get(goal.parent ?? 0), places.get(goal.id)];

        if (from === undefined || to === undefined || from.width === 0 || to.width === 0) {
            continue;
        }

        const isStub = to.height < 14;
        const x = to.left - origin.left + (isStub ? 0.5 : lane(goal));
        const start = from.bottom - origin.top + (from.bottom <= to.top ? 0 : -from.height / 2);
        const end = to.top - origin.top + (isStub ? 0 : 8);
        lines.push({
            goal,
            path: `M${x.toFixed(1)} ${start.toFixed(1)}V${end.toFixed(1)}${isStub ? '' : `H${(to.left - origin.left - 1).toFixed(1)}`}`,
        });
    }

    return lines;
}

/** A line of a goal, in pixels. */
const LINE = 30;

/** How much higher the drawing is on paper, where nothing folds. */
const foldedHeight = (box: HTMLElement): number =>
    LINE * Math.max(0, ...[...box.querySelectorAll('ul')].map((list) => list.querySelectorAll(':scope > [data-folded]').length));
