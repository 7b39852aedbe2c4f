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
    const planOf = usePlanKeys();
    useKeyWords(onMove === undefined ? none : moveKeys);
    const marks = useMarks();
    const isOver = task.isDone || task.isAside;
    const hasMarks = marks.ids.length > 0;

    /** To all that are selected, or to this one where none is. */
    const give = (planned: Planned | { what: 'tick' }) => {
        const time = planned.what === 'plan' ? planned.time : null;

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
            const lines = linesInSight();
            const next = lines[lines.indexOf(line) + (event.key === 'ArrowDown' ? 1 : -1)];
            event.preventDefault();
            focusLine(next);

            if (event.shiftKey) {
                for (const id of [task.id, Number(next?.dataset.task ?? task.id)]) {
                    marks.mark(id);
                }
            }
        } else if (onLink && event.key === ' ' && !task.isAside) {
            event.preventDefault();
            give({ what: 'tick' });
        } else if (onLink && meaning(event.key) === 'v') {
            event.preventDefault();
            marks.toggle(task.id);
        } else if (onLink && task.isDone && !hasMarks && meaning(event.key) === 't' && !isCommand(event) && !isSecondPart()) {
            event.preventDefault();
            tell(task);
        } else if (onLink && meaning(event.key) === '.') {
            event.preventDefault();
            const trigger = marks.ids.includes(task.id)
                ? document.querySelector<HTMLElement>('[data-marks-menu]')
                : line.querySelector<HTMLElement>('[data-task-menu]');
            trigger?.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, button: 0, pointerType: 'mouse' }));
        } else if (onLink && !isCommand(event) && !isSecondPart()) {
            // What is over or aside is planned by nobody.
            const planned = isOver && !hasMarks ? null : planOf(meaning(event.key));

            if (planned !== null) {
                // The next one has the focus then, so that many are planned one after the other.
                const isMeant = (each: HTMLElement) => each === line || marks.ids.includes(Number(each.dataset.task));
                const lines = linesInSight().filter((each) => each.dataset.task !== undefined);
                const at = lines.indexOf(line);
                const next = [...lines.slice(at), ...lines.slice(0, at).reverse()].find((each) => !isMeant(each));
                event.preventDefault();
                give(planned);

                if (!hasMarks || marks.ids.includes(task.id)) {
                    focusLine(next);
                }
            }
        }
    };
}
