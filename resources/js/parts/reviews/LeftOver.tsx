import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { Ahead } from './Ahead';
import { Answer } from '../capture/Answer';
import { Cord } from '../Cord';
import { handOver, HandOverAnswer } from '../HandOverAnswer';
import type { AheadWeek, PersonTag, ReviewView, TaskRow } from '../../generated/props';
import { dayWords, isDay, weekdayNumber } from '../../lib/dates';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { plan, setAside, tick } from '../../lib/tasks';
import { times } from '../../lib/words';

/** Decisions on all that is left over, one task after the other and one key each; they are the plan of the week ahead. */
export function LeftOver({ page, ahead }: { page: ReviewView; ahead: AheadWeek }) {
    // Looked at and left where they are.
    const [left, setLeft] = useState<number[]>([]);
    const all = page.leftOver.flatMap(({ reason, hint, tasks }) => tasks.map((task) => ({ task, reason, hint })));
    const open = all.filter(({ task }) => !isDecided(task, ahead) && !left.includes(task.id));
    const [first, ...others] = open;

    return (
        <>
            <div className="mb-3 flex items-baseline justify-between gap-4">
                <h2 className="text-md">Open tasks to sort</h2>
                <span role="status" className="text-xs text-ink-2">
                    {first === undefined
                        ? all.length === 0
                            ? 'Nothing is left over.'
                            : 'All looked at. What has no decision is carried over.'
                        : `${String(all.length - open.length + 1)} of ${String(all.length)}`}
                </span>
            </div>
            {first !== undefined && (
                <Decision
                    key={first.task.id}
                    task={first.task}
                    reason={`${first.reason}: ${first.hint}`}
                    ahead={ahead}
                    people={page.people}
                    onLeave={() => {
                        setLeft([...left, first.task.id]);
                    }}
                />
            )}
            {others.length > 0 && (
                <p className="two-lines mt-2 text-xs text-ink-2">Then {others.map(({ task }) => task.title).join(', ')}</p>
            )}
            <Ahead ahead={ahead} />
        </>
    );
}

/** Done, aside, or with a place in the week ahead or later: whatever else is true of it, somebody has decided. */
function isDecided(task: TaskRow, { week }: AheadWeek): boolean {
    const { planned } = task;
    const isAhead = planned !== null && (isDay(planned) ? planned >= week.first : planned.includes('W') && planned >= week.name);

    return task.isDone || task.isAside || isAhead;
}

interface DecisionProps {
    task: TaskRow;
    reason: string;
    ahead: AheadWeek;
    people: PersonTag[];
    onLeave: () => void;
}

function Decision({ task, reason, ahead, people, onLeave }: DecisionProps) {
    const to = (planned: string) => () => {
        plan(task, planned);
    };
    const answers = [
        {
            key: 'd',
            words: 'done',
            run: () => {
                tick(task);
            },
        },
        ...ahead.days
            .filter((day) => !day.isPast)
            .map((day) => ({ key: String(weekdayNumber(day.on)), words: dayWords(day.on), run: to(day.on) })),
        { key: 'w', words: `${ahead.week.words.toLowerCase()}, no day`, run: to(ahead.week.name) },
        { key: 'k', words: 'the week after', run: to(ahead.week.next) },
        {
            key: 's',
            words: 'shelve',
            run: () => {
                setAside(task, 'shelve');
            },
        },
        {
            key: 'x',
            words: 'drop',
            run: () => {
                setAside(task, 'drop');
            },
        },
    ];

    useKeys({
        ...Object.fromEntries(answers.map(({ key, words, run }) => [key, { words: `This task: ${words}`, run }])),
        h: {
            words: 'Hand this task over',
            run: handOver,
        },
        ArrowDown: { words: 'Leave this task where it is', run: onLeave },
    });

    return (
        <article aria-label="To sort" className="border-y border-ink py-3">
            <p className="flex flex-wrap items-baseline gap-x-3">
                <Link href={route('tasks.show', task.id)} className="text-md font-semibold hover:underline">
                    {task.title}
                </Link>
                <Cord cord={task.cord} />
            </p>
            <p className="flex flex-wrap gap-x-3 text-xs text-ink-2">
                <span>{reason}</span>
                {task.dueOn !== null && (
                    <span className={task.isLate ? 'font-semibold text-persimmon' : ''}>due {dayWords(task.dueOn)}</span>
                )}
                {task.carried > 0 && <span>carried over {times(task.carried)}</span>}
                {task.waitingOn !== null && <span>waiting for {task.waitingOn}</span>}
                {task.minutes !== null && <span className="font-mono">{task.minutes} min</span>}
            </p>
            <div className="mt-1 flex flex-wrap gap-x-5">
                {answers.map(({ key, words, run }) => (
                    <Answer key={key} name={key} onChoose={run}>
                        {words}
                    </Answer>
                ))}
                <HandOverAnswer
                    task={task}
                    people={people}
                    className="min-h-8 border-b-2 border-transparent hover:border-rule pointer-coarse:min-h-11"
                />
                <Answer name="↓" onChoose={onLeave}>
                    leave it
                </Answer>
            </div>
        </article>
    );
}
