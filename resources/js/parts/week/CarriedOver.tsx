import { Link, router, usePage } from '@inertiajs/react';
import { HandOver } from '../HandOver';
import type { PersonTag, TaskRow } from '../../generated/props';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { plan, setAside } from '../../lib/tasks';
import { count, times } from '../../lib/words';
import { Kbd } from '../../ui/Kbd';
import { Menu } from '../../ui/Menu';

interface Props {
    tasks: TaskRow[];
    people: PersonTag[];
}

/** What was carried over by itself. After three times it asks what is blocking it: one key answers. */
export function CarriedOver({ tasks, people }: Props) {
    const asking = tasks.find((task) => task.asks);
    const others = tasks.filter((task) => task !== asking);

    return (
        <section className="grid grid-cols-[152px_1fr] gap-x-4 bg-faint py-3 pr-4 pl-6 max-lg:-mx-6 max-lg:pl-6 max-md:-mx-4 max-md:grid-cols-1 max-md:pl-4">
            <div>
                <h2 className="text-base">Carried over</h2>
                <p className="text-xs text-ink-2">{count(tasks.length, 'task')} from earlier weeks</p>
            </div>
            <div className="min-w-0">
                {asking !== undefined && <Question task={asking} people={people} />}
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

function Question({ task, people }: { task: TaskRow; people: PersonTag[] }) {
    const { frame } = usePage().props;
    const answers = [
        {
            words: 'Do first',
            run: () => {
                plan(task, frame?.today ?? null);
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
                document
                    .querySelector('[data-hand-over]')
                    ?.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, button: 0, pointerType: 'mouse' }));
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
        .filter(({ words }) => words !== 'Hand over' || !task.isPrivate);
    const button = 'inline-flex min-h-6 items-center gap-1.5 text-xs hover:underline pointer-coarse:min-h-11';

    useKeys(Object.fromEntries(answers.map(({ key, words, run }) => [key, { words, run }])));

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
