import { clsx } from 'clsx';
import { GoalTitle } from '../GoalTitle';
import { GaugeLine } from '../Gauge';
import { Empty, Section } from '../Section';
import type { DirectionView, PlacedGoal } from '../../generated/props';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';
import { ButtonLink } from '../../ui/Button';
import { SelectField } from '../../ui/Select';

/** The goals of the year: why each is worth the trouble, on which long-term goal it hangs, in which quarters it is worked on. */
export function YearGoals({ page }: { page: DirectionView }) {
    return (
        <Section title={`The goals of ${page.year.period.words}`} aside="Press a quarter to show when a goal is worked on.">
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
    const { longTermGoals } = page.bearing;
    const place = (change: Partial<Pick<PlacedGoal, 'longTermGoal' | 'quarters'>>) => {
        act('put', route('goals.place', goal.id), { longTermGoal: placed.longTermGoal, quarters: placed.quarters, ...change });
    };

    return (
        <li className="grid grid-cols-[1fr_300px] gap-x-8 gap-y-2 border-t border-hairline py-3 max-md:grid-cols-1">
            <div className="min-w-0">
                <GoalTitle goal={goal} />
                {placed.why !== null && <p className="mt-0.5 max-w-prose text-ink-2">{placed.why}</p>}
                {longTermGoals.length > 0 && (
                    <SelectField
                        label={`Long-term goal of ${goal.title}`}
                        isLabelHidden
                        className="mt-2 max-w-sm"
                        disabled={!placed.mayChange}
                        value={placed.longTermGoal ?? ''}
                        onChange={(value) => {
                            place({ longTermGoal: value === '' ? null : Number(value) });
                        }}
                        none="not linked to a long-term goal"
                        options={longTermGoals.map((longTermGoal) => ({
                            value: longTermGoal.id,
                            label: `contributes to “${longTermGoal.title}”`,
                        }))}
                    />
                )}
            </div>
            <div className="space-y-2">
                <GaugeLine gauge={goal.gauge} />
                <div className="grid grid-cols-4 gap-px" role="group" aria-label={`Quarters in which ${goal.title} is worked on`}>
                    {page.quarters.map((quarter, index) => {
                        const isOn = placed.quarters.includes(index + 1);

                        return (
                            <button
                                key={quarter.period.name}
                                type="button"
                                aria-pressed={isOn}
                                disabled={!placed.mayChange}
                                onClick={() => {
                                    place({
                                        quarters: isOn
                                            ? placed.quarters.filter((each) => each !== index + 1)
                                            : [...placed.quarters, index + 1],
                                    });
                                }}
                                className={clsx(
                                    'min-h-8 border-b-3 pt-1 text-xs pointer-coarse:min-h-11',
                                    isOn ? 'border-ink font-semibold' : 'border-hairline text-ink-2 hover:border-rule',
                                )}
                            >
                                {quarter.period.words}
                            </button>
                        );
                    })}
                </div>
            </div>
        </li>
    );
}
