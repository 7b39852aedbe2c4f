import type { WeekDay } from '../../generated/props';

/** The hours of a day as a ruler: taken by meetings, planned with tasks, free. */
export function DayRuler({ day }: { day: WeekDay }) {
    // What is neither free nor planned is taken, what overlaps once.
    const taken = day.available - day.planned - day.free;
    const whole = Math.max(day.available, taken + day.planned, 60);
    const percent = (minutes: number) => `${String((minutes / whole) * 100)}%`;
    const hours = Math.ceil(whole / 60);

    return (
        <span aria-hidden className="relative mt-1 mb-0.5 block h-3 w-26 border-x border-b border-rule max-md:hidden">
            <span className="absolute top-0 bottom-0.5 left-0 bg-ink" style={{ width: percent(taken) }} />
            <span className="hatch absolute top-0 bottom-0.5" style={{ left: percent(taken), width: percent(day.planned) }} />
            {Array.from({ length: hours - 1 }, (_, index) => (
                <span key={index} className="absolute bottom-0 h-[3px] w-px bg-rule" style={{ left: percent((index + 1) * 60) }} />
            ))}
        </span>
    );
}
