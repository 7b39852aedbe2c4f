import { Section } from '../Section';
import type { GoalView } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** Whether it will be done in time, from how it moved in the recent weeks. */
export function Outlook({ page }: { page: GoalView }) {
    const { forecast } = page;

    if (page.closedOn !== null || !['work', 'number', 'count'].includes(page.measure)) {
        return null;
    }

    return (
        <Section title={`Will it be done by ${dayWords(page.period.last)}?`}>
            {forecast === null ? (
                <p className="text-xs text-ink-2">Too early to say: it takes three weeks with a figure at both ends.</p>
            ) : (
                <>
                    <div className="flex items-baseline justify-between py-1">
                        <span>
                            From{' '}
                            {forecast.increments.length === 0 ? 'where it stands' : `the last ${String(forecast.increments.length)} weeks`}
                        </span>
                        <span className="font-mono text-md text-chalk">{forecast.chance} %</span>
                    </div>
                    {forecast.likelyOn !== null && (
                        <p className="text-xs text-ink-2">
                            As likely as not by {dayWords(forecast.likelyOn)}
                            {forecast.safeOn === null ? '.' : `, safely by ${dayWords(forecast.safeOn)}.`}
                        </p>
                    )}
                    {forecast.likelyOn === null && forecast.chance < 50 && (
                        <p className="text-xs text-ink-2">At this pace not within two years.</p>
                    )}
                    {forecast.increments.length > 0 && (
                        <p className="mt-2 text-xs text-ink-2">
                            Points a week:{' '}
                            <span className="font-mono">{forecast.increments.map((points) => (points / 10).toFixed(1)).join(', ')}</span>
                        </p>
                    )}
                </>
            )}
        </Section>
    );
}
