import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { TaskRow } from '../../generated/props';
import { dayWords, plannedForWords } from '../../lib/dates';
import { dueWords } from '../../lib/tasks';
import { first, times } from '../../lib/words';

/** What one has to know of a task besides its title: late, waiting, how often it came along, its steps. */
export function TaskMarks({ task, showsTime, isAtHome }: { task: TaskRow; showsTime: boolean; isAtHome: boolean }) {
    const marks: { key: string; words: ReactNode; loud?: boolean }[] = [];

    if (task.isLate && task.dueOn !== null) {
        marks.push({ key: 'late', words: `late, due ${dueWords(task)}`, loud: true });
    } else if (task.dueOn !== null && !task.isDone && !task.isAside) {
        marks.push({ key: 'due', words: `due ${dueWords(task)}` });
    }

    if (task.waitingOn !== null && !task.isDone) {
        marks.push({ key: 'waiting', words: `waiting for ${task.waitingOn}` });
    }

    if (task.waitingOn !== null && task.followUpOn !== null && !task.isDone) {
        marks.push({ key: 'ask', words: `follow up ${dayWords(task.followUpOn)}` });
    }

    if (task.after !== null) {
        marks.push({ key: 'after', words: `cannot start before “${task.after}”` });
    }

    if (task.afterStage !== null && task.after === null && !isAtHome) {
        const stage = task.afterStage === '' ? 'the first stage' : `stage “${task.afterStage}”`;
        marks.push({ key: 'stage', words: `cannot start before ${stage} is done` });
    }

    if (task.isInProgress && !task.isDone && !task.isAside) {
        marks.push({ key: 'in progress', words: 'in progress' });
    }

    if (task.checkedBy !== null && !task.isDone) {
        marks.push({ key: 'to check', words: `${first(task.checkedBy)} checks it` });
    }

    if (task.carried > 0 && !task.isDone && !task.isAside) {
        marks.push({ key: 'carried', words: `carried over ${times(task.carried)}` });
    }

    if (task.plannedAt !== null && !task.isDone) {
        marks.push({ key: 'at', words: `at ${task.plannedAt}` });
    }

    if (task.rhythm !== null && !task.isDone) {
        marks.push({ key: 'rhythm', words: task.rhythm });
    }

    if (task.steps > 0 && !task.isDone) {
        marks.push({ key: 'steps', words: `${String(task.stepsDone)} of ${String(task.steps)} steps` });
    }

    if (showsTime && task.planned !== null && !task.isDone) {
        marks.push({ key: 'time', words: plannedForWords(task.planned) });
    }

    if (task.isWorthTelling) {
        marks.push({ key: 'telling', words: 'worth telling' });
    }

    if (task.isPrivate && !isAtHome) {
        marks.push({ key: 'private', words: 'restricted' });
    }

    return marks.length === 0 ? null : (
        <span className="flex flex-wrap gap-x-3 text-xs text-ink-2">
            {marks.map((mark) => (
                <span key={mark.key} className={clsx(mark.loud === true && 'font-semibold text-persimmon')}>
                    {mark.words}
                </span>
            ))}
        </span>
    );
}
