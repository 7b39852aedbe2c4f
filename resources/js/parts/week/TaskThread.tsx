import { Link } from '@inertiajs/react';
import { ThreadLine } from '../signs/ThreadLine';
import type { TaskView } from '../../generated/props';
import { lastPlace } from '../../lib/rooms';

/** What a task is for, as a thread from the goal at the top; where one came from stands before it. */
export function TaskThread({ page }: { page: TaskView }) {
    const { task } = page;
    const last = lastPlace.get();
    const stage = page.stages.find((each) => each.value === String(task.stageId))?.label;

    return (
        <p className="mb-1 flex flex-wrap items-center gap-x-2.5 gap-y-1 text-xs text-ink-2">
            {last !== null && (
                <Link href={last.href} className="mr-2 hover:underline">
                    ‹ {last.section}
                </Link>
            )}
            {page.thread.length === 0 && 'not linked to a project or goal'}
            <ThreadLine parts={page.thread} cord={task.cord} />
            {stage !== undefined && <span>stage {stage}</span>}
            {page.origin !== null && (
                <Link href={page.origin.value} className="hover:underline">
                    from {page.origin.label}
                </Link>
            )}
            {task.isPrivate && <span>restricted</span>}
        </p>
    );
}
