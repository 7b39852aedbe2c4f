import type { FormDataType } from '@inertiajs/core';
import { useHttp } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { Section } from '../signs/Section';
import type { ChangedFigure, ChangePreview, Gauge } from '../../generated/props';
import { Problem } from '../../ui/Problem';

/** How long one types before the figures are asked for, in milliseconds. */
const PAUSE = 350;

interface Props<T> {
    title?: string;
    /** Where what the change would do is asked for. */
    url: string;
    data: T;
    /** What stands there while nothing would be changed. */
    empty?: string;
}

type Found = { figures: ChangedFigure[] } | { refused: string };

/** What a change would do to the figures, shown before it is done. */
export function EffectOnFigures<T extends FormDataType<T>>({ title = 'Effect on figures', url, data, empty }: Props<T>) {
    const [found, setFound] = useState<Found | null>(null);
    const http = useHttp<T, ChangePreview>('post', url, data);
    const asked = JSON.stringify(data);

    useEffect(() => {
        // An answer that comes late, to what was asked before, does not replace a newer one.
        let isAsked = true;
        const show = (answer: Found) => {
            if (isAsked) {
                setFound(answer);
            }
        };
        const timer = setTimeout(() => {
            http.transform(() => data);
            http.post(url, {
                onSuccess: show,
                onError: (errors) => {
                    show({ refused: Object.values(errors as Record<string, string>)[0] ?? 'This cannot be done.' });
                },
            }).catch(() => undefined);
        }, PAUSE);

        return () => {
            isAsked = false;
            clearTimeout(timer);
        };
        // oxlint-disable-next-line react/exhaustive-deps -- what is asked decides; the rest is made anew with each drawing
    }, [asked, url]);

    if (found === null || ('figures' in found && found.figures.length === 0 && empty === undefined)) {
        return null;
    }

    return (
        <Section title={title}>
            {'refused' in found ? (
                <Problem words={found.refused} />
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
        <ul className="divide-y divide-hairline text-sm">
            {figures.map((figure, place) => (
                <li key={`${String(place)} ${figure.title}`} className="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
                    <span>{figure.title}</span>
                    <span className="font-mono text-xs">
                        <span className="text-ink-2">{words(figure.before)}</span>
                        <span aria-hidden> → </span>
                        <span className="sr-only"> becomes </span>
                        <b className="inline-block font-semibold">{words(figure.after)}</b>
                    </span>
                </li>
            ))}
        </ul>
    );
}

function words(gauge: Gauge): string {
    const percent = gauge.progress === null || gauge.terms.endsWith('%') ? null : `${String(Math.round(gauge.progress))}%`;

    return [gauge.terms, percent, gauge.standing].filter((part) => part !== null && part !== '').join(', ');
}
