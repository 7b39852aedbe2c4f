import { Answer, Question } from './Answer';
import { valueWords } from '../signs/Understood';
import type { DayRoom, Tray } from '../../generated/props';
import { dayWords, hoursWords, plannedWords, weekdayNumber } from '../../lib/dates';
import { useKeys } from '../../lib/keys';

/** No day yet, although the words say one. */
export const NO_DAY = 'none';

interface Props {
    page: Tray;
    /** A day, a week, {@link NO_DAY}, or what the words say. */
    planned: string;
    isDone: boolean;
    onPlan: (planned: string) => void;
    onDone: () => void;
}

/** The days that are left of the week with their room, this week and the next, each with its key: a weekday by its number. */
export function SortWhen({ page, planned, isDone, onPlan, onDone }: Props) {
    const times: { key: string; value: string; words: string; left?: string }[] = [
        ...page.days.map((day) => ({ key: String(weekdayNumber(day.on)), value: day.on, words: dayWords(day.on), left: room(day) })),
        { key: 'w', value: page.thisWeek, words: 'this week, no day' },
        {
            key: 'k',
            value: page.nextWeek,
            words: plannedWords(page.nextWeek),
            ...(page.nextFree !== null && page.nextFree > 0 && { left: hoursWords(page.nextFree) }),
        },
        { key: '0', value: NO_DAY, words: 'no day yet' },
    ];
    const isElsewhere = planned !== '' && !isDone && times.every((time) => time.value !== planned);

    useKeys({
        d: { words: 'Done already', run: onDone },
        ...Object.fromEntries(
            times.map((time) => [
                time.key,
                {
                    words: time.value === NO_DAY ? 'No day yet' : `Plan for ${time.words}`,
                    run: () => {
                        onPlan(time.value);
                    },
                },
            ]),
        ),
    });

    return (
        <Question words="When?">
            {times.map((time) => (
                <Answer
                    key={time.key}
                    name={time.key}
                    isChosen={planned === time.value && !isDone}
                    onChoose={() => {
                        onPlan(time.value);
                    }}
                >
                    {time.words} {time.left !== undefined && <span className="text-xs font-normal text-ink-2">{time.left}</span>}
                </Answer>
            ))}
            {isElsewhere && <strong>{valueWords({ kind: 'planned', value: planned })}</strong>}
            <Answer name="d" isChosen={isDone} onChoose={onDone}>
                done already
            </Answer>
        </Question>
    );
}

const room = (day: DayRoom) => (day.free > 0 ? hoursWords(day.free) : 'full');
