import { useHttp } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { Section } from '../Section';
import type { ChangedFigure, ChangePreview, Gauge, GoalValues } from '../../generated/props';
import { route } from '../../lib/routes';

/** How long one types before the figures are asked for, in milliseconds. */
const PAUSE = 350;

/** What the change would do to the figures, shown before it is done. */
export function WhatItDoes({ goal, data }: { goal: number; data: GoalValues }) {
    const [found, setFound] = useState<{ figures: ChangedFigure[] } | { refused: string } | null>(null);
    const http = useHttp<GoalValues, ChangePreview>('post', route('goals.preview', goal), data);
    const asked = JSON.stringify(data);

    useEffect(() => {
        const timer = setTimeout(() => {
            http.transform(() => data);
            http.post(route('goals.preview', goal), {
                onSuccess: (preview) => {
                    setFound(preview);
                },
                onError: (errors) => {
                    setFound({ refused: Object.values(errors as Record<string, string>)[0] ?? 'This would be refused.' });
                },
            }).catch(() => undefined);
        }, PAUSE);

        return () => {
            clearTimeout(timer);
        };
        // eslint-disable-next-line react-hooks/exhaustive-deps -- what is asked decides; the rest is made anew with each drawing
    }, [asked, goal]);

    if (found === null) {
        return null;
    }

    if ('refused' in found) {
        return (
            <Section title="What it does to the figures">
                <p className="text-sm font-medium text-persimmon">{found.refused}</p>
            </Section>
        );
    }

    return (
        <Section title="What it does to the figures">
            <table className="w-full text-sm">
                <thead>
                    <tr className="text-xs text-ink-2">
                        <th scope="col" className="text-left font-normal">
                            <span className="sr-only">goal</span>
                        </th>
                        <th scope="col" className="w-40 text-right font-normal">
                            as it is
                        </th>
                        <th scope="col" className="w-40 text-right font-normal">
                            as it would be
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {found.figures.map((figure) => (
                        <tr key={figure.title} className="border-t border-hairline">
                            <th scope="row" className="py-1 text-left font-normal">
                                {figure.title}
                            </th>
                            <td className="text-right font-mono text-xs text-ink-2">{words(figure.before)}</td>
                            <td className="text-right font-mono text-xs font-semibold">{words(figure.after)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    );
}

function words(gauge: Gauge): string {
    const percent = gauge.progress === null || gauge.terms.endsWith('%') ? null : `${String(Math.round(gauge.progress))} %`;

    return [gauge.terms, percent, gauge.standing].filter((part) => part !== null && part !== '').join(', ');
}
