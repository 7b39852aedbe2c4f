import { clsx } from 'clsx';
import { useExplain } from '../../lib/explain';
import type { Gauge as GaugeProps } from '../../generated/props';
import { dayWords } from '../../lib/dates';

const closed = ['met', 'in_part', 'not_met', 'stopped'];

export const isClosed = (gauge: GaugeProps) => closed.includes(gauge.band);

interface Props {
    gauge: GaugeProps;
    size?: 's' | 'm' | 'l';
    /** In a drawing that is one tab stop the arrows lead to it. */
    isTabStop?: boolean;
}

/** A thin ruler that explains itself when it is pressed. */
export function Gauge({ gauge, size = 'm', isTabStop = true }: Props) {
    const explain = useExplain();
    const { why } = gauge;

    // A review keeps the gauges that were seen at the time: what they rested on is no more to be had.
    return why == null ? (
        <Ruler gauge={gauge} size={size} />
    ) : (
        <button
            type="button"
            data-why={why}
            title={`${gauge.spoken}. How is this calculated?`}
            tabIndex={isTabStop ? undefined : -1}
            className="-my-2 block w-full py-2 pointer-coarse:-my-4 pointer-coarse:py-4"
            onClick={() => {
                explain(why);
            }}
        >
            <Ruler gauge={gauge} size={size} />
        </button>
    );
}

/**
 * Solid is done; sparse hatch is missing today; crossed hatch is far behind; the notch is the pace; a light
 * bracket is the forecast's central four fifths.
 */
function Ruler({ gauge, size }: { gauge: GaugeProps; size: 's' | 'm' | 'l' }) {
    const done = gauge.progress ?? 0;
    const isOver = isClosed(gauge);
    const pace = isOver ? null : gauge.expected;
    const isMissing = pace !== null && gauge.progress !== null && done < pace;

    return (
        <span
            role="img"
            aria-label={gauge.spoken}
            className={clsx('relative block w-full border-b border-rule bg-faint', { s: 'h-1.5', m: 'h-2', l: 'h-2.5' }[size])}
        >
            <span className={clsx('absolute inset-y-0 left-0', isOver ? 'bg-done' : 'bg-spruce')} style={{ width: `${String(done)}%` }} />
            {isMissing && (
                <span
                    className={clsx('absolute inset-y-0', gauge.band === 'far_behind' ? 'hatch-crossed' : 'hatch')}
                    style={{ left: `${String(done)}%`, width: `${String(pace - done)}%` }}
                />
            )}
            {gauge.low !== null && gauge.high !== null && (
                <span
                    className="absolute -top-[5px] h-1 border border-b-0 border-chalk"
                    style={{ left: `${String(gauge.low)}%`, width: `${String(Math.max(0.6, gauge.high - gauge.low))}%` }}
                />
            )}
            {pace !== null && (
                <span
                    className="absolute -inset-y-1 w-1.5 -translate-x-1/2 border-x-2 border-sheet bg-chalk"
                    style={{ left: `clamp(3px, ${String(pace)}%, calc(100% - 3px))` }}
                />
            )}
        </span>
    );
}

/** Where it stands in words; persimmon only for far behind. */
export function Standing({ gauge }: { gauge: GaugeProps }) {
    return (
        <span
            className={clsx(
                'whitespace-nowrap',
                gauge.band === 'far_behind' && 'font-semibold text-persimmon',
                gauge.band === 'behind' && 'font-semibold text-ink',
                !['far_behind', 'behind'].includes(gauge.band) && 'text-ink-2',
            )}
        >
            {gauge.dueOn === null || gauge.band === 'behind' || gauge.band === 'far_behind'
                ? gauge.standing
                : `due ${dayWords(gauge.dueOn)}`}
        </span>
    );
}

/** The gauge with its terms before and its standing behind; all or nothing has a date instead. */
export function GaugeLine({ gauge, size }: Props) {
    const hasGauge = gauge.dueOn === null && gauge.progress !== null;

    return (
        <div>
            {hasGauge && <Gauge gauge={gauge} {...(size === undefined ? {} : { size })} />}
            <div className="mt-1.5 flex flex-wrap justify-between gap-x-3 text-xs">
                <span className="font-mono text-ink-2">{gauge.dueOn === null ? gauge.terms : ''}</span>
                <Standing gauge={gauge} />
            </div>
        </div>
    );
}
