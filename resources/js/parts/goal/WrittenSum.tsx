import { Link } from '@inertiajs/react';
import { Empty, Section } from '../Section';
import type { GoalView, SumLine } from '../../generated/props';

/** How the figure adds up, as a written sum under a rule. */
export function WrittenSum({ page }: { page: GoalView }) {
    const { gauge } = page.goal;
    const figure = gauge.progress === null ? 'the figure' : `${String(Math.round(gauge.progress))} %`;

    if (page.formula !== null) {
        return (
            <Section title={`How ${figure} comes about`}>
                <p className="font-mono text-xs">{page.formula}</p>
                {page.beneath.length > 0 && (
                    <p className="mt-2 text-xs text-ink-2">Goals and projects beneath it are shown and do not move its figure.</p>
                )}
            </Section>
        );
    }

    if (page.sum.length === 0) {
        return (
            <Section title="How it adds up">
                <Empty>Nothing counts towards it yet: add a task, a project or a goal beneath it.</Empty>
            </Section>
        );
    }

    const weight = page.sum.reduce((sum, line) => sum + (line.leftOut === null ? (line.weight ?? 0) : 0), 0);
    const points = page.sum.reduce((sum, line) => sum + line.points, 0);

    return (
        <Section title={`How ${figure} adds up`} aside={page.closedOn === null ? undefined : 'as it was when it was closed'}>
            <table className="w-full border-collapse text-left">
                <thead className="text-xs text-ink-2">
                    <tr className="border-b border-rule">
                        <th scope="col" className="py-1 font-normal">
                            what counts
                        </th>
                        <th scope="col" className="w-16 text-right font-mono font-normal">
                            weight
                        </th>
                        <th scope="col" className="w-16 text-right font-mono font-normal">
                            done
                        </th>
                        <th scope="col" className="w-16 text-right font-mono font-normal">
                            points
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {page.sum.map((line, place) => (
                        <Line key={line.link ?? `${line.title} ${String(place)}`} line={line} />
                    ))}
                </tbody>
                <tfoot>
                    <tr className="border-t-2 border-ink font-semibold">
                        <th scope="row" className="py-1.5 text-left">
                            {page.goal.title}
                        </th>
                        <td className="text-right font-mono text-xs">{page.sum.some((line) => line.weight === null) ? '' : weight}</td>
                        <td />
                        <td className="text-right font-mono text-xs">{gauge.progress === null ? '–' : points.toFixed(1)}</td>
                    </tr>
                </tfoot>
            </table>
        </Section>
    );
}

function Line({ line }: { line: SumLine }) {
    const title =
        line.link === null ? (
            line.title
        ) : (
            <Link href={line.link} className="hover:underline">
                {line.title}
            </Link>
        );

    if (line.leftOut !== null) {
        return (
            <tr className="border-b border-hairline text-ink-2">
                <th scope="row" className="py-1.5 font-normal line-through">
                    {title}
                </th>
                <td colSpan={3} className="text-right font-mono text-xs">
                    {line.leftOut}
                </td>
            </tr>
        );
    }

    if (line.weight === null) {
        return (
            <tr className="border-b border-hairline">
                <th scope="row" colSpan={3} className="py-1.5 font-normal text-ink-2 italic">
                    {line.title}
                </th>
                <td className="text-right font-mono text-xs">{line.points.toFixed(1)}</td>
            </tr>
        );
    }

    return (
        <tr className="border-b border-hairline">
            <th scope="row" className="py-1.5 font-normal">
                {title} <span className="text-xs text-ink-2">{line.detail}</span>
            </th>
            <td className="text-right font-mono text-xs">{line.weight}</td>
            <td className="text-right font-mono text-xs">
                {line.done === null ? <span title="Nothing is there to measure yet: it counts 0.">not yet</span> : `${String(line.done)} %`}
            </td>
            <td className="text-right font-mono text-xs">{line.points.toFixed(1)}</td>
        </tr>
    );
}
