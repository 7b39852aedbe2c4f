import { useDroppable } from '@dnd-kit/core';
import { Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { MovableLine } from './MovableLine';
import { moveTo } from './moving';
import { AddTask } from '../AddTask';
import { Dragging } from '../Dragging';
import { TaskLine } from '../TaskLine';
import { useMarks } from '../marks/Marks';
import type { ProjectView, StageRow } from '../../generated/props';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';

const COLUMNS = 'as=columns';

/** The tasks by stage, in order, below or beside each other. What can be done now stands out, the rest is quiet. */
export function Stages({ page }: { page: ProjectView }) {
    const { url } = usePage();
    const marks = useMarks();
    const areColumns = url.includes(COLUMNS) && page.stages.length > 1;
    const tasks = page.stages.flatMap((stage) => stage.tasks);
    const titleOf = (id: number) => tasks.find((task) => task.id === id)?.title ?? '';

    // What is marked stands last in the stage.
    const drop = (ids: number[], target: { stage: number | null; before: number | null }) => {
        const [id] = ids;

        if (ids.length > 1 && target.stage !== null) {
            act('put', route('tasks.many'), { tasks: ids, what: 'stage', value: String(target.stage) }, { onDone: marks.clear });
        } else if (ids.length === 1 && id !== undefined && target.before !== id) {
            moveTo(id, target.stage, target.before);
        }
    };

    return (
        <Dragging titleOf={titleOf} onDrop={drop}>
            {page.stages.length > 1 && (
                <p className="mt-6 flex justify-end gap-4 text-xs" role="group" aria-label="Layout of the stages">
                    <Layout href={route('projects.show', page.project.id)} isOn={!areColumns} words="Rows" />
                    <Layout href={`${route('projects.show', page.project.id)}?${COLUMNS}`} isOn={areColumns} words="Columns" />
                </p>
            )}
            <div
                className={clsx(
                    page.stages.length > 1 ? 'mt-1' : 'mt-6',
                    areColumns
                        ? 'grid auto-cols-[minmax(200px,1fr)] grid-flow-col overflow-x-auto border-t border-rule max-md:auto-cols-[78vw]'
                        : 'space-y-6',
                )}
            >
                {page.stages.map((stage) => (
                    <Stage key={stage.id ?? 0} stage={stage} page={page} isColumn={areColumns} />
                ))}
            </div>
        </Dragging>
    );
}

function Layout({ href, isOn, words }: { href: string; isOn: boolean; words: string }) {
    return (
        <Link
            href={href}
            preserveScroll
            preserveState
            aria-current={isOn ? 'true' : undefined}
            className={isOn ? 'border-b border-ink font-semibold' : 'text-ink-2 hover:text-ink'}
        >
            {words}
        </Link>
    );
}

function Stage({ stage, page, isColumn }: { stage: StageRow; page: ProjectView; isColumn: boolean }) {
    const open = stage.tasks.filter((task) => !task.isDone);
    const done = stage.tasks.filter((task) => task.isDone);
    const allDone = done.length + stage.doneMore;
    const now = new Set(page.now);
    const isOpen = ['active', 'proposed', 'paused'].includes(page.project.state);
    const holdsDone = page.lastIsDone && page.stages.at(-1)?.id === stage.id;
    const { setNodeRef, isOver } = useDroppable({ id: `stage ${String(stage.id)}`, data: { stage: stage.id, before: null } });

    return (
        <section
            ref={setNodeRef}
            className={clsx(
                'pt-2',
                isColumn ? 'min-w-0 border-l border-hairline px-3 pb-3 first:border-l-0 first:pl-0' : 'border-t border-rule',
                isOver && 'bg-faint',
            )}
        >
            <div className="flex items-baseline justify-between gap-4">
                <h2 className="text-base">{stage.name ?? 'Tasks'}</h2>
                <span className="font-mono text-xs text-ink-2">
                    {holdsDone ? allDone : `${String(allDone)} of ${String(open.length + allDone)}`}
                </span>
            </div>
            {holdsDone && <p className="text-xs text-ink-2">Tasks moved here are ticked.</p>}
            <ul className="divide-y divide-hairline">
                {open.map((task) => (
                    <MovableLine key={task.id} task={task} page={page} stage={stage.id} isColumn={isColumn} isQuiet={!now.has(task.id)} />
                ))}
            </ul>
            {isOpen && !holdsDone && (
                <AddTask
                    to={{ project: page.project.id, stage_id: stage.id }}
                    words={stage.name === null ? 'Add a task' : `Add a task to ${stage.name}`}
                />
            )}
            {done.length > 0 && (
                <details open={holdsDone || (open.length === 0 && allDone < 6)}>
                    <summary className="cursor-pointer py-1 text-xs text-ink-2">{allDone} done</summary>
                    <ul className="divide-y divide-hairline">
                        {done.map((task) =>
                            holdsDone ? (
                                <MovableLine key={task.id} task={task} page={page} stage={stage.id} isColumn={isColumn} />
                            ) : (
                                <TaskLine key={task.id} task={task} people={page.people} showsOwner isCompact={isColumn} />
                            ),
                        )}
                    </ul>
                    {stage.doneMore > 0 && <DoneBefore project={page.project.id} />}
                </details>
            )}
        </section>
    );
}

/** Where the done tasks are that the page does not show. */
function DoneBefore({ project }: { project: number }) {
    const conditions = [
        { field: 'project', value: String(project) },
        { field: 'state', value: 'done' },
    ];

    return (
        <Link href={route('saved.build', { _query: { conditions, sort: 'changed' } })} className="inline-block py-2 text-xs link ">
            All finished tasks
        </Link>
    );
}
