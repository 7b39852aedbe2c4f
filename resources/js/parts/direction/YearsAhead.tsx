import { usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { toneOf } from '../signs/Cord';
import type { DirectionView, LongTermGoalTag } from '../../generated/props';
import { daysBetween, fullDateWords } from '../../lib/dates';
import { Pressed } from '../../ui/Pressed';

interface Props {
    page: DirectionView;
    onPress: (longTermGoal: LongTermGoalTag) => void;
}

/** The years ahead to scale: each long-term goal at its day, and the year goals that lead there as cords in their colours. */
export function YearsAhead({ page, onPress }: Props) {
    const today = usePage().props.frame?.today ?? page.year.period.first;
    const goals = [...page.longTerm.longTermGoals].sort((a, b) => a.on.localeCompare(b.on));
    const { first } = page.year.period;
    const last = goals.at(-1)?.on ?? page.year.period.last;
    const span = Math.max(1, daysBetween(first, last)) * 1.04;
    const at = (day: string) => `${String(Math.max(0, Math.min(100, (daysBetween(first, day) / span) * 100)))}%`;
    const years = yearsBetween(first, last);
    // Beside one another only as many years as can be read.
    const every = Math.ceil(years.length / 12);

    return (
        <div>
            <p className="text-xs text-ink-2">Long-term goals, and the year goals that lead there. Today is the blue mark.</p>
            <div className="relative mt-2">
                <span aria-hidden className="absolute -top-1 bottom-0 w-[2px] bg-chalk max-md:hidden" style={{ left: at(today) }} />
                <ol>
                    {goals.map((goal) => (
                        <li key={goal.id} className="relative pb-3">
                            <div className="max-md:!pl-0" style={{ paddingLeft: `min(${at(today)} + 12px, 40%)` }}>
                                <Pressed
                                    label={`Edit ${goal.title}`}
                                    isActive={page.mayChange}
                                    onPress={() => {
                                        onPress(goal);
                                    }}
                                >
                                    <span className="text-md font-semibold">{goal.title}</span>{' '}
                                    <span className="text-xs text-ink-2">by {fullDateWords(goal.on)}</span>
                                    {goal.why !== null && <span className="block text-sm text-ink-2">{goal.why}</span>}
                                </Pressed>
                            </div>
                            <Cords page={page} goal={goal} from={at(today)} to={at(goal.on)} />
                        </li>
                    ))}
                </ol>
                <div aria-hidden className="relative h-7 border-t border-ink max-md:hidden">
                    {years.map((year, place) =>
                        place % every === 0 ? (
                            <span key={year.name} className="absolute top-0 h-1.5 border-l border-ink" style={{ left: at(year.day) }}>
                                <span className="absolute top-2 left-0.5 font-mono text-xs whitespace-nowrap text-ink-2">{year.name}</span>
                            </span>
                        ) : null,
                    )}
                </div>
            </div>
        </div>
    );
}

/** The year goals that lead to one, a line each. */
function Cords({ page, goal, from, to }: { page: DirectionView; goal: LongTermGoalTag; from: string; to: string }) {
    const leading = page.goals.filter((placed) => placed.longTermGoal === goal.id);

    return (
        <div
            aria-hidden
            className="absolute bottom-0 space-y-[3px] border-r border-rule pb-1 max-md:hidden"
            style={{ left: from, width: `calc(${to} - ${from})` }}
        >
            {leading.length === 0 ? (
                <span className="block h-[2px] border-t border-dashed border-rule" />
            ) : (
                leading.map((placed) => (
                    <span key={placed.goal.id} className={clsx('block h-[2px] bg-current', toneOf(placed.goal.cord))} />
                ))
            )}
        </div>
    );
}

function yearsBetween(first: string, last: string): { name: string; day: string }[] {
    const years: { name: string; day: string }[] = [];

    for (let year = Number(first.slice(0, 4)); year <= Number(last.slice(0, 4)); year++) {
        years.push({ name: String(year), day: `${String(year)}-01-01` });
    }

    return years.filter((year) => year.day >= first);
}
