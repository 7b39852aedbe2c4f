import { useExplain } from '../../lib/explain';
import { Sum } from '../figure/Sum';
import { Empty, Section } from '../signs/Section';
import type { GoalView } from '../../generated/props';

/** How the figure adds up, as a written sum under a rule. */
export function WrittenSum({ page }: { page: GoalView }) {
    const explain = useExplain();
    const { gauge } = page.goal;
    const figure = gauge.progress === null ? 'the figure' : `${String(Math.round(gauge.progress))}%`;

    if (page.decided !== null) {
        return (
            <Section title={`How ${figure} was decided`}>
                <p>{page.decided}</p>
                {page.formula !== null && <p className="mt-1 font-mono text-xs">{page.formula}</p>}
                {page.sum.length > 0 && (
                    <div className="mt-3">
                        <p className="mb-1 text-xs text-ink-2">What was computed when it was closed</p>
                        <Sum lines={page.sum} total="Computed then" figure={null} onExplain={explain} />
                    </div>
                )}
            </Section>
        );
    }

    if (page.formula !== null) {
        return (
            <Section title={`How ${figure} is calculated`}>
                <p className="font-mono text-xs">{page.formula}</p>
                {page.beneath.length > 0 && (
                    <p className="mt-2 text-xs text-ink-2">Goals and projects below are shown and do not change this figure.</p>
                )}
            </Section>
        );
    }

    if (page.sum.length === 0) {
        return (
            <Section title="How is this calculated?">
                <Empty>Nothing counts towards it yet: add a task, a project or a goal below it.</Empty>
            </Section>
        );
    }

    return (
        <Section
            title={`How ${figure} is calculated`}
            aside={
                page.closedOn === null ? 'Press a figure to see how it is calculated, down to the task.' : 'as it was when it was closed'
            }
        >
            <Sum lines={page.sum} total={page.goal.title} figure={gauge.progress} onExplain={explain} />
            {page.lag !== null && <p className="mt-2 text-sm">{page.lag}</p>}
        </Section>
    );
}
