import type { TaskRow } from '../../generated/props';
import { setAside } from '../../lib/tasks';

/** Shelving a task and dropping it, by their keys; what lies on the shelf already is only dropped. */
export function asideAnswers(task: TaskRow) {
    const answers = [
        { key: 's', words: 'shelve', what: 'shelve' },
        { key: 'x', words: 'drop', what: 'drop' },
    ] as const;

    return answers
        .filter(({ what }) => what === 'drop' || !task.isAside)
        .map(({ key, words, what }) => ({
            key,
            words,
            run: () => {
                setAside(task, what);
            },
        }));
}
