import { useDroppable } from '@dnd-kit/core';
import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Folded } from './Folded';
import { MovableLine } from './MovableLine';
import { TaskLine } from '../task/TaskLine';
import type { ProjectView, StageRow, TaskRow } from '../../generated/props';
import { route } from '../../lib/routes';

interface Props {
    stage: StageRow;
    page: ProjectView;
    isColumn?: boolean;
}

/** How many of the tasks of a stage that cannot start yet are in sight. */
const SHOWN = 3;

/** A stage under a small ruler of what is done. In a column stands all of it; in rows what can start now stands above. */
export function Stage({ stage, page, isColumn = false }: Props) {
    const now = new Set(page.now);
    const open = stage.tasks.filter((task) => !task.isDone);
    const done = stage.tasks.filter((task) => task.isDone);
    const allDone = done.length + stage.doneMore;
    const holdsDone = page.lastIsDone && page.stages.at(-1)?.id === stage.id;
    const ready = open.filter((task) => now.has(task.id));
    const later = open.filter((task) => !now.has(task.id));
    const { setNodeRef, isOver } = useDroppable({ id: `stage ${String(stage.id)}`, data: { stage: stage.id, before: null } });
    const line = (task: TaskRow) => (
        <MovableLine key={task.id} task={task} page={page} stage={stage.id} isColumn={isColumn} isQuiet={!now.has(task.id)} />
    );

    return (
        <section
            ref={setNodeRef}
            className={clsx(
                'pt-2',
                isColumn ? 'min-w-0 border-l border-hairline px-3 pb-3 first:border-l-0 first:pl-0' : 'mt-4 border-t border-rule',
                isOver && 'bg-faint',
            )}
        >
            <div className={clsx(isColumn ? 'block' : 'flex items-baseline gap-4')}>
                <h2 className="text-base">{stage.name ?? 'Tasks'}</h2>
                {!isColumn && <span className="min-w-0 flex-1 text-xs text-ink-2">{whereOpen(ready.length, later.length)}</span>}
                <StageRuler done={allDone} all={open.length + allDone} isColumn={isColumn} />
            </div>
            {holdsDone && <p className="text-xs text-ink-2">Tasks moved here are ticked.</p>}
            {isColumn ? (
                <>
                    <ul className="divide-y divide-hairline">{ready.map(line)}</ul>
                    <Folded shown={ready.length === 0 ? SHOWN : 0} rest={(more) => `${String(more)} that cannot start yet`}>
                        {later.map(line)}
                    </Folded>
                </>
            ) : (
                <Folded shown={SHOWN} rest={(more) => `${String(more)} more that cannot start yet`}>
                    {later.map(line)}
                </Folded>
            )}
            {done.length > 0 && (
                <details open={holdsDone}>
                    <summary className="cursor-pointer py-1 text-xs text-ink-2">{allDone} done</summary>
                    <ul className="divide-y divide-hairline">
                        {done.map((task) =>
                            holdsDone ? (
                                line(task)
                            ) : (
                                <TaskLine key={task.id} task={task} people={page.people} showsOwner isAtHome isCompact={isColumn} />
                            ),
                        )}
                    </ul>
                    {stage.doneMore > 0 && <DoneBefore project={page.project.id} />}
                </details>
            )}
        </section>
    );
}

/** Where the open tasks of a stage stand: "8 open, 2 of them above" */
function whereOpen(ready: number, later: number): string {
    if (ready === 0) {
        return later === 0 ? '' : `${String(later)} open`;
    }

    return later === 0 ? `${String(ready)} open, above` : `${String(ready + later)} open, ${String(ready)} of them above`;
}

function StageRuler({ done, all, isColumn }: { done: number; all: number; isColumn: boolean }) {
    return (
        <span className="flex items-center gap-3">
            <span
                aria-hidden
                className={clsx('relative block h-1.5 border-b border-rule bg-faint', isColumn ? 'flex-1' : 'w-44 max-md:w-20')}
            >
                <span className="absolute inset-y-0 left-0 bg-spruce" style={{ width: `${String(all === 0 ? 0 : (done / all) * 100)}%` }} />
            </span>
            <span className={clsx('flex-none text-right font-mono text-xs text-ink-2', !isColumn && 'w-16')}>
                {done} of {all}
            </span>
        </span>
    );
}

/** Where the done tasks are that the page does not show. */
function DoneBefore({ project }: { project: number }) {
    const conditions = [
        { field: 'project', value: String(project) },
        { field: 'state', value: 'done' },
    ];

    return (
        <Link href={route('saved.build', { _query: { conditions, sort: 'changed' } })} className="link inline-block py-2 text-xs">
            All finished tasks
        </Link>
    );
}
