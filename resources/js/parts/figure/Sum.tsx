import { Link } from '@inertiajs/react';
import type { SumLine } from '../../generated/props';

interface Props {
    lines: SumLine[];
    /** What the last line is called. */
    total: string;
    /** The figure that the points add up to, in points of 100; null for their own sum. */
    figure: number | null;
    /** Opens the explanation of a line; without it a line only leads to its page. */
    onExplain: (address: string) => void;
}

const cell = 'text-right font-mono text-xs';

/** A written sum under a rule. */
export function Sum({ lines, total, figure, onExplain }: Props) {
    const counting = lines.filter((line) => line.leftOut === null);
    const weight = counting.some((line) => line.weight === null)
        ? null
        : Math.round(counting.reduce((sum, line) => sum + (line.weight ?? 0), 0) * 100) / 100;

    const added = counting.reduce((sum, line) => sum + line.points, 0);

    return (
        <table className="w-full border-collapse text-left">
            <thead className="text-xs text-ink-2">
                <tr className="border-b border-rule">
                    <th scope="col" className="py-1 font-normal">
                        what counts
                    </th>
                    {['weight', 'done', 'points'].map((title) => (
                        <th key={title} scope="col" className="w-16 text-right font-mono font-normal">
                            {title}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {lines.map((line, place) => (
                    <Line key={line.link ?? `${line.title} ${String(place)}`} line={line} onExplain={onExplain} />
                ))}
            </tbody>
            <tfoot>
                <tr className="border-t-2 border-ink font-semibold">
                    <th scope="row" className="py-1.5 text-left">
                        {total}
                    </th>
                    <td className={cell}>{weight}</td>
                    <td />
                    <td className={cell}>
                        {figure === null ? (counting.some((line) => line.done !== null) ? added.toFixed(1) : '–') : figure.toFixed(1)}
                    </td>
                </tr>
            </tfoot>
        </table>
    );
}

function Line({ line, onExplain }: { line: SumLine; onExplain: Props['onExplain'] }) {
    if (line.leftOut !== null) {
        return (
            <tr className="border-b border-hairline text-ink-2">
                <th scope="row" className="py-1.5 font-normal line-through">
                    <Title line={line} />
                </th>
                <td colSpan={3} className={cell}>
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
                <td className={cell}>{line.points.toFixed(1)}</td>
            </tr>
        );
    }

    const { why } = line;
    const done = line.done === null ? <span title="Not measured yet: counts as 0.">not yet</span> : `${String(line.done)}%`;

    return (
        <tr className="border-b border-hairline">
            <th scope="row" className="py-1.5 font-normal">
                <Title line={line} /> <span className="text-xs text-ink-2">{line.detail}</span>
            </th>
            <td className={cell}>{line.weight}</td>
            <td className={cell}>
                {why === null ? (
                    done
                ) : (
                    <button
                        type="button"
                        className="min-h-6 underline decoration-dotted underline-offset-2"
                        onClick={() => {
                            onExplain(why);
                        }}
                    >
                        {done}
                        <span className="sr-only">, how {line.title} is calculated</span>
                    </button>
                )}
            </td>
            <td className={cell}>{line.points.toFixed(1)}</td>
        </tr>
    );
}

function Title({ line }: { line: SumLine }) {
    return line.link === null ? (
        line.title
    ) : (
        <Link href={line.link} className="hover:underline">
            {line.title}
        </Link>
    );
}
