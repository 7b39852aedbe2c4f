import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { HTMLAttributes, Ref } from 'react';
import { Cord } from '../signs/Cord';
import { Estimate } from './Estimate';
import { Initials } from '../signs/Initials';
import { TaskMarks } from './TaskMarks';
import { TaskMenu } from './TaskMenu';
import { TaskTick } from './TaskTick';
import { useLineKeys, type Way } from './useLineKeys';
import { markOnClick, useMarks } from './marked';
import type { PersonTag, TaskRow } from '../../generated/props';
import { route } from '../../lib/routes';

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
    const marks = useMarks();
    const press = useLineKeys(task, onMove);
    const isMarked = marks.ids.includes(task.id);
    const isOver = task.isDone || task.isAside;

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
