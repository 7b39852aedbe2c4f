import type { RequestPayload } from '@inertiajs/core';
import { usePage } from '@inertiajs/react';
import { type RefObject, useEffect, useId, useImperativeHandle, useRef, useState } from 'react';
import { visitInTurn } from '../lib/inTurn';
import { sendLater } from '../lib/kept/outbox';
import { drop, load, save } from '../lib/kept/storage';
import { isSignedOut, sentenceOf } from '../lib/sentence';

interface Props {
    label: string;
    value: string;
    placeholder?: string;
    rows?: number;
    url: string;
    /** What is sent: the text, and what it was when the server had it last. */
    payload: (text: string, was: string) => Record<string, unknown>;
    /** Is given what takes a line in, below the one on which one writes. */
    takeIn?: RefObject<TakeIn | null>;
}

/** Takes a line into a text. */
export type TakeIn = (line: string) => void;

interface Kept {
    text: string;
    /** What the server had when this was begun. */
    was: string;
    key: string;
}

/** How long one has to rest before what was written is saved by itself. */
const REST = 700;

/** After how long without an answer it is tried again. */
const AGAIN = 4000;

/**
 * Ruled lines to write on, saved by themselves. What is typed is kept in the browser from the first key until the server has
 * it: through a reload, another page, an item that moves on, a network that is gone.
 */
export function RuledText({ label, value, placeholder, rows = 2, url, payload, takeIn }: Props) {
    const id = useId();
    const writer = usePage().props.frame?.me.id ?? 0;
    const store = `text ${String(writer)} ${url} ${label}`;
    const [kept] = useState(() => load(store) as Kept | null);
    const [text, setText] = useState(kept?.text ?? value);
    const [saved, setSaved] = useState(kept?.was ?? value);
    const [problem, setProblem] = useState<string | null>(null);
    const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
    const now = useRef({ text, saved, key: kept?.key ?? '', isSending: false });
    // Where one writes; at the end as long as one was not in it.
    const caret = useRef<number | null>(null);
    const isClean = text === saved;
    // What the server shows by now, also to what was sent before it did.
    const shown = useRef(value);

    useEffect(() => {
        shown.current = value;
    }, [value]);

    // What others wrote comes in as long as nothing of one's own is unsaved; what was sent by another way has arrived.
    if (value !== saved && (isClean || value === text)) {
        setText(value);
        setSaved(value);
    }

    useEffect(() => {
        now.current = { ...now.current, text, saved };

        if (isClean) {
            drop(store);
        }
    }, [text, saved, isClean, store]);

    const send = () => {
        clearTimeout(timer.current);
        const { text: words, saved: was, key, isSending } = now.current;

        if (words === was || isSending) {
            return;
        }

        now.current.isSending = true;
        visitInTurn(url, {
            method: 'put',
            data: payload(words, was) as RequestPayload,
            async: true,
            preserveScroll: true,
            preserveState: true,
            showProgress: false,
            headers: { 'Idempotency-Key': key },
            onSuccess: () => {
                now.current.saved = words;
                setSaved(words);
                setProblem(null);
            },
            onError: (errors) => {
                setProblem(Object.values(errors)[0] ?? 'This could not be saved.');
                // Once both are in sight, what is saved next is known to replace theirs.
                now.current.saved = shown.current;
                setSaved(shown.current);
            },
            onNetworkError: () => {
                setProblem('No connection. Your text is kept here and saved when the connection is back.');
                timer.current = setTimeout(send, AGAIN);

                return false;
            },
            onHttpException: (response) => {
                setProblem(sentenceOf(response));

                if (response.status >= 500) {
                    timer.current = setTimeout(send, AGAIN);
                }

                return isSignedOut(response);
            },
            onFinish: () => {
                now.current.isSending = false;

                if (now.current.text !== words) {
                    rest();
                }
            },
        });
    };

    const rest = () => {
        clearTimeout(timer.current);
        timer.current = setTimeout(send, REST);
    };

    const write = (words: string) => {
        const key: string = crypto.randomUUID();
        now.current = { ...now.current, text: words, key };
        setText(words);
        save(store, { text: words, was: now.current.saved, key });
        rest();
    };

    useImperativeHandle(takeIn, () => (line: string) => {
        const words = now.current.text;
        const end = words.indexOf('\n', caret.current ?? words.length);
        const [above, below] = end === -1 ? [words, ''] : [words.slice(0, end), words.slice(end)];
        const begun = above === '' || above.endsWith('\n') ? above + line : `${above}\n${line}`;
        caret.current = begun.length;
        write(begun + below);
    });

    // Whatever takes the field away, what is not saved yet goes on by itself.
    useEffect(() => {
        if (!isClean) {
            now.current.key ||= crypto.randomUUID();
            rest();
        }

        const leave = () => {
            clearTimeout(timer.current);
            const { text: words, saved: was, key } = now.current;

            if (words !== was) {
                sendLater({ id: key, method: 'put', url, data: payload(words, was), place: label, text: words });
                drop(store);
            }
        };

        window.addEventListener('pagehide', leave);

        return () => {
            window.removeEventListener('pagehide', leave);
            leave();
        };
        // oxlint-disable-next-line react/exhaustive-deps -- as it comes and as it goes
    }, [store]);

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
                    write(event.target.value);
                }}
                onSelect={(event) => {
                    caret.current = event.currentTarget.selectionEnd;
                }}
                onBlur={send}
            />
            {problem !== null && (
                <p role="alert" className="mt-1 text-sm font-medium text-persimmon">
                    {problem}
                </p>
            )}
        </div>
    );
}
