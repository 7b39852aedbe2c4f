import { clsx } from 'clsx';
import { DraggableLine } from '../task/DraggableLine';
import type { ListView, TaskRow } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { plan } from '../../lib/tasks';

/** A task that is not scheduled: one press gives it a time of what is left of the week, or it is dragged there. */
export function GiveTime({ task, page }: { task: TaskRow; page: ListView }) {
    const times = [
        ...page.days.map(({ on }) => ({ value: on, words: dayWords(on).slice(0, 3), spoken: dayWords(on) })),
        { value: page.week, words: 'week', spoken: 'this week' },
        { value: page.nextWeek, words: 'next', spoken: 'next week' },
    ];

    return (
        <li className="flex items-center gap-4 max-md:block max-md:pb-2">
            <ul className="min-w-0 flex-1">
                <DraggableLine task={task} people={page.people} beside={task.for} />
            </ul>
            <span role="group" aria-label={`When: ${task.title}`} className="flex gap-px max-md:pl-9">
                {times.map((time) => (
                    <button
                        key={time.value}
                        type="button"
                        aria-label={`Plan ${task.title} for ${time.spoken}`}
                        className={clsx(
                            'min-h-7 border-b border-rule px-1.5 font-mono text-xs text-ink-2',
                            'hover:border-ink hover:text-ink pointer-coarse:min-h-11',
                        )}
                        onClick={() => {
                            plan(task, time.value);
                        }}
                    >
                        {time.words}
                    </button>
                ))}
            </span>
        </li>
    );
}
