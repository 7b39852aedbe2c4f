import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { HTMLAttributes, KeyboardEvent, Ref } from 'react';
import { Cord } from './Cord';
import { Estimate } from './Estimate';
import { Initials } from './Initials';
import { TaskMarks } from './TaskMarks';
import { TaskMenu } from './TaskMenu';
import { TaskTick } from './TaskTick';
import { markOnClick, useMarks } from './marks/Marks';
import type { PersonTag, TaskRow } from '../generated/props';
import { focusLine, linesInSight } from '../lib/focus/lines';
import { isSecondPart, meaning, singleKeys, useKeyWords } from '../lib/keys';
import { planKeys, usePlanKeys } from '../lib/planKeys';
import { route } from '../lib/routes';
import { tell, tick } from '../lib/tasks';

interface Props {
    task: TaskRow;
    people: PersonTag[];
    /** Whose it is, where a list holds tasks of several people. */
    showsOwner?: boolean;
    /** On the page of its own project, which says who may see it. */
    isAtHome?: boolean;
    /** When it is planned for, where the place of the line does not say it. */
    showsTime?: boolean;
    /** What else is known of it, in a column of its own where there is room. */
    beside?: string | null;
    /** Where there is no room: without thread and estimate. */
    isCompact?: boolean;
    /** Pale, because it cannot be done now. */
    isQuiet?: boolean;
    /** Alt and an arrow: up and down in its order, left and right from stage to stage. */
    onMove?: (way: Way) => void;
    /** What makes the line one that can be dragged. */
    line?: HTMLAttributes<HTMLLIElement> & { ref: Ref<HTMLLIElement> };
}

export type Way = 'up' | 'down' | 'left' | 'right';

const ways: Record<string, Way> = { ArrowUp: 'up', ArrowDown: 'down', ArrowLeft: 'left', ArrowRight: 'right' };

/** What a line hears, as the page of keys says it. */
const lineKeys = {
    Space: 'Tick the focused task',
    v: 'Select the focused task, or clear it',
    'Shift ↑ ↓': 'Select several tasks',
    t: 'Mark the focused finished task as worth telling',
    '.': 'Actions for the focused task, or for the selected ones',
};

const moveKeys = { 'Alt ↑ ↓ ← →': 'Move the focused task up, down or to another stage' };
const none = {};

const isCommand = (event: KeyboardEvent) => event.ctrlKey || event.metaKey || event.altKey;

/** A task as a line of any list. Arrows move among lines, space ticks, "." opens what else can be done. */
export function TaskLine({
    task,
    people,
    showsOwner = false,
    isAtHome = false,
    showsTime = false,
    beside,
    isCompact = false,
    isQuiet = false,
    onMove,
    line = { ref: null },
}: Props) {
    useKeyWords(lineKeys);
    useKeyWords(planKeys);
    const planByKey = usePlanKeys(task);
    useKeyWords(onMove === undefined ? none : moveKeys);
    const marks = useMarks();
    const isMarked = marks.ids.includes(task.id);
    const isOver = task.isDone || task.isAside;

    const press = (event: KeyboardEvent<HTMLElement>) => {
        const line = event.currentTarget;
        const way = ways[event.key];
        // A menu that belongs to the line stands elsewhere on the page: its keys are its own.
        if (!(event.target instanceof Node) || !line.contains(event.target)) {
            return;
        }

        const onLink = event.target instanceof HTMLAnchorElement;

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
            tick(task);
        } else if (onLink && meaning(event.key) === 'v') {
            event.preventDefault();
            marks.toggle(task.id);
        } else if (onLink && task.isDone && meaning(event.key) === 't' && !isCommand(event) && !isSecondPart()) {
            event.preventDefault();
            tell(task);
        } else if (onLink && meaning(event.key) === '.') {
            event.preventDefault();
            const trigger = isMarked
                ? document.querySelector<HTMLElement>('[data-marks-menu]')
                : line.querySelector<HTMLElement>('[data-task-menu]');
            trigger?.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, button: 0, pointerType: 'mouse' }));
        } else if (onLink && !isCommand(event) && singleKeys.areOn() && !isSecondPart()) {
            // The next one has the focus then, so that many are planned one after the other.
            const lines = linesInSight().filter((each) => each.dataset.task !== undefined);
            const next = lines[lines.indexOf(line) + 1] ?? lines[lines.indexOf(line) - 1];

            if (planByKey(meaning(event.key), next === undefined ? undefined : Number(next.dataset.task))) {
                event.preventDefault();
                focusLine(next);
            }
        }
    };

    return (
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- keys of the link inside, shared by the whole line
        <li
            data-task-line
            data-task={task.id}
            {...line}
            onKeyDown={press}
            onClick={markOnClick(marks, task.id)}
            className={clsx(
                'group/task flex min-h-8 items-center gap-3 py-1',
                isMarked && 'bg-faint shadow-[-3px_0_0_0_var(--ink)]',
                line.className,
            )}
        >
            <TaskTick task={task} />
            <span className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-3">
                <Link
                    href={route('tasks.show', task.id)}
                    title={task.title}
                    className={clsx('two-lines hover:underline', isOver && 'text-ink-2 line-through', isQuiet && !isOver && 'text-ink-2')}
                >
                    {task.title}
                </Link>
                {isMarked && <span className="sr-only">selected</span>}
                <TaskMarks task={task} showsTime={showsTime} isAtHome={isAtHome} />
            </span>
            {showsOwner && <Initials person={task.owner} className="flex-none" />}
            {beside !== undefined && (
                <span title={beside ?? undefined} className="w-52 flex-none truncate text-xs text-ink-2 max-lg:hidden">
                    {beside}
                </span>
            )}
            {!isCompact && (
                <>
                    <span className="flex w-10 flex-none justify-start">
                        <Cord cord={task.cord} />
                    </span>
                    <Estimate minutes={task.minutes} />
                </>
            )}
            <TaskMenu task={task} people={people} />
        </li>
    );
}
