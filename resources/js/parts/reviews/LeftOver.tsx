import { Link, usePage } from '@inertiajs/react';
import { Cord } from '../Cord';
import { HandOver } from '../HandOver';
import type { PersonTag, ReviewView, TaskRow } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { plan, setAside, tick } from '../../lib/tasks';
import { times } from '../../lib/words';
import { Menu } from '../../ui/Menu';

/** Decisions on all that is left over: one press each. */
export function LeftOver({ page }: { page: ReviewView }) {
    const count = page.leftOver.reduce((sum, group) => sum + group.tasks.length, 0);

    return (
        <>
            <div className="mb-4 flex items-baseline justify-between gap-4">
                <h2 className="text-md">Open tasks to sort</h2>
                <span className="text-xs text-ink-2">
                    {count === 0 ? 'All sorted.' : `${String(count)} to sort. Anything left is carried over.`}
                </span>
            </div>
            {page.leftOver.map((group) => (
                <section key={group.reason} className="mb-5">
                    <h3 className="border-b border-rule pb-1 text-base">
                        {group.reason} <span className="text-xs font-normal text-ink-2">{group.hint}</span>
                    </h3>
                    <ul>
                        {group.tasks.map((task) => (
                            <Decision key={task.id} task={task} people={page.people} nextWeek={page.week.next} />
                        ))}
                    </ul>
                </section>
            ))}
        </>
    );
}

function Decision({ task, people, nextWeek }: { task: TaskRow; people: PersonTag[]; nextWeek: string }) {
    const { frame } = usePage().props;
    const isDecided = task.isDone || task.isAside;
    const button = 'min-h-6 text-xs link pointer-coarse:min-h-11';
    const to = frame != null && frame.thisWeek > nextWeek ? frame.thisWeek : nextWeek;

    return (
        <li className="border-b border-hairline py-2">
            <div className="flex items-baseline justify-between gap-3">
                <Link href={route('tasks.show', task.id)} className={isDecided ? 'text-ink-2 line-through' : 'hover:underline'}>
                    {task.title}
                </Link>
                <Cord cord={task.cord} />
            </div>
            <div className="flex flex-wrap items-center gap-x-4 text-xs text-ink-2">
                {task.dueOn !== null && (
                    <span className={task.isLate ? 'font-semibold text-persimmon' : ''}>due {dayWords(task.dueOn)}</span>
                )}
                {task.carried > 0 && <span>carried over {times(task.carried)}</span>}
                {task.waitingOn !== null && <span>waiting for {task.waitingOn}</span>}
                {!isDecided && (
                    <span className="flex flex-wrap gap-x-4">
                        <button
                            type="button"
                            className={button}
                            onClick={() => {
                                tick(task);
                            }}
                        >
                            done
                        </button>
                        <button
                            type="button"
                            className={button}
                            onClick={() => {
                                plan(task, to);
                            }}
                        >
                            week {Number(to.slice(6))}
                        </button>
                        {!task.isPrivate && (
                            <Menu
                                trigger={
                                    <button type="button" className={button}>
                                        hand over
                                    </button>
                                }
                            >
                                <HandOver task={task} people={people} />
                            </Menu>
                        )}
                        <button
                            type="button"
                            className={button}
                            onClick={() => {
                                setAside(task, 'shelve');
                            }}
                        >
                            Shelve
                        </button>
                        <button
                            type="button"
                            className={button}
                            onClick={() => {
                                setAside(task, 'drop');
                            }}
                        >
                            Drop
                        </button>
                    </span>
                )}
            </div>
        </li>
    );
}
