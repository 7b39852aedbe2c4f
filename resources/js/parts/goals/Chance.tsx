import { OwnersEstimate } from './OwnersEstimate';
import { Forecast } from '../signs/Forecast';
import { Section } from '../signs/Section';
import type { GoalView } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** Whether it will be done in time: as its owner says, and from how it moved in the recent weeks. */
export function Chance({ page }: { page: GoalView }) {
    const { estimate, forecast } = page;

    if (page.closedOn !== null) {
        return null;
    }

    if (estimate === null) {
        return page.noForecast === null ? null : <p className="mt-4 text-xs text-ink-2">{page.noForecast}</p>;
    }

    return (
        <Section title={`Will it be done by ${dayWords(page.period.last)}?`}>
            <OwnersEstimate goal={page.goal.id} estimate={estimate} isOpen={!page.isPast} />
            {forecast === null ? <p className="text-xs text-ink-2">{page.noForecast}</p> : <Forecast forecast={forecast} />}
            {[estimate.disagree, estimate.owner, estimate.computed].map(
                (words) =>
                    words !== null && (
                        <p key={words} className="mt-1 text-xs text-ink-2">
                            {words}
                        </p>
                    ),
            )}
        </Section>
    );
}
