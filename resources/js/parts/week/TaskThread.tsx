import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { toneOf } from '../signs/Cord';
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
            {page.thread.map((part, place) => (
                <span key={part.value} className="flex items-center gap-x-2.5">
                    {place > 0 && <span aria-hidden className={clsx('h-0.5 w-7 bg-current', toneOf(task.cord))} />}
                    <Link
                        href={part.value}
                        className={clsx('hover:underline', place === page.thread.length - 1 && 'font-semibold text-ink')}
                    >
                        {part.label}
                    </Link>
                </span>
            ))}
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
