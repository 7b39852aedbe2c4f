import { AddTask } from '../AddTask';
import { TaskLine } from '../TaskLine';
import type { ProjectView, StageRow } from '../../generated/props';

/** The tasks by stage, in order. What can be done now stands out, the rest is quiet. */
export function Stages({ page }: { page: ProjectView }) {
    return (
        <div className="mt-6 space-y-6">
            {page.stages.map((stage) => (
                <Stage key={stage.id ?? 0} stage={stage} page={page} />
            ))}
        </div>
    );
}

function Stage({ stage, page }: { stage: StageRow; page: ProjectView }) {
    const open = stage.tasks.filter((task) => !task.isDone);
    const done = stage.tasks.filter((task) => task.isDone);
    const now = new Set(page.now);
    const isOpen = ['active', 'proposed', 'paused'].includes(page.project.state);

    return (
        <section className="border-t border-rule pt-2">
            <div className="flex items-baseline justify-between gap-4">
                <h2 className="text-base">{stage.name ?? 'Tasks'}</h2>
                <span className="font-mono text-xs text-ink-2">
                    {done.length} of {stage.tasks.length}
                </span>
            </div>
            <ul className="divide-y divide-hairline">
                {[...open.filter((task) => now.has(task.id)), ...open.filter((task) => !now.has(task.id))].map((task) => (
                    <TaskLine key={task.id} task={task} people={page.people} showsOwner showsTime isQuiet={!now.has(task.id)} />
                ))}
            </ul>
            {isOpen && (
                <AddTask
                    to={{ project: page.project.id, stage_id: stage.id }}
                    words={stage.name === null ? 'Add a task' : `Add a task to ${stage.name}`}
                />
            )}
            {done.length > 0 && (
                <details open={open.length === 0 && done.length < 6}>
                    <summary className="cursor-pointer py-1 text-xs text-ink-2">{done.length} done</summary>
                    <ul className="divide-y divide-hairline">
                        {done.map((task) => (
                            <TaskLine key={task.id} task={task} people={page.people} showsOwner />
                        ))}
                    </ul>
                </details>
            )}
        </section>
    );
}
