import type { KeptWeekRow, PlanPace } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { count } from '../../lib/words';

/** What a past week came to: of what was planned, how much was done, and what was done besides. */
export function KeptWeek({ kept }: { kept: KeptWeekRow }) {
    const whole = Math.max(kept.planned + kept.besides, 60);
    const percent = (minutes: number) => `${String((minutes / whole) * 100)}%`;

    return (
        <div className="mt-3">
            <p className="flex items-baseline justify-between gap-3 text-xs">
                <span className="text-ink-2">Planned {hoursWords(kept.planned)}</span>
                <span className="font-semibold">did {hoursWords(kept.done)}</span>
            </p>
            <span aria-hidden className="relative mt-1 block h-3 border-b border-rule">
                <span className="absolute inset-y-0 left-0 bg-ink" style={{ width: percent(kept.done) }} />
                <span className="hatch absolute inset-y-0" style={{ left: percent(kept.done), width: percent(kept.planned - kept.done) }} />
                <span className="absolute -top-0.5 -bottom-1 w-0.5 bg-ink" style={{ left: percent(kept.planned) }} />
                <span className="absolute inset-y-0 bg-ink-2" style={{ left: percent(kept.planned), width: percent(kept.besides) }} />
            </span>
            {kept.besides > 0 && <p className="mt-1.5 text-xs text-ink-2">and {hoursWords(kept.besides)} that were not planned</p>}
        </div>
    );
}

/** To a quarter of an hour: a mean says no more. */
const about = (minutes: number) => hoursWords(Math.round(minutes / 15) * 15);

/** What a plan is worth, from the last weeks. */
export function Pace({ pace }: { pace: PlanPace }) {
    return (
        <p className="mt-1.5 text-xs text-ink-2">
            {pace.weeks === 1 ? 'Last week' : `The last ${count(pace.weeks, 'week')} on average`}: planned {about(pace.planned)}, did{' '}
            {about(pace.done)}. <span className="text-ink">This plan holds {hoursWords(pace.holds)}.</span>
        </p>
    );
}
