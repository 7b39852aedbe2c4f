import type { TaskRow } from '../generated/props';
import { dayWords } from './dates';
import { act } from './queue/act';
import { withParts } from './queue/guess';
import { route } from './routes';

const isTask = (value: object): value is TaskRow => 'stepsDone' in value && 'carried' in value;

/** Whether nobody else could do it: only its owner sees it, and not those who see what it is for. */
export const isOwnersAlone = (task: TaskRow): boolean => task.isPrivate && task.for === null;

/** A page in which a task is otherwise, wherever it stands: it is one record, seen in many places. */
export const withTask = (page: unknown, id: number, change: Partial<TaskRow>): unknown =>
    withParts(page, (part): part is TaskRow => isTask(part) && part.id === id, change);

/** When a task is due, in words; '' where it is not. */
export const dueWords = ({ dueOn, dueAt }: Pick<TaskRow, 'dueOn' | 'dueAt'>): string =>
    dueOn === null ? '' : dayWords(dueOn) + (dueAt === null ? '' : ` at ${dueAt}`);

/** Opens a menu by its trigger, as a press would. */
export function openMenu(trigger: string): void {
    document.querySelector(trigger)?.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, button: 0, pointerType: 'mouse' }));
}

export function tick(task: TaskRow): void {
    act(
        'put',
        route('tasks.tick', task.id),
        { done: !task.isDone },
        { guess: (page) => withTask(page, task.id, { isDone: !task.isDone }) },
    );
}

export function plan(task: TaskRow, planned: string | null, at: string | null = null): void {
    act('put', route('tasks.plan', task.id), { planned, at }, { guess: (page) => withTask(page, task.id, { planned, plannedAt: at }) });
}

/** Marks a finished task as worth telling, or takes the mark off. */
export function tell(task: TaskRow): void {
    act(
        'put',
        route('worth-telling.mark'),
        { source: 'task', id: task.id, isWorth: !task.isWorthTelling },
        { guess: (page) => withTask(page, task.id, { isWorthTelling: !task.isWorthTelling }) },
    );
}

export function setAside(task: TaskRow, how: 'shelve' | 'drop' | 'restore'): void {
    act('put', route('tasks.aside', task.id), { how }, { guess: (page) => withTask(page, task.id, { isAside: how !== 'restore' }) });
}

export function change(task: TaskRow, fields: Record<string, string | number | boolean | null>, onRefused?: (why: string) => void): void {
    act('put', route('tasks.update', task.id), fields, onRefused === undefined ? {} : { onRefused });
}

/** What can be done with several tasks as one change. */
export type ForMany = 'tick' | 'plan' | 'hand_over' | 'rank' | 'stage' | 'project' | 'shelve' | 'drop' | 'restore';

/** What a line shows of it at once. */
function shownOf(what: ForMany, value: string | null): Partial<TaskRow> {
    switch (what) {
        case 'tick':
            return { isDone: true };
        case 'plan':
            return { planned: value, plannedAt: null };
        case 'shelve':
        case 'drop':
            return { isAside: true };
        case 'restore':
            return { isAside: false };
        case 'hand_over':
        case 'rank':
        case 'stage':
        case 'project':
            return {};
    }
}

/** Does the same to several tasks: one change, one undo. */
export function changeMany(tasks: number[], what: ForMany, value: string | null = null): void {
    act(
        'put',
        route('tasks.many'),
        { tasks, what, value },
        { guess: (page) => tasks.reduce((shown, id) => withTask(shown, id, shownOf(what, value)), page) },
    );
}
