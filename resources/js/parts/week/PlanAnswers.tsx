import { clsx } from 'clsx';
import { asideAnswers } from '../task/asideAnswers';
import { handOver, HandOverAnswer } from '../task/HandOverAnswer';
import type { PersonTag, TaskRow, WeekDay, WeekView } from '../../generated/props';
import { dayWords, hoursWords, weekdayNumber } from '../../lib/dates';
import { keysOf, useKeys } from '../../lib/keys';
import { plan } from '../../lib/tasks';
import { Kbd } from '../../ui/Kbd';

export const small = 'inline-flex min-h-6 items-center gap-1.5 text-xs hover:underline pointer-coarse:min-h-11';

interface AnswersProps {
    task: TaskRow;
    page: WeekView;
    people: PersonTag[];
    onLeave: () => void;
}

/** What a task without a day can be answered by: a day of the week, or another time, or none. */
export function Answers({ task, page, people, onLeave }: AnswersProps) {
    const { days, others, toDay } = useAnswers({ task, page, onLeave });

    return (
        <>
            <DaysToPlan days={days} toDay={toDay} />
            <p className="mt-1 flex flex-wrap gap-x-4">
                {others.map(({ key, words, run }) => (
                    <button key={key} type="button" className={small} onClick={run}>
                        <Kbd>{key}</Kbd> {words}
                    </button>
                ))}
                <HandOverAnswer task={task} people={people} className={small} />
            </p>
        </>
    );
}

function useAnswers({ task, page, onLeave }: { task: TaskRow; page: WeekView; onLeave: () => void }) {
    const days = page.days.filter((day) => !day.isPast);
    const others = [
        {
            key: 'w',
            words: 'this week, no day',
            run: () => {
                if (task.planned !== page.week.name) {
                    plan(task, page.week.name);
                }

                onLeave();
            },
        },
        {
            key: 'k',
            words: 'the week after',
            run: () => {
                plan(task, page.week.next);
            },
        },
        ...asideAnswers(task),
    ];
    const toDay = (day: WeekDay) => () => {
        plan(task, day.on);
    };

    useKeys({
        ...Object.fromEntries(
            days.map((day) => [String(weekdayNumber(day.on)), { words: `Plan for ${dayWords(day.on)}`, run: toDay(day) }]),
        ),
        ...keysOf(others),
        h: {
            words: 'Hand over',
            run: handOver,
        },
        ' ': { words: 'Leave it', run: onLeave },
    });

    return { days, others, toDay };
}

function DaysToPlan({ days, toDay }: { days: WeekDay[]; toDay: (day: WeekDay) => () => void }) {
    return (
        <ul className="mt-1 flex flex-wrap gap-1">
            {days.map((day) => (
                <li key={day.on}>
                    <button
                        type="button"
                        className="flex min-h-11 min-w-26 flex-col border border-hairline px-2 py-1 text-left hover:border-ink"
                        onClick={toDay(day)}
                    >
                        <span className="flex items-baseline gap-1.5 text-sm">
                            <Kbd>{String(weekdayNumber(day.on))}</Kbd> {dayWords(day.on)}
                        </span>
                        <span className={clsx('text-xs', day.free < 0 ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                            {day.free < 0 ? `${hoursWords(-day.free)} over` : `${hoursWords(day.free)} free`}
                        </span>
                    </button>
                </li>
            ))}
        </ul>
    );
}
