import { clsx } from 'clsx';
import { toneOf } from '../signs/Cord';
import { GoalTitle } from '../signs/GoalTitle';
import { GaugeLine } from '../signs/Gauge';
import { Empty, Section } from '../signs/Section';
import type { DirectionView, PlacedGoal } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { ButtonLink } from '../../ui/Button';
import { WordSelect } from '../../ui/Select';

/** The goals of the year: why each is worth the trouble, on which long-term goal it hangs, in which quarters it is worked on. */
export function YearGoals({ page }: { page: DirectionView }) {
    return (
        <Section title={`The goals of ${page.year.period.words}`} aside="Four boxes: the quarters in which a goal is worked on.">
            {page.goals.length === 0 && (
                <Empty
                    action={
                        <ButtonLink kind="main" href={route('goals.create', { _query: { period: page.year.period.name } })}>
                            Add the first one
                        </ButtonLink>
                    }
                >
                    None yet. One to four things that should be true by the end of the year.
                </Empty>
            )}
            <ul>
                {page.goals.map((placed) => (
                    <Row key={placed.goal.id} placed={placed} page={page} />
                ))}
            </ul>
            {page.goals.length > 0 && (
                <div className="border-t border-hairline pt-3">
                    <ButtonLink href={route('goals.create', { _query: { period: page.year.period.name } })}>Add a year goal</ButtonLink>
                </div>
            )}
        </Section>
    );
}

function Row({ placed, page }: { placed: PlacedGoal; page: DirectionView }) {
    const { goal } = placed;
    const { longTermGoals } = page.longTerm;
    const place = (change: Partial<Pick<PlacedGoal, 'longTermGoal' | 'quarters'>>) => {
        act('put', route('goals.place', goal.id), { ...change, seen: { quarters: placed.quarters } });
    };

    return (
        <li
            className={clsx(
                'grid grid-cols-[minmax(0,5fr)_minmax(0,6fr)_268px] items-start',
                'gap-x-8 gap-y-2 border-t border-hairline py-3 max-lg:grid-cols-1',
            )}
        >
            <div className="min-w-0">
                <GoalTitle goal={goal} />
                {longTermGoals.length > 0 && (
                    <p className="mt-1 text-xs text-ink-2">
                        {placed.longTermGoal !== null && 'for '}
                        {placed.mayChange ? (
                            <WordSelect
                                label={`Long-term goal of ${goal.title}`}
                                value={placed.longTermGoal ?? ''}
                                none="not linked to a long-term goal"
                                options={longTermGoals.map((longTermGoal) => ({ value: longTermGoal.id, label: longTermGoal.title }))}
                                onChange={(value) => {
                                    place({ longTermGoal: value === '' ? null : Number(value) });
                                }}
                            />
                        ) : (
                            longTermGoals.find((each) => each.id === placed.longTermGoal)?.title
                        )}
                    </p>
                )}
            </div>
            <p className="max-w-prose text-ink-2">{placed.why}</p>
            <div>
                <div className="mb-2 grid grid-cols-4 gap-0.5" role="group" aria-label={`Quarters in which ${goal.title} is worked on`}>
                    {page.quarters.map((quarter, index) => {
                        const isOn = placed.quarters.includes(index + 1);

                        return (
                            <button
                                key={quarter.period.name}
                                type="button"
                                aria-label={quarter.period.words}
                                aria-pressed={isOn}
                                title={`${quarter.period.words}: ${isOn ? 'worked on' : 'not worked on'}`}
                                disabled={!placed.mayChange}
                                onClick={() => {
                                    place({
                                        quarters: isOn
                                            ? placed.quarters.filter((each) => each !== index + 1)
                                            : [...placed.quarters, index + 1],
                                    });
                                }}
                                className="group/quarter py-1.5 pointer-coarse:py-4"
                            >
                                <span
                                    className={clsx(
                                        'block h-2.5',
                                        isOn ? ['bg-current', toneOf(goal.cord)] : 'border border-rule group-hover/quarter:bg-faint',
                                    )}
                                />
                            </button>
                        );
                    })}
                </div>
                <GaugeLine gauge={goal.gauge} />
            </div>
        </li>
    );
}
