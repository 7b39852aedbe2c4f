import { Link } from '@inertiajs/react';
import { Answer } from '../capture/Answer';
import { Cord } from '../signs/Cord';
import { asideAnswers } from '../task/asideAnswers';
import { handOver, HandOverAnswer } from '../task/HandOverAnswer';
import type { AheadWeek, PersonTag, TaskRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords, hoursWords, weekdayNumber } from '../../lib/dates';
import { keysOf, useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { plan, tick } from '../../lib/tasks';
import { times } from '../../lib/words';

interface Props {
    task: TaskRow;
    reason: string;
    /** Whether it can be kept as it is for a quarter. */
    mayKeep: boolean;
    ahead: AheadWeek;
    people: PersonTag[];
    onLeave: () => void;
}

/** What becomes of one task that is left over: one key each. */
export function Decision({ task, reason, mayKeep, ahead, people, onLeave }: Props) {
    const answers = answersFor({ task, mayKeep, ahead });

    useKeys({
        ...keysOf(answers.map((answer) => ({ ...answer, words: `This task: ${answer.words}` }))),
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
            <AboutTheTask task={task} reason={reason} />
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

/** What can become of it, with the key of each. */
function answersFor({ task, mayKeep, ahead }: Pick<Props, 'task' | 'mayKeep' | 'ahead'>) {
    const to = (planned: string) => () => {
        plan(task, planned);
    };

    return [
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
        ...(mayKeep
            ? [
                  {
                      key: 'e',
                      words: task.isAside ? 'keep it on the shelf' : 'keep it',
                      run: () => {
                          act('put', route('thinning.keep', task.id));
                      },
                  },
              ]
            : []),
        ...asideAnswers(task),
    ];
}

function AboutTheTask({ task, reason }: { task: TaskRow; reason: string }) {
    return (
        <p className="flex flex-wrap gap-x-3 text-xs text-ink-2">
            <span>{reason}</span>
            {task.dueOn !== null && <span className={task.isLate ? 'font-semibold text-persimmon' : ''}>due {dayWords(task.dueOn)}</span>}
            {task.carried > 0 && <span>carried over {times(task.carried)}</span>}
            {task.waitingOn !== null && <span>waiting for {task.waitingOn}</span>}
            {task.minutes !== null && <span className="font-mono">{hoursWords(task.minutes)}</span>}
        </p>
    );
}
