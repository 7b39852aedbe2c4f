import type { GoalView } from '../../generated/props';
import { daysBetween } from '../../lib/dates';

/** A day of the chart, counted from the period's first, with the span in which it is likely to end. */
export interface Point {
    day: number;
    on: string;
    progress: number | null;
    expected: number | null;
    span?: [number, number];
}

/** The days of a goal's chart, the last of them with the forecast's central four fifths. */
export function pointsOf({ chart, goal, period }: GoalView): Point[] {
    const points: Point[] = chart.map((point) => ({ ...point, day: daysBetween(period.first, point.on) }));
    const last = points.findLast((point) => point.progress !== null);
    const end = points.at(-1);

    if (last?.progress != null && end !== undefined && end !== last && goal.gauge.low !== null && goal.gauge.high !== null) {
        last.span = [last.progress, last.progress];
        end.span = [goal.gauge.low, goal.gauge.high];
    }

    return points;
}
