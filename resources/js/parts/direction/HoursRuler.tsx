/** From tick to tick, in hours. */
const STEPS = [1, 2, 5, 10, 20, 50, 100];

/** The hours as a ruler: towards goals solid, upkeep hatched, a tick for every few hours. */
export function HoursRuler({ forward, upkeep }: { forward: number; upkeep: number }) {
    const all = forward + upkeep;
    const step = STEPS.find((hours) => all / 60 / hours <= 8) ?? 200;
    const ticks = Array.from({ length: Math.floor(all / 60 / step) }, (_, place) => (place + 1) * step);
    const percent = (minutes: number) => `${String((minutes / all) * 100)}%`;

    return (
        <div aria-hidden className="relative mb-5">
            <div className="flex h-3 border-b border-rule">
                <span className="bg-ink" style={{ width: percent(forward) }} />
                <span className="hatch" style={{ width: percent(upkeep) }} />
            </div>
            {ticks.map((hours) => (
                <span key={hours} className="absolute top-3 h-1 border-l border-rule" style={{ left: percent(hours * 60) }}>
                    <span className="absolute top-1 -translate-x-1/2 font-mono text-xs whitespace-nowrap text-ink-2">{hours} h</span>
                </span>
            ))}
        </div>
    );
}
