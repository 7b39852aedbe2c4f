import type { Tray } from '../../generated/props';
import { dayWords, hoursWords } from '../../lib/dates';
import { Section } from '../signs/Section';

/** What each day leaves: taken by meetings, planned with tasks, free. */
export function DoesItFit({ page }: { page: Tray }) {
    const longest = Math.max(60, ...page.days.map((day) => Math.max(day.available, day.taken + day.planned)));
    const width = (minutes: number) => `${String((minutes / longest) * 100)}%`;

    return (
        <Section title="Does it fit?" aside="what each day leaves">
            <ul>
                {page.days.map((day) => (
                    <li key={day.on} className="grid grid-cols-[76px_1fr_88px] items-center gap-x-3 border-t border-hairline py-1.5">
                        <span className="font-semibold">{dayWords(day.on)}</span>
                        <span aria-hidden className="relative h-3 border-b border-rule">
                            <span className="absolute inset-y-0 left-0 bg-ink" style={{ width: width(day.taken) }} />
                            <span className="hatch absolute inset-y-0" style={{ left: width(day.taken), width: width(day.planned) }} />
                            <span className="absolute -bottom-0.5 h-4 w-px bg-ink" style={{ left: width(day.available) }} />
                        </span>
                        <span
                            className={day.free < 0 ? 'text-right text-xs font-semibold text-persimmon' : 'text-right text-xs text-ink-2'}
                        >
                            {day.free < 0 ? `${hoursWords(-day.free)} over` : `${hoursWords(day.free)} free`}
                        </span>
                    </li>
                ))}
                {page.nextFree !== null && (
                    <li className="flex justify-between border-t border-hairline py-1.5">
                        <span className="font-semibold">Next week</span>
                        <span className="text-xs text-ink-2">
                            {page.nextFree < 0 ? `${hoursWords(-page.nextFree)} over` : `${hoursWords(page.nextFree)} free`}
                        </span>
                    </li>
                )}
            </ul>
        </Section>
    );
}
