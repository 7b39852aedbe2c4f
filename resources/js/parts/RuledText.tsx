import { router } from '@inertiajs/react';
import type { RequestPayload } from '@inertiajs/core';
import { useEffect, useId, useRef, useState } from 'react';

interface Props {
    label: string;
    value: string;
    placeholder?: string;
    rows?: number;
    url: string;
    /** What is sent: the text, and what it was when it was last kept. */
    payload: (text: string, was: string) => RequestPayload;
    onKept?: () => void;
}

/** How long one has to rest before what was written is kept by itself. */
const REST = 700;

/** Ruled lines to write on, kept by themselves. What was not kept stays in the field, and says why. */
export function RuledText({ label, value, placeholder, rows = 2, url, payload, onKept }: Props) {
    const id = useId();
    const [text, setText] = useState(value);
    const [kept, setKept] = useState(value);
    const [problem, setProblem] = useState<string | null>(null);
    const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
    const isClean = text === kept;

    // What others wrote comes in as long as nothing of one's own is unkept.
    if (isClean && value !== kept) {
        setText(value);
        setKept(value);
    }

    const keep = (words: string) => {
        clearTimeout(timer.current);

        if (words === kept) {
            return;
        }

        router.put(url, payload(words, kept), {
            async: true,
            preserveScroll: true,
            preserveState: true,
            showProgress: false,
            onSuccess: () => {
                setKept(words);
                setProblem(null);
                onKept?.();
            },
            onError: (errors) => {
                setProblem(Object.values(errors)[0] ?? 'This could not be kept.');
            },
            onNetworkError: () => {
                setProblem('No connection: your text stays here and is kept when you write on.');
            },
        });
    };

    useEffect(
        () => () => {
            clearTimeout(timer.current);
        },
        [],
    );

    return (
        <div>
            <label htmlFor={id} className="sr-only">
                {label}
            </label>
            <textarea
                id={id}
                rows={Math.max(rows, text.split('\n').length)}
                value={text}
                placeholder={placeholder}
                aria-invalid={problem !== null}
                className="ruled field-sizing-content block w-full resize-none bg-transparent outline-offset-4"
                onChange={(event) => {
                    const words = event.target.value;
                    setText(words);
                    clearTimeout(timer.current);
                    timer.current = setTimeout(() => {
                        keep(words);
                    }, REST);
                }}
                onBlur={() => {
                    keep(text);
                }}
            />
            {problem !== null && (
                <p role="alert" className="mt-1 text-sm font-medium text-persimmon">
                    {problem}
                </p>
            )}
        </div>
    );
}
