import { lazy, Suspense } from 'react';
import { pointsOf } from './pacePoints';
import { Pins } from './Pins';
import type { ChartPoint, GoalView, OwnTerms } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { termsOf } from '../../lib/terms';

const PaceChart = lazy(() => import('./PaceChart'));

/** Progress against pace over the goal's period; all but the drawing stands at once, and nothing moves when that has come. */
export function PaceFigure({ page }: { page: GoalView }) {
    const points = pointsOf(page);
    const { own } = page.goal.gauge;

    return (
        <figure>
            <div aria-hidden className="h-64 w-full">
                <Suspense>
                    <PaceChart page={page} points={points} />
                </Suspense>
            </div>
            <Pins page={page} />
            <figcaption className="mt-1 flex flex-wrap gap-x-5 text-xs text-ink-2">
                <Key colour="bg-spruce" words="done" />
                <Key colour="bg-chalk" words="expected" />
                {points.some((point) => point.span !== undefined) && <Key colour="bg-chalk/20" words="likely range (80%)" />}
                <Numbers points={page.chart} own={own} />
            </figcaption>
        </figure>
    );
}

function Key({ colour, words }: { colour: string; words: string }) {
    return (
        <span className="inline-flex items-center gap-1.5">
            <span aria-hidden className={`h-[3px] w-4 ${colour}`} />
            {words}
        </span>
    );
}

function Numbers({ points, own }: { points: ChartPoint[]; own: OwnTerms | null }) {
    const percent = (value: number | null) => (value === null ? '' : termsOf(own, value, 1));

    return (
        <details className="ml-auto">
            <summary className="cursor-pointer link">Show as a table</summary>
            <table className="mt-2 text-right font-mono text-ink">
                <caption className="sr-only">Progress and pace by day</caption>
                <thead>
                    <tr>
                        <th scope="col" className="pr-6 text-left font-normal">
                            day
                        </th>
                        <th scope="col" className="pr-6 font-normal">
                            done
                        </th>
                        <th scope="col" className="font-normal">
                            expected
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {points.map((point) => (
                        <tr key={point.on}>
                            <th scope="row" className="pr-6 text-left font-normal">
                                {dayWords(point.on)}
                            </th>
                            <td className="pr-6">{percent(point.progress)}</td>
                            <td>{percent(point.expected)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </details>
    );
}
