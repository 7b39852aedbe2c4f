import type { KeyboardEvent } from 'react';
import { useMarks } from './marked';
import type { TaskRow } from '../../generated/props';
import { focusLine, linesInSight } from '../../lib/focus/lines';
import { isKey, isSecondPart, meaning, useKeyWords } from '../../lib/keys';
import { type Planned, planKeys, usePlanKeys } from '../../lib/planKeys';
import { changeMany, plan, setAside, tell, tick } from '../../lib/tasks';

export type Way = 'up' | 'down' | 'left' | 'right';

const ways: Record<string, Way> = { ArrowUp: 'up', ArrowDown: 'down', ArrowLeft: 'left', ArrowRight: 'right' };

/** What a line hears, as the page of keys says it. */
const lineKeys = {
    Space: 'Tick the focused task or the selected ones',
    v: 'Select the focused task, or clear it',
    'Shift ↑ ↓': 'Select several tasks',
    t: 'Mark the focused finished task as worth telling',
    '.': 'Actions for the focused task, or for the selected ones',
};

const moveKeys = { 'Alt ↑ ↓ ← →': 'Move the focused task up, down or to another stage' };
const none = {};

const isCommand = (event: KeyboardEvent) => event.ctrlKey || event.metaKey || event.altKey;

/**
 * What the line of a task hears while it has the focus. A key acts on all that is selected, or on this task where nothing is.
 *
 * @param onMove Alt and an arrow, where the order of the tasks is one's own
 */
export function useLineKeys(task: TaskRow, onMove?: (way: Way) => void): (event: KeyboardEvent<HTMLElement>) => void {
    useKeyWords(lineKeys);
    useKeyWords(planKeys);
    useKeyWords(onMove === undefined ? none : moveKeys);
    const marks = useMarks();
    const heard = useTitleKeys(task);

    const select = (line: HTMLElement, by: 1 | -1, isRange: boolean) => {
        const lines = linesInSight();
        const next = lines[lines.indexOf(line) + by];
        focusLine(next);

        if (isRange) {
            marks.mark(task.id);
            marks.mark(Number(next?.dataset.task ?? task.id));
        }
    };

    return (event: KeyboardEvent<HTMLElement>) => {
        const line = event.currentTarget;
        const way = ways[event.key];
        // A menu that belongs to the line stands elsewhere on the page: its keys are its own.
        if (!(event.target instanceof Node) || !line.contains(event.target)) {
            return;
        }

        // A letter is a key only where it is heard as one.
        const onLink = event.target instanceof HTMLAnchorElement && (event.key.length > 1 || isKey(event.nativeEvent));

        if (event.altKey && way !== undefined && onMove !== undefined) {
            event.preventDefault();
            onMove(way);
        } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            select(line, event.key === 'ArrowDown' ? 1 : -1, event.shiftKey);
        } else if (onLink) {
            const run = heard(event);

            if (run !== undefined) {
                event.preventDefault();
                run();
            }
        }
    };
}

/** What a key on the title of a task means, if anything. */
function useTitleKeys(task: TaskRow): (event: KeyboardEvent<HTMLElement>) => (() => void) | undefined {
    const planOf = usePlanKeys();
    const marks = useMarks();
    const giveAndGoOn = useGive(task);
    const hasMarks = marks.ids.length > 0;
    // What is over or aside is planned by nobody.
    const isFixed = (task.isDone || task.isAside) && !hasMarks;

    return (event) => {
        const line = event.currentTarget;
        const key = meaning(event.key);
        const isPlain = !isCommand(event) && !isSecondPart();

        if (event.key === ' ' && !task.isAside) {
            return () => {
                giveAndGoOn({ what: 'tick' });
            };
        }

        if (key === 'v') {
            return () => {
                marks.toggle(task.id);
            };
        }

        if (key === 't' && task.isDone && !hasMarks && isPlain) {
            return () => {
                tell(task);
            };
        }

        if (key === '.') {
            return () => {
                openActions(line, marks.ids.includes(task.id));
            };
        }

        const planned = !isPlain || isFixed ? null : planOf(key);

        return planned === null
            ? undefined
            : () => {
                  giveAndGoOn(planned, line);
              };
    };
}

/**
 * Gives an answer to all that are selected, or to this one where none is. From a line the next one has the focus then, so that
 * many are planned one after the other.
 */
function useGive(task: TaskRow): (planned: Planned | { what: 'tick' }, from?: HTMLElement) => void {
    const marks = useMarks();
    const hasMarks = marks.ids.length > 0;

    return (planned, from) => {
        const time = planned.what === 'plan' ? planned.time : null;
        const next = from === undefined ? undefined : nextOf(from, marks.ids);

        if (hasMarks) {
            changeMany(marks.ids, planned.what, time);
            marks.clear();
        } else if (planned.what === 'tick') {
            tick(task);
        } else if (planned.what === 'plan') {
            plan(task, time);
        } else {
            setAside(task, planned.what);
        }

        if (from !== undefined && (!hasMarks || marks.ids.includes(task.id))) {
            focusLine(next);
        }
    };
}

/** The line after one, or before it at the end, that is not planned with it. */
function nextOf(line: HTMLElement, marked: number[]): HTMLElement | undefined {
    const isMeant = (each: HTMLElement) => each === line || marked.includes(Number(each.dataset.task));
    const lines = linesInSight().filter((each) => each.dataset.task !== undefined);
    const at = lines.indexOf(line);

    return [...lines.slice(at), ...lines.slice(0, at).reverse()].find((each) => !isMeant(each));
}

/** Opens what can be done with the line, or with all that is selected. */
function openActions(line: HTMLElement, isMarked: boolean): void {
    const trigger = isMarked
        ? document.querySelector<HTMLElement>('[data-marks-menu]')
        : line.querySelector<HTMLElement>('[data-task-menu]');
    trigger?.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, button: 0, pointerType: 'mouse' }));
}
