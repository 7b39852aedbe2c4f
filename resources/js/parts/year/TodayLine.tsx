import type { YearView } from '../../generated/props';
import { daysBetween, dayWords } from '../../lib/dates';

/** The line of today, or of the past day that is shown, through all floors. */
export function TodayLine({ sheet }: { sheet: YearView }) {
    const { first, last } = sheet.period;
    const at = ((daysBetween(first, sheet.on) + 0.5) / (daysBetween(first, last) + 1)) * 100;

    return (
        <div
            aria-hidden
            className="pointer-events-none absolute top-4 bottom-0 w-px border-l border-dashed border-chalk"
            style={{ left: `${String(at)}%` }}
        >
            <span className="absolute bottom-1 left-0 -translate-x-1/2 bg-sheet px-1 font-mono text-xs whitespace-nowrap text-chalk">
                {dayWords(sheet.on)}
            </span>
        </div>
    );
}
