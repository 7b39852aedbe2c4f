import type { ForecastView } from '../generated/props';
import { dayWords } from '../lib/dates';

/** How something will end if it goes on as in its recent weeks. */
export function Forecast({ forecast }: { forecast: ForecastView | null }) {
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
