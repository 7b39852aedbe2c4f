import { Link, router, usePage } from '@inertiajs/react';
import { HandOver } from '../task/HandOver';
import type { PersonTag, TaskRow } from '../../generated/props';
import { keysOf, useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { openMenu, plan, setAside, isOwnersAlone } from '../../lib/tasks';
import { times } from '../../lib/words';
import { Kbd } from '../../ui/Kbd';
import { Menu } from '../../ui/Menu';

/** A task that was carried over so often that it asks for a decision: one key answers. */
export function AskingTask({ task, people }: { task: TaskRow; people: PersonTag[] }) {
    const today = usePage().props.frame?.today ?? null;
    const answers = answersTo(task, today);
    const button = 'inline-flex min-h-6 items-center gap-1.5 text-xs hover:underline pointer-coarse:min-h-11';

    useKeys(keysOf(answers));

    return (
        <>
            <p>
                <Link href={route('tasks.show', task.id)} className="font-semibold hover:underline">
                    {task.title}
                </Link>{' '}
                <span className="text-xs font-semibold text-persimmon">carried over {times(task.carried)}.</span>{' '}
                <span className="text-xs text-ink-2">
                    {task.stepsDone > 0 ? 'Started, not finished.' : 'Never started.'} What is blocking it?
                </span>
            </p>
            <p data-asks className="flex flex-wrap gap-x-4">
                {answers.map(({ key, words, run }) =>
                    words === 'Hand over' ? (
                        <Menu
                            key={key}
                            trigger={
                                <button data-hand-over type="button" className={button}>
                                    <Kbd>{key}</Kbd> {words}
                                </button>
                            }
                        >
                            <HandOver task={task} people={people} />
                        </Menu>
                    ) : (
                        <button key={key} type="button" className={button} onClick={run}>
                            <Kbd>{key}</Kbd> {words}
                        </button>
                    ),
                )}
            </p>
        </>
    );
}

/** What can be said to it, with the key of each. */
function answersTo(task: TaskRow, today: string | null) {
    return (
        [
            {
                words: 'Do first',
                run: () => {
                    plan(task, today);
                },
            },
            {
                words: 'Split into steps',
                run: () => {
                    router.visit(route('tasks.show', task.id));
                },
            },
            {
                words: 'Hand over',
                run: () => {
                    openMenu('[data-hand-over]');
                },
            },
            {
                words: 'Shelve',
                run: () => {
                    setAside(task, 'shelve');
                },
            },
            {
                words: 'Drop',
                run: () => {
                    setAside(task, 'drop');
                },
            },
        ]
            .map((answer, place) => ({ ...answer, key: String(place + 1) }))
            // What only one person may see is handed over to nobody.
            .filter(({ words }) => words !== 'Hand over' || !isOwnersAlone(task))
    );
}
