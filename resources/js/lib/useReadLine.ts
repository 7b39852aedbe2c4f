import { type KeyboardEvent, useEffect, useState } from 'react';
import type { ReadLine, ReadPiece } from '../generated/props';
import { BACKGROUND } from './background';
import { route } from './routes';

/** How long one has to rest before what was written is read, in milliseconds. */
const REST = 150;

interface Begin {
    /** The day on which it was written, if that is not today. */
    on?: string;
    /** Whether it can be an issue of a meeting. */
    isJotted?: boolean;
    lines?: ReadLine[];
    refused?: string[];
    chosen?: Record<string, string>;
}

export interface Reading {
    lines: ReadLine[];
    /** What was understood of all lines, in their order. */
    pieces: ReadPiece[];
    refuse: (key: string) => void;
    choose: (key: string, means: string) => void;
    chosen: Record<string, string>;
    /** What goes along with the words when they are saved. */
    said: { refused: string[]; chosen: Record<string, string> };
    /** Refuses a piece by its number: Alt and 1 to 9. */
    onKeyDown: (event: KeyboardEvent) => void;
    reset: () => void;
}

/** What is understood of words while they are written. Without a network nothing is said, and all is kept as it stands. */
export function useReadLine(words: string, begin: Begin = {}): Reading {
    const { on, isJotted = false } = begin;
    const [refused, setRefused] = useState(begin.refused ?? []);
    const [chosen, setChosen] = useState(begin.chosen ?? {});
    const [lines, setLines] = useState(begin.lines ?? []);
    const isEmpty = words.trim() === '';
    const asked = JSON.stringify(refused);
    // What came read with the page is asked for once something of it is refused.
    const isKnown = begin.lines !== undefined && asked === JSON.stringify(begin.refused ?? []);

    useEffect(() => {
        if (isEmpty || isKnown) {
            return;
        }

        const asking = new AbortController();
        const timer = setTimeout(() => {
            void fetch(
                route('lines.read', {
                    _query: {
                        words,
                        refused: JSON.parse(asked) as string[],
                        ...(on !== undefined && { on }),
                        ...(isJotted && { isJotted: 1 }),
                    },
                }),
                {
                    headers: { Accept: 'application/json', ...BACKGROUND },
                    signal: asking.signal,
                },
            )
                .then(async (response) => (response.ok ? ((await response.json()) as { lines: ReadLine[] }).lines : []))
                .then(setLines)
                .catch(() => undefined);
        }, REST);

        return () => {
            clearTimeout(timer);
            asking.abort();
        };
    }, [words, asked, on, isJotted, isEmpty, isKnown]);

    const shown = isEmpty ? [] : lines;
    const pieces = shown.flatMap((line) => line.pieces);
    const refuse = (key: string) => {
        setRefused((before) => [...before, key]);
    };

    return {
        lines: shown,
        pieces,
        refuse,
        choose: (key, means) => {
            setChosen((before) => ({ ...before, [key]: means }));
        },
        chosen,
        said: { refused, chosen },
        onKeyDown: (event) => {
            const piece = event.altKey && /^Digit[1-9]$/.test(event.code) ? pieces[Number(event.code.slice(5)) - 1] : undefined;

            if (piece !== undefined) {
                event.preventDefault();
                refuse(piece.key);
            }
        },
        reset: () => {
            setRefused([]);
            setChosen({});
            setLines([]);
        },
    };
}
