import { clsx } from 'clsx';
import type { DayHoursView, ProtectedHoursRow, RulerPart } from '../../generated/props';

const clock = (minutes: number) => `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

const minuteOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

const looks: Record<string, string> = {
    meeting: 'bg-ink',
    appointment: 'bg-ink-2',
    task: 'hatch border border-ink-2',
    loose: 'border border-dashed border-rule',
    session: 'bg-spruce',
};

const kinds: Record<string, string> = {
    meeting: 'meeting',
    appointment: 'appointment',
    task: 'planned',
    loose: 'no time of its own, fits here',
    session: 'focus session',
};

/** The least of the ruler that a name needs to be read. Where there is less, the bar says it when it is pointed at. */
const READABLE = 0.06;

/** Names in their places: each has room until the next one begins, and of those that begin together the first is written. */
function labels(planned: RulerPart[], whole: number): { part: RulerPart; until: number }[] {
    const inOrder = [...planned].sort((a, b) => a.from - b.from);

    return inOrder
        .filter((part, place) => part.from !== inOrder[place - 1]?.from)
        .map((part, place, written) => ({ part, until: written[place + 1]?.from ?? Number.MAX_SAFE_INTEGER }))
        .filter(({ part, until }) => until - part.from >= whole * READABLE);
}

/** The hours of a day to scale: what was scheduled above the line, what happened below it. */
export function HoursOfDay({ hours, kept }: { hours: DayHoursView; kept: ProtectedHoursRow[] }) {
    const whole = hours.until - hours.from;
    const at = (minutes: number) => `${String(((minutes - hours.from) / whole) * 100)}%`;
    const width = (part: RulerPart) => `${String(((part.until - part.from) / whole) * 100)}%`;
    const steps = Array.from({ length: whole / 60 + 1 }, (_, step) => hours.from + 60 * step);
    const bar = (part: RulerPart, place: number) => (
        <span
            key={`${part.kind} ${String(part.from)} ${String(place)}`}
            title={`${clock(part.from)}–${clock(part.until)} ${part.title}, ${kinds[part.kind] ?? ''}`}
            className={clsx('absolute inset-y-0 min-w-px', looks[part.kind])}
            style={{ left: at(part.from), width: width(part) }}
        />
    );

    return (
        <figure className="mt-4">
            <figcaption className="sr-only">
                Scheduled:{' '}
                {hours.planned.map((part) => `${clock(part.from)} to ${clock(part.until)} ${part.title}`).join(', ') || 'nothing'}.
                {kept.length > 0 && `Kept: ${kept.map(({ from, until, kind }) => `${from} to ${until} for ${kind}`).join(', ')}. `}
                Actual: {hours.went.map((part) => `${clock(part.from)} to ${clock(part.until)} ${part.title}`).join(', ') || 'nothing'}.
            </figcaption>
            <div aria-hidden className="relative mx-2">
                <Names hours={hours} whole={whole} at={at} width={width} />
                <div className="relative mt-0.5 h-3">
                    {kept.map(({ id, from, until, kind }) => (
                        <span
                            key={id}
                            title={`${from}–${until}, kept for ${kind}`}
                            className="absolute -top-0.5 h-4 border-x border-chalk bg-faint"
                            style={{ left: at(minuteOf(from)), width: `${String(((minuteOf(until) - minuteOf(from)) / whole) * 100)}%` }}
                        />
                    ))}
                    {hours.planned.map(bar)}
                </div>
                <div className="relative mt-1 h-2 border-t border-rule">
                    {steps.map((step) => (
                        <span key={step} className="absolute -top-1 h-2 w-px bg-rule" style={{ left: at(step) }} />
                    ))}
                </div>
                <div className="relative h-3">{hours.went.map(bar)}</div>
                {hours.now !== null && (
                    <span
                        className="absolute top-4 bottom-4 w-0.5 bg-chalk"
                        style={{ left: at(hours.now) }}
                        title={`now, ${clock(hours.now)}`}
                    />
                )}
                <HourNumbers at={at} steps={steps} />
            </div>
            <p className="mt-1 text-right text-xs text-ink-2">top: scheduled, bottom: actual</p>
        </figure>
    );
}

interface NamesProps {
    hours: DayHoursView;
    /** How many minutes the ruler spans. */
    whole: number;
    at: (minutes: number) => string;
    width: (part: RulerPart) => string;
}

function Names({ hours, whole, at, width }: NamesProps) {
    return (
        <div className="relative h-4 max-md:hidden">
            {labels(hours.planned, whole).map(({ part, until }) => (
                <span
                    key={part.from}
                    className="absolute truncate pr-2 text-xs text-ink-2"
                    style={{ left: at(part.from), width: width({ ...part, until: Math.min(hours.until, until) }) }}
                >
                    {part.title}
                </span>
            ))}
        </div>
    );
}

function HourNumbers({ at, steps }: { at: (minutes: number) => string; steps: number[] }) {
    return (
        <div className="relative mt-1 h-4 font-mono text-xs text-ink-2">
            {steps.map((step) => (
                <span
                    key={step}
                    className={clsx('absolute -translate-x-1/2 whitespace-nowrap', (step / 60) % 2 === 1 && 'max-md:hidden')}
                    style={{ left: at(step) }}
                >
                    {String(step / 60).padStart(2, '0')}
                </span>
            ))}
        </div>
    );
}
