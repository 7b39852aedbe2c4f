import { Link } from '@inertiajs/react';
import { type ReactNode, useEffect, useState } from 'react';
import { Sum } from './Sum';
import { Gauge, Standing } from '../signs/Gauge';
import type { FigureView } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { Dialog } from '../../ui/Dialog';

interface Props {
    address: string;
    onExplain: (address: string) => void;
    onClose: () => void;
}

interface Answer {
    address: string;
    figure: FigureView | null;
}

/** How a figure comes about, down to the task: what counted, how much, and what was left out. */
export default function FigureDialog({ address, onExplain, onClose }: Props) {
    const [answer, setAnswer] = useState<Answer | null>(null);
    const figure = answer?.address === address ? answer.figure : undefined;

    useEffect(() => {
        const asked = new AbortController();

        void fetch(address, { headers: { Accept: 'application/json' }, signal: asked.signal })
            .then(async (response) => (response.ok ? ((await response.json()) as FigureView) : null))
            .catch(() => null)
            .then((found) => {
                if (!asked.signal.aborted) {
                    setAnswer({ address, figure: found });
                }
            });

        return () => {
            asked.abort();
        };
    }, [address]);

    return (
        <Dialog isOpen onOpenChange={onClose} title={figure?.title ?? 'How is this calculated?'} size="l">
            {figure === undefined && <p className="min-h-64 text-ink-2">Loading.</p>}
            {figure === null && <p className="text-persimmon">It could not be loaded. Please try again.</p>}
            {figure != null && <Explanation figure={figure} onExplain={onExplain} onClose={onClose} />}
        </Dialog>
    );
}

function Explanation({ figure, onExplain, onClose }: { figure: FigureView } & Omit<Props, 'address'>) {
    const { gauge } = figure;

    return (
        <div className="space-y-5">
            <div>
                <p className="mb-2 text-xs text-ink-2">as of {dayWords(figure.on)}</p>
                {gauge.progress !== null && <Gauge gauge={{ ...gauge, why: null }} size="l" />}
                <p className="mt-1.5 flex justify-between gap-3">
                    <span className="font-semibold">{gauge.terms}</span>
                    <Standing gauge={gauge} />
                </p>
            </div>
            <Part title={gauge.progress === null ? 'Not measured' : `Done: ${gauge.progress.toFixed(1)}%`}>
                {figure.decided !== null && <p className="mb-1">{figure.decided}</p>}
                {figure.formula !== null && <p className="font-mono text-xs">{figure.formula}</p>}
                {figure.sum.length > 0 && (
                    <Sum
                        lines={figure.sum}
                        total={figure.decided === null ? figure.title : 'Computed then'}
                        figure={figure.decided === null ? gauge.progress : null}
                        onExplain={onExplain}
                    />
                )}
                {figure.tasks.length > 0 && (
                    <div className="mt-3">
                        <p className="mb-1 text-xs text-ink-2">{figure.weighing}</p>
                        <Sum
                            lines={figure.tasks}
                            total={figure.sum.length > 0 ? 'Tasks of this goal' : figure.title}
                            figure={figure.tasksFigure}
                            onExplain={onExplain}
                        />
                    </div>
                )}
                {figure.formula === null && figure.decided === null && figure.sum.length === 0 && figure.tasks.length === 0 && (
                    <p className="text-ink-2">Nothing counts towards it yet: no goal, project or task is linked to it.</p>
                )}
            </Part>
            <Part title={gauge.expected === null ? 'Expected' : `Expected: ${gauge.expected.toFixed(1)}%`}>
                <Sentences sentences={figure.expected} />
                {figure.gap !== null && <p className="mt-1">{figure.gap}</p>}
            </Part>
            {figure.forecast.length > 0 && (
                <Part title="Forecast at the current rate">
                    <Sentences sentences={figure.forecast} />
                </Part>
            )}
            <Link href={figure.link} onClick={onClose} className="inline-block link">
                Open page
            </Link>
        </div>
    );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section className="border-t border-rule pt-2">
            <h3 className="mb-1">{title}</h3>
            {children}
        </section>
    );
}

function Sentences({ sentences }: { sentences: string[] }) {
    return sentences.map((sentence) => <p key={sentence}>{sentence}</p>);
}
