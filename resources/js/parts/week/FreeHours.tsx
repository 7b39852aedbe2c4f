import { clsx } from 'clsx';
import type { WeekDay } from '../../generated/props';
import { hoursWords } from '../../lib/dates';

/** What is left of the hours of a day, or how much there is too much. */
export function FreeHours({ day }: { day: WeekDay }) {
    return (
        <span className={clsx('text-xs', day.free < 0 ? 'font-semibold text-persimmon' : 'text-ink-2')}>
            {day.free < 0 ? `${hoursWords(-day.free)} over` : `${hoursWords(day.free)} free`}
        </span>
    );
}
