import { Cord } from '../signs/Cord';
import { Empty, Section } from '../signs/Section';
import type { PlannedGoal, PlanningView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Check } from '../../ui/Check';

/** Which of the goals come first, and which one is the main goal. */
export function OrderStep({ page }: { page: PlanningView }) {
    const goals = allGoals(page);

    return (
        <Section title="Priorities" aside="Choose two or three. The main goal is shown on every screen.">
            {goals.length === 0 && <Empty>No goals yet: add some in the previous step.</Empty>}
            <ul className="divide-y divide-hairline">
                {goals.map((planned) => (
                    <Line key={planned.goal.id} planned={planned} />
                ))}
            </ul>
        </Section>
    );
}

/** Every goal of the stretch once: those beneath the goals above, then those that stand alone. */
export function allGoals(page: PlanningView): PlannedGoal[] {
    return [...page.above.flatMap((above) => above.goals), ...page.alone];
}

function Line({ planned }: { planned: PlannedGoal }) {
    const { goal, isMain, isFirst, mayChange } = planned;
    const mark = (change: Partial<Pick<PlannedGoal, 'isMain' | 'isFirst'>>) => {
        act('put', route('goals.mark', goal.id), change);
    };

    return (
        <li className="grid grid-cols-[1fr_120px_120px] items-center gap-4 py-1 max-md:grid-cols-2">
            <span className="flex min-w-0 items-baseline gap-3 max-md:col-span-2">
                <Cord cord={goal.cord} />
                <span className={isFirst || isMain ? 'font-semibold' : ''}>{goal.title}</span>
                <span className="text-xs text-ink-2">{goal.owner.name}</span>
            </span>
            <Check
                label={
                    <>
                        priority<span className="sr-only">: {goal.title}</span>
                    </>
                }
                checked={isFirst}
                disabled={!mayChange}
                onChange={(on) => {
                    mark({ isFirst: on });
                }}
            />
            <Check
                label={
                    <>
                        main goal<span className="sr-only">: {goal.title}</span>
                    </>
                }
                checked={isMain}
                disabled={!mayChange}
                onChange={(on) => {
                    mark({ isMain: on });
                }}
            />
        </li>
    );
}
