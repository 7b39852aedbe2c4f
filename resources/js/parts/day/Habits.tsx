import { clsx } from 'clsx';
import { Section } from '../signs/Section';
import { HabitForm } from './HabitForm';
import type { HabitMark, HabitRow, HabitState } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { Tick } from '../../ui/Tick';

/** One's habits: to tick, with how many in a row and how the last periods went. Only on the day, and only for oneself. */
export function Habits({ habits, on, mayTick }: { habits: HabitRow[]; on: string; mayTick: boolean }) {
    return (
        <Section
            title="Habits"
            className="mt-8"
            aside={
                <DialogButton words="Add a habit" kind="quiet" title="Add a habit">
                    {(close) => <HabitForm habit={null} onDone={close} />}
                </DialogButton>
            }
        >
            {habits.length === 0 && (
                <p className="py-1 text-xs text-ink-2">Something to do so many times a day, week or month. Only you see it.</p>
            )}
            <ul className="divide-y divide-hairline">
                {habits.map((habit) => (
                    <Line key={habit.id} habit={habit} on={on} mayTick={mayTick} />
                ))}
            </ul>
        </Section>
    );
}

function Line({ habit, on, mayTick }: { habit: HabitRow; on: string; mayTick: boolean }) {
    const isMany = habit.per === 'day' && habit.times > 1;
    const isOn = isMany ? habit.today >= habit.times : habit.today > 0;
    const set = (count: number) => () => {
        act('put', route('habits.tick', habit.id), { on, count });
    };

    return (
        <li className="group flex min-h-11 items-center gap-3 py-1">
            <span className="min-w-0 flex-1">
                <DialogButton words={habit.title} kind="quiet" className="-ml-3 max-w-full truncate text-ink!" title="Edit the habit">
                    {(close) => <HabitForm habit={habit} onDone={close} />}
                </DialogButton>
                <span className="block text-xs text-ink-2">{trend(habit)}</span>
            </span>
            <Recent marks={habit.recent} />
            {isMany && mayTick && (
                <Button kind="quiet" aria-label={`${habit.title}: once more`} onClick={set(habit.today + 1)}>
                    +1
                </Button>
            )}
            <Tick label={`${habit.title}, done`} isOn={isOn} disabled={!mayTick} onToggle={set(isOn ? 0 : isMany ? habit.times : 1)} />
        </li>
    );
}

const periods = { day: 'today', week: 'this week', month: 'this month' };

function trend(habit: HabitRow): string {
    const now = habit.per === 'day' && habit.times === 1 ? null : `${String(habit.count)} of ${String(habit.times)} ${periods[habit.per]}`;
    const row = habit.inARow > 0 ? `${String(habit.inARow)} in a row` : null;
    const met = habit.over > 0 ? `${String(habit.met)} of the last ${String(habit.over)}` : null;

    return [now, row, met].filter((each) => each !== null).join(', ') || 'begun';
}

const words: Record<HabitState, string> = { met: 'met', missed: 'missed', rest: 'rest', open: 'open' };

/** The last periods, the oldest first: full when met, empty when missed, a line at rest. */
function Recent({ marks }: { marks: HabitMark[] }) {
    return (
        <span
            role="img"
            aria-label={`The last ${String(marks.length)}: ${marks.map((mark) => words[mark.state]).join(', ')}`}
            className="flex items-end gap-0.5 max-sm:hidden"
        >
            {marks.map(({ first, count, state }) => (
                <span
                    key={first}
                    title={`${dayWords(first)}: ${String(count)}, ${words[state]}`}
                    className={clsx(
                        'w-[5px]',
                        state === 'met' && 'h-3 bg-ink',
                        state === 'missed' && 'h-[5px] border border-rule',
                        state === 'rest' && 'h-px bg-rule',
                        state === 'open' && 'h-3 border border-dashed border-rule',
                    )}
                />
            ))}
        </span>
    );
}
