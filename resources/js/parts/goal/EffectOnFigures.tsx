import type { FormDataType } from '@inertiajs/core';
import { useHttp } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { Section } from '../Section';
import type { ChangedFigure, ChangePreview, Gauge } from '../../generated/props';

/** How long one types before the figures are asked for, in milliseconds. */
const PAUSE = 350;

interface Props<T> {
    /** Where what the change would do is asked for. */
    url: string;
    data: T;
    /** What stands there while nothing would be changed. */
    empty?: string;
}

/** What a change would do to the figures, shown before it is done. */
export function EffectOnFigures<T extends FormDataType<T>>({ url, data, empty }: Props<T>) {
    const [found, setFound] = useState<{ figures: ChangedFigure[] } | { refused: string } | null>(null);
    const http = useHttp<T, ChangePreview>('post', url, data);
    const asked = JSON.stringify(data);

    useEffect(() => {
        const timer = setTimeout(() => {
            http.transform(() => data);
            http.post(url, {
                onSuccess: (preview) => {
                    setFound(preview);
                },
                onError: (errors) => {
                    setFound({ refused: Object.values(errors as Record<string, string>)[0] ?? 'This cannot be done.' });
                },
            }).catch(() => undefined);
        }, PAUSE);

        return () => {
            clearTimeout(timer);
        };
        // eslint-disable-next-line react-hooks/exhaustive-deps -- what is asked decides; the rest is made anew with each drawing
    }, [asked, url]);

    if (found === null || ('figures' in found && found.figures.length === 0 && empty === undefined)) {
        return null;
    }

    return (
        <Section title="Effect on figures">
            {'refused' in found ? (
                <p className="text-sm font-medium text-persimmon">{found.refused}</p>
            ) : found.figures.length === 0 ? (
                <p className="text-xs text-ink-2">{empty}</p>
            ) : (
                <Figures figures={found.figures} />
            )}
        </Section>
    );
}

function Figures({ figures }: { figures: ChangedFigure[] }) {
    return (
        <table className="w-full text-sm">
            <thead>
                <tr className="text-xs text-ink-2">
                    <th scope="col" className="text-left font-normal">
                        <span className="sr-only">goal</span>
                    </th>
                    <th scope="col" className="pl-3 text-right font-normal">
                        now
                    </th>
                    <th scope="col" className="pl-3 text-right font-normal">
                        then
                    </th>
                </tr>
            </thead>
            <tbody>
                {figures.map((figure) => (
                    <tr key={figure.title} className="border-t border-hairline align-baseline">
                        <th scope="row" className="py-1 text-left font-normal">
                            {figure.title}
                        </th>
                        <td className="pl-3 text-right font-mono text-xs text-ink-2">{words(figure.before)}</td>
                        <td className="pl-3 text-right font-mono text-xs font-semibold">{words(figure.after)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function words(gauge: Gauge): string {
    const percent = gauge.progress === null || gauge.terms.endsWith('%') ? null : `${String(Math.round(gauge.progress))}%`;

    return [gauge.terms, percent, gauge.standing].filter((part) => part !== null && part !== '').join(', ');
}
