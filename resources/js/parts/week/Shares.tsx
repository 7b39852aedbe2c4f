import { clsx } from 'clsx';
import { useState } from 'react';
import { Cord } from '../signs/Cord';
import { TaskLine } from '../task/TaskLine';
import type { DoneShare, TaskRow } from '../../generated/props';
import { hoursWords } from '../../lib/dates';

/** Parts of the work to scale. Each opens to the tasks behind it. */
export function Shares({ shares, tasks }: { shares: DoneShare[]; tasks: TaskRow[] }) {
    const [open, setOpen] = useState<string | null>(null);

    return (
        <ul className="divide-y divide-hairline">
            {shares.map((share) => (
                <li key={share.title}>
                    <button
                        type="button"
                        aria-expanded={open === share.title}
                        className={clsx(
                            'group grid min-h-9 w-full grid-cols-[1fr_160px_72px_44px]',
                            'items-center gap-3 text-left max-sm:grid-cols-[1fr_72px_44px]',
                        )}
                        onClick={() => {
                            setOpen(open === share.title ? null : share.title);
                        }}
                    >
                        <span className="flex min-w-0 items-center gap-3">
                            <span className="two-lines group-hover:underline" title={share.title}>
                                {share.title}
                            </span>
                            <Cord cord={share.cord} />
                        </span>
                        <span aria-hidden className="h-2 max-sm:hidden">
                            <span className="block h-full bg-ink" style={{ width: `${String(share.share)}%` }} />
                        </span>
                        <span className="text-right font-mono text-xs">{hoursWords(share.minutes)}</span>
                        <span className="text-right font-mono text-xs text-ink-2">{share.share}%</span>
                    </button>
                    {open === share.title && (
                        <ul className="mb-2 border-l-2 border-ink pl-4">
                            {tasks
                                .filter((task) => share.tasks.includes(task.id))
                                .map((task) => (
                                    <TaskLine key={task.id} task={task} people={[]} />
                                ))}
                        </ul>
                    )}
                </li>
            ))}
        </ul>
    );
}
