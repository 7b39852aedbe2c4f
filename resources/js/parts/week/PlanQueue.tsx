import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { Answers, small } from './PlanAnswers';
import { AskingTask } from './AskingTask';
import { Cord } from '../signs/Cord';
import type { PersonTag, TaskRow, WeekView } from '../../generated/props';
import { hoursWords, isDay, plannedWords } from '../../lib/dates';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { dueWords } from '../../lib/tasks';
import { count, times } from '../../lib/words';
import { Button } from '../../ui/Button';
import { Kbd } from '../../ui/Kbd';

/** Everything of a week that has no day: carried over into it, planned for it, or for the month, quarter or year around it. */
export function withoutDay(page: WeekView): TaskRow[] {
    const isOpen = (task: TaskRow) => !task.isDone && !task.isAside;
    // While an answer is on its way the task is elsewhere already.
    const isHere = (task: TaskRow) =>
        task.planned !== null && !isDay(task.planned) && (!task.planned.includes('W') || task.planned === page.week.name);
    // What is due in the week and has no time is there until it has one.
    const due = page.due.filter((task) => task.planned === null || isHere(task));
    const items = [...page.noDay, ...page.offered].filter(isHere).concat(due).filter(isOpen);

    return [
        ...items.filter((task) => task.carried > 0).sort((a, b) => b.carried - a.carried),
        ...items.filter((task) => task.carried === 0),
    ];
}

interface Props {
    page: WeekView;
    people: PersonTag[];
}

/** One queue for all that has no day: one task after the other, one key each. */
export function PlanQueue({ page, people, isOn, onTurn }: Props & { isOn: boolean; onTurn: (isOn: boolean) => void }) {
    const items = withoutDay(page);

    useKeys(
        isOn
            ? {}
            : {
                  o: {
                      words: 'Plan one by one what has no day',
                      run: () => {
                          onTurn(true);
                      },
                  },
              },
    );

    if (items.length === 0 && !isOn) {
        return null;
    }

    return (
        <section className="grid grid-cols-[152px_1fr] gap-x-4 border-b border-hairline py-3 pl-6 max-lg:pl-0 max-md:grid-cols-1">
            <div>
                <h2 className="text-base">To plan</h2>
                <p className="text-xs text-ink-2">{count(items.length, 'task')} without a day</p>
            </div>
            {isOn ? (
                <Queue
                    page={page}
                    items={items}
                    people={people}
                    onEnd={() => {
                        onTurn(false);
                    }}
                />
            ) : (
                <div>
                    <Button
                        keys="o"
                        onClick={() => {
                            onTurn(true);
                        }}
                    >
                        Plan one by one
                    </Button>
                </div>
            )}
        </section>
    );
}

function Queue({ page, items, people, onEnd }: Props & { items: TaskRow[]; onEnd: () => void }) {
    // Looked at and left where they are.
    const [left, setLeft] = useState<number[]>([]);
    const task = items.find((each) => !left.includes(each.id));

    useKeys({ Escape: { words: 'Stop planning one by one', run: onEnd } });

    if (task === undefined) {
        return (
            <p className="flex flex-wrap items-center gap-3">
                {items.length === 0
                    ? 'Every task has a day.'
                    : `${count(items.length, 'task has', 'tasks have')} no day and stay${items.length === 1 ? 's' : ''} in the week.`}
                <Button onClick={onEnd}>Done</Button>
            </p>
        );
    }

    const leave = () => {
        setLeft([...left, task.id]);
    };

    return (
        <div className="min-w-0">
            {task.asks ? (
                <AskingTask task={task} people={people} />
            ) : (
                <>
                    <p className="flex flex-wrap items-baseline gap-x-3">
                        <Link href={route('tasks.show', task.id)} className="font-semibold hover:underline">
                            {task.title}
                        </Link>
                        <Cord cord={task.cord} />
                        <span className="font-mono text-xs text-ink-2">{task.minutes !== null && hoursWords(task.minutes)}</span>
                        <span className="text-xs text-ink-2">{why(task, page.week.name)}</span>
                    </p>
                    <Answers key={task.id} task={task} page={page} people={people} onLeave={leave} />
                </>
            )}
            <p className="mt-1 flex gap-x-4 text-xs">
                <button type="button" className={small} onClick={leave}>
                    {!task.asks && <Kbd>Space</Kbd>} Leave it
                </button>
                <button type="button" className={small} onClick={onEnd}>
                    <Kbd>Esc</Kbd> Stop
                </button>
            </p>
        </div>
    );
}

/** Why it stands in the queue. */
function why(task: TaskRow, week: string): string {
    if (task.carried > 0) {
        return `carried over ${times(task.carried)}`;
    }

    if (task.planned === null) {
        return task.dueOn === null ? '' : `${task.isLate ? 'was due' : 'due'} ${dueWords(task)}`;
    }

    return task.planned === week ? 'this week, no day yet' : `planned for ${plannedWords(task.planned)}`;
}
