import { OwnersEstimate } from './OwnersEstimate';
import { Section } from '../Section';
import type { ForecastView, GoalView } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** Whether it will be done in time: as its owner says, and from how it moved in the recent weeks. */
export function Chance({ page }: { page: GoalView }) {
    const { estimate, forecast } = page;

    if (page.closedOn !== null || estimate === null) {
        return null;
    }

    return (
        <Section title={`Will it be done by ${dayWords(page.period.last)}?`}>
            <OwnersEstimate goal={page.goal.id} estimate={estimate} isOpen={!page.isPast} />
            {['work', 'number', 'count'].includes(page.measure) && <Computed forecast={forecast} />}
            {[estimate.disagree, estimate.owner, estimate.computed].map(
                (words) =>
                    words !== null && (
                        <p key={words} className="mt-1 text-xs text-ink-2 ">
                            {words}
                        </p>
                    ),
            )}
        </Section>
    );
}

function Computed({ forecast }: { forecast: ForecastView | null }) {
    if (forecast === null) {
        return <p className="text-xs text-ink-2">Too early to compute: it takes three weeks with a figure at both ends.</p>;
    }

    return (
        <>
            <div className="flex items-baseline justify-between py-1">
                <span>
                    From {forecast.increments.length === 0 ? 'where it stands' : `the last ${String(forecast.increments.length)} weeks`}
                </span>
                <span className="font-mono text-md text-chalk">{forecast.chance} %</span>
            </div>
            {forecast.likelyOn !== null && (
                <p className="text-xs text-ink-2">
                    As likely as not by {dayWords(forecast.likelyOn)}
                    {forecast.safeOn === null ? '.' : `, safely by ${dayWords(forecast.safeOn)}.`}
                </p>
            )}
            {forecast.likelyOn === null && forecast.chance < 50 && <p className="text-xs text-ink-2">At this pace not within two years.</p>}
            {forecast.increments.length > 0 && (
                <p className="text-xs text-ink-2">
                    Points a week:{' '}
                    <span className="font-mono">{forecast.increments.map((points) => (points / 10).toFixed(1)).join(', ')}</span>
                </p>
            )}
        </>
    );
}
