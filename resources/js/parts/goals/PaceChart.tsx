import { Area, ComposedChart, Line, ReferenceDot, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { Point } from './pacePoints';
import type { GoalView, OwnTerms, PeriodTag } from '../../generated/props';
import { gapOf, termsOf } from '../../lib/terms';
import { addDays, bareDateWords, dateWords, daysBetween, dayWords } from '../../lib/dates';

const tick = { fill: 'var(--ink-2)', fontFamily: 'var(--font-mono)', fontSize: 12 };

/** A line that stands as it is, without dots or movement. */
const still = { type: 'linear', dot: false, isAnimationActive: false } as const;

/** The drawing of progress against pace, with its checkpoints and the forecast's central four fifths. */
export default function PaceChart({ page, points }: { page: GoalView; points: Point[] }) {
    const starts = monthStarts(page.period);
    const { own } = page.goal.gauge;
    const missing = missingOf(own, points);

    return (
        <ResponsiveContainer width="100%" height="100%">
            <ComposedChart accessibilityLayer={false} data={points} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
                <XAxis
                    dataKey="day"
                    type="number"
                    domain={['dataMin', 'dataMax']}
                    ticks={starts}
                    tickFormatter={(day: number) => tickWords(addDays(page.period.first, day))}
                    tick={tick}
                    stroke="var(--rule)"
                />
                <YAxis
                    domain={[0, 100]}
                    ticks={[0, 50, 100]}
                    tickFormatter={(percent: number) => termsOf(own, percent)}
                    width="auto"
                    tick={tick}
                    axisLine={false}
                    tickLine={false}
                />
                {[0, 50, 100].map((y) => (
                    <ReferenceLine key={y} y={y} stroke="var(--hairline)" />
                ))}
                <Tooltip content={<Reading own={own} />} />
                <Area dataKey="span" stroke="none" fill="var(--chalk)" fillOpacity={0.16} isAnimationActive={false} connectNulls />
                <Line dataKey="expected" stroke="var(--chalk)" strokeWidth={1.5} {...still} name="expected" />
                <Line dataKey="progress" stroke="var(--spruce)" strokeWidth={3} {...still} connectNulls name="done" />
                {page.checkpoints.map((point) => (
                    <ReferenceDot
                        key={point.on}
                        x={daysBetween(page.period.first, point.on) + 1}
                        y={point.expected ?? 0}
                        r={4}
                        fill="var(--sheet)"
                        stroke="var(--chalk)"
                        strokeWidth={1.5}
                    />
                ))}
                {missing !== null && <ReferenceLine {...missing} />}
            </ComposedChart>
        </ResponsiveContainer>
    );
}

function Reading({ active, payload, own }: { active?: boolean; payload?: { payload: Point }[]; own: OwnTerms | null }) {
    const point = payload?.[0]?.payload;

    return active !== true || point === undefined ? null : (
        <div className="border border-ink bg-sheet px-2 py-1 text-xs">
            <div className="font-semibold">{dayWords(point.on)}</div>
            {point.progress !== null && <div>done {termsOf(own, point.progress, 1)}</div>}
            {point.expected !== null && <div>expected {termsOf(own, point.expected, 1)}</div>}
        </div>
    );
}

/** The days on which months begin, as days from the period's first; its first and last day where it is short. */
function monthStarts({ first, last }: PeriodTag): number[] {
    const length = daysBetween(first, last);

    if (length < 27) {
        return [0, length];
    }

    return Array.from({ length: length + 1 }, (_, day) => day).filter((day) => day === 0 || addDays(first, day).endsWith('-01'));
}

/** The year stands once, where it begins. */
const tickWords = (day: string) => (day.slice(5, 7) === '01' ? dateWords(day) : bareDateWords(day));

/** The line of what is missing today, from what is done up to what was expected; null where nothing is. */
function missingOf(own: OwnTerms | null, points: Point[]) {
    const last = points.findLast((point) => point.progress !== null);

    if (last?.expected == null || last.progress === null || last.expected - last.progress < 1) {
        return null;
    }

    return {
        segment: [
            { x: last.day, y: last.progress },
            { x: last.day, y: last.expected },
        ] as [{ x: number; y: number }, { x: number; y: number }],
        stroke: 'var(--ink-2)',
        strokeWidth: 7,
        strokeDasharray: '1.5 3',
        label: {
            value: `${gapOf(own, last.progress, last.expected)} missing`,
            position: 'left' as const,
            fill: 'var(--ink)',
            fontSize: 12,
            offset: 10,
            // Legible where it crosses a line.
            stroke: 'var(--sheet)',
            strokeWidth: 4,
            paintOrder: 'stroke',
        },
    };
}
