import type { ForecastView } from '../../generated/props';

/** How something will end if it goes on as in its recent weeks, in one sentence with its pace. */
export function Forecast({ forecast }: { forecast: ForecastView }) {
    return (
        <>
            <div className="flex items-baseline justify-between gap-3 py-1">
                <span>Chance, based on recent weeks</span>
                <span className="font-mono text-md whitespace-nowrap text-chalk">{forecast.chance}</span>
            </div>
            <p className="text-sm">{forecast.sentence}</p>
            <p className="text-xs text-ink-2">
                {forecast.safeOn !== null && `Almost certain by ${forecast.safeOn}. `}
                {forecast.growth}
            </p>
            {forecast.weekByWeek !== null && (
                <p className="text-xs text-ink-2">
                    Week by week: <span className="font-mono">{forecast.weekByWeek}</span>
                </p>
            )}
        </>
    );
}
