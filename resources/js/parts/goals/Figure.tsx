import type { GoalView } from '../../generated/props';
import { Gauge, Standing } from '../signs/Gauge';

export function Figure({ page }: { page: GoalView }) {
    const { gauge } = page.goal;

    return (
        <div>
            {gauge.dueOn === null && gauge.progress !== null && <Gauge gauge={gauge} size="l" />}
            <div className="mt-2 flex items-baseline justify-between gap-3 text-md font-semibold">
                <span>{page.measure === 'work' && gauge.progress !== null ? `${gauge.terms} of the weighted work` : gauge.terms}</span>
                <Standing gauge={gauge} />
            </div>
            {gauge.progress !== null && page.measure !== 'work' && gauge.dueOn === null && (
                <p className="text-xs text-ink-2">
                    {Math.round(gauge.progress)}% of the way
                    {gauge.expected === null ? '' : `, expected ${String(Math.round(gauge.expected))}%`}
                </p>
            )}
        </div>
    );
}
