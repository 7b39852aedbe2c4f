import { usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { TaskView } from '../../generated/props';
import { addDays, dateWords, daysBetween, dayWords, plannedForWords, weekdayNumber } from '../../lib/dates';
import { dueWords } from '../../lib/tasks';
import { times } from '../../lib/words';

/** So many days before and after today are shown at most, and at least. */
const [BACK, AHEAD, LEAST] = [56, 70, 10];

/** When it was made, planned, carried over, is planned now and due, and since when it waits: on one ruler. */
export function TaskRuler({ page }: { page: TaskView }) {
    const { task } = page;
    const today = usePage().props.frame?.today ?? page.createdOn;
    const days = [page.createdOn, page.firstPlanned?.first, page.planned?.first, page.waitingSince, task.doneOn].filter(
        (day) => day != null,
    );
    const ends = [page.planned?.last, task.dueOn].filter((day) => day != null);
    const from = latest(addDays(today, -BACK), earliest(addDays(today, -LEAST), ...days));
    const until = earliest(addDays(today, AHEAD), latest(addDays(today, LEAST), ...ends.map((day) => addDays(day, 4))));
    const whole = daysBetween(from, until) + 1;
    const at = (day: string) => `${String(Math.max(0, Math.min(100, (daysBetween(from, day) / whole) * 100)))}%`;
    const width = (first: string, last: string) => `max(4px, calc(${at(addDays(earliest(last, until), 1))} - ${at(latest(first, from))}))`;
    const mondays = Array.from({ length: whole }, (_, day) => addDays(from, day)).filter((day) => weekdayNumber(day) === 1);
    const isOpen = !task.isDone && !task.isAside;

    return (
        <figure aria-label="Times of this task" className="mt-4 mb-2 max-md:hidden">
            <div aria-hidden className="relative h-17 text-xs text-ink-2">
                <span className="absolute top-9 right-0 left-0 border-t border-rule" />
                {mondays.map((day) => (
                    <span key={day} className="absolute top-8 h-2 w-px bg-rule" style={{ left: at(day) }}>
                        <span className="absolute top-2.5 left-0 font-mono whitespace-nowrap">{dateWords(day)}</span>
                    </span>
                ))}
                {page.createdOn >= from && (
                    <Mark left={at(page.createdOn)} className="top-4 h-5 border-rule">
                        created
                    </Mark>
                )}
                {page.firstPlanned !== null && page.firstPlanned.last >= from && (
                    <span
                        className="absolute top-6 h-3 border border-dashed border-ink-2"
                        title={`carried over ${times(task.carried)}`}
                        style={{ left: at(page.firstPlanned.first), width: width(page.firstPlanned.first, page.firstPlanned.last) }}
                    />
                )}
                {page.planned !== null && (
                    <span
                        className={clsx('absolute top-6 h-3', isOpen ? 'bg-ink' : 'border border-rule')}
                        style={{ left: at(page.planned.first), width: width(page.planned.first, page.planned.last) }}
                    />
                )}
                {task.dueOn !== null && task.dueOn >= from && (
                    <Mark left={at(addDays(task.dueOn, 1))} className={clsx('top-4 h-5', task.isLate ? 'border-persimmon' : 'border-ink')}>
                        due
                    </Mark>
                )}
                {task.doneOn !== null && task.isDone && (
                    <Mark left={at(task.doneOn)} className="top-4 h-5 border-spruce">
                        done
                    </Mark>
                )}
                {isOpen && task.waitingOn !== null && page.waitingSince !== null && (
                    <span
                        className="absolute top-9 h-1 bg-persimmon"
                        style={{ left: at(page.waitingSince), width: width(page.waitingSince, today) }}
                    />
                )}
                <span className="absolute top-2 bottom-6 w-0.5 bg-chalk" style={{ left: at(today) }} />
            </div>
            <figcaption className={clsx('text-xs', task.isLate ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                {sentence(page)}
            </figcaption>
        </figure>
    );
}

function Mark({ left, className, children }: { left: string; className: string; children: string }) {
    return (
        <span className={clsx('absolute border-l', className)} style={{ left }}>
            <span className="absolute -top-4 left-0 whitespace-nowrap">{children}</span>
        </span>
    );
}

/** The same in words. */
function sentence({ task, ...page }: TaskView): string {
    return [
        `created ${dayWords(page.createdOn)}`,
        task.planned === null || task.isDone ? null : plannedForWords(task.planned),
        task.carried > 0 && !task.isDone ? `carried over ${times(task.carried)}` : null,
        task.waitingOn !== null && page.waitingSince !== null ? `waiting for ${task.waitingOn} since ${dayWords(page.waitingSince)}` : null,
        task.waitingOn !== null && task.followUpOn !== null ? `follow up ${dayWords(task.followUpOn)}` : null,
        task.dueOn === null || task.isDone ? null : `${task.isLate ? 'late, due' : 'due'} ${dueWords(task)}`,
        task.isDone && task.doneOn !== null ? `done ${dayWords(task.doneOn)}` : null,
        task.isAside ? (page.isShelved ? 'on the shelf' : 'dropped') : null,
    ]
        .filter((part) => part !== null)
        .join(', ');
}

const earliest = (...days: string[]) => days.reduce((a, b) => (b < a ? b : a));
const latest = (...days: string[]) => days.reduce((a, b) => (b > a ? b : a));
