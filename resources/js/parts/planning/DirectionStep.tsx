import { clsx } from 'clsx';
import { GoalTitle } from '../signs/GoalTitle';
import { GaugeLine } from '../signs/Gauge';
import { Empty, Section } from '../signs/Section';
import { LongTermWords } from '../direction/LongTermWords';
import { LongTermGoals } from '../direction/LongTermGoals';
import { PeriodWords } from '../direction/PeriodWords';
import { Purpose } from '../direction/Purpose';
import type { PlanningView } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** Where we are going: of a year all of it, of anything shorter the goals above with where they should stand. */
export function DirectionStep({ page }: { page: PlanningView }) {
    if (page.direction !== null) {
        return (
            <div className="space-y-7">
                <Purpose page={page.direction} />
                <LongTermGoals page={page.direction} />
                <Section title={`The motto of ${page.stretch.words}`}>
                    <PeriodWords line={page.direction.year} name="motto" size="l" mayChange={page.direction.mayChange} />
                </Section>
            </div>
        );
    }

    return (
        <div className="space-y-7">
            {page.longTerm !== null && <LongTermWords longTerm={page.longTerm} />}
            <Section title="The goals above" aside={`Where each is now, and where it should be by ${dayWords(page.stretch.last)}.`}>
                {page.above.length === 0 && (
                    <Empty>There are no open goals above. Goals of {page.stretch.words} will not be linked to one.</Empty>
                )}
                <ul>
                    {page.above.map(({ goal, expectedAtEnd, isPlaced }) => (
                        <li
                            key={goal.id}
                            className={clsx(
                                'grid grid-cols-[1fr_260px_110px] items-center gap-6',
                                'border-t border-hairline py-2.5 max-md:grid-cols-1',
                            )}
                        >
                            <div className="min-w-0">
                                <GoalTitle goal={goal} />
                                {isPlaced && <p className="text-xs text-ink-2">worked on in this quarter</p>}
                            </div>
                            <GaugeLine gauge={goal.gauge} />
                            <p className="text-right font-mono text-sm">
                                {expectedAtEnd === null ? 'no pace' : `${String(expectedAtEnd)}% by then`}
                            </p>
                        </li>
                    ))}
                </ul>
            </Section>
        </div>
    );
}
