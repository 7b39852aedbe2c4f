import { clsx } from 'clsx';
import type { WeekHours } from '../../generated/props';
import { hoursWords } from '../../lib/dates';

/** The hours of the whole week as one ruler: taken by meetings, planned on days, no day yet or for main efforts, and what does not fit. */
export function WeekRuler({ hours, words = 'Hours left this week' }: { hours: WeekHours; words?: string }) {
    const { available, taken, onDays, noDay, efforts, free } = hours;
    const whole = Math.max(available, available - free, 60);
    const percent = (minutes: number) => `${String((minutes / whole) * 100)}%`;
    const parts = [
        taken > 0 && `meetings ${hoursWords(taken)}`,
        onDays > 0 && `scheduled ${hoursWords(onDays)}`,
        noDay > 0 && `no day yet ${hoursWords(noDay)}`,
        efforts > 0 && `main efforts ${hoursWords(efforts)}`,
    ].filter(Boolean);

    return (
        <div className="mt-3">
            <p className="flex flex-wrap items-baseline justify-between gap-x-3 text-xs">
                <span className="text-ink-2">{words}</span>
                <span className={clsx('font-semibold', free < 0 && 'text-persimmon')}>
                    {free < 0 ? `${hoursWords(-free)} over` : `${hoursWords(free)} free of ${hoursWords(available)}`}
                </span>
            </p>
            <span aria-hidden className="relative mt-1 block h-3 border-b border-rule">
                <span className="absolute inset-y-0 left-0 bg-ink" style={{ width: percent(taken) }} />
                <span className="hatch absolute inset-y-0" style={{ left: percent(taken), width: percent(onDays) }} />
                <span
                    className="absolute inset-y-0.5 border border-dashed border-rule"
                    style={{ left: percent(taken + onDays), width: percent(noDay + efforts) }}
                />
                <span className="absolute -top-0.5 -bottom-1 w-0.5 bg-ink" style={{ left: percent(available) }} />
            </span>
            {parts.length > 0 && <p className="mt-1.5 text-xs text-ink-2">{parts.join(', ')}</p>}
        </div>
    );
}
