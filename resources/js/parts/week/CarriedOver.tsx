import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { AskingTask } from './AskingTask';
import type { PersonTag, TaskRow } from '../../generated/props';
import { route } from '../../lib/routes';
import { count, times } from '../../lib/words';

interface Props {
    tasks: TaskRow[];
    people: PersonTag[];
}

/** What was carried over by itself. After three times it asks what is blocking it: one key answers. */
export function CarriedOver({ tasks, people }: Props) {
    const asking = tasks.find((task) => task.asks);
    const others = tasks.filter((task) => task !== asking);

    return (
        <section
            className={clsx(
                'grid grid-cols-[152px_1fr] gap-x-4 bg-faint py-3 pr-4 pl-6',
                'max-lg:-mx-6 max-lg:pl-6 max-md:-mx-4 max-md:grid-cols-1 max-md:pl-4',
            )}
        >
            <div>
                <h2 className="text-base">Carried over</h2>
                <p className="text-xs text-ink-2">{count(tasks.length, 'task')} from earlier weeks</p>
            </div>
            <div className="min-w-0">
                {asking !== undefined && <AskingTask task={asking} people={people} />}
                {others.length > 0 && (
                    <p className="mt-1 text-xs text-ink-2">
                        {asking === undefined ? '' : 'Also: '}
                        {others.slice(0, 5).map((task, place) => (
                            <span key={task.id}>
                                {place > 0 && ', '}
                                <Link href={route('tasks.show', task.id)} className="text-ink hover:underline">
                                    {task.title}
                                </Link>{' '}
                                {times(task.carried)}
                            </span>
                        ))}
                        {others.length > 5 && ` and ${String(others.length - 5)} more`}
                    </p>
                )}
            </div>
        </section>
    );
}
