import { type RefObject, useEffect, useId, useImperativeHandle, useRef } from 'react';
import { useForm, type Form } from '../../lib/kept/useForm';
import { Problem } from '../../ui/Problem';

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

/** How long one has to rest before what was written is saved by itself, in milliseconds. */
const REST = 700;

/** Ruled lines to write on, saved by themselves: when one rests, leaves the field, or leaves the page. */
export function RuledText({ label, value, placeholder, rows = 2, url, payload, takeIn }: Props) {
    const id = useId();
    const form = useForm(`${label} at ${url}`, { words: value });
    const { words } = form.data;
    const problem = Object.values(form.errors)[0];
    // Where one writes; at the end as long as one was not in it.
    const caret = useRef<number | null>(null);

    const { save, write, text } = useSavedByItself({ url, payload, form, problem });

    useImperativeHandle(takeIn, () => (line: string) => {
        const all = text();
        const end = all.indexOf('\n', caret.current ?? all.length);
        const [above, below] = end === -1 ? [all, ''] : [all.slice(0, end), all.slice(end)];
        const begun = above === '' || above.endsWith('\n') ? above + line : `${above}\n${line}`;
        caret.current = begun.length;
        write(begun + below);
    });

    return (
        <div>
            <label htmlFor={id} className="sr-only">
                {label}
            </label>
            <textarea
                id={id}
                rows={Math.max(rows, words.split('\n').length)}
                value={words}
                placeholder={placeholder}
                aria-invalid={problem !== undefined}
                className="ruled field-sizing-content block w-full resize-none bg-transparent outline-offset-4"
                onChange={(event) => {
                    write(event.target.value);
                }}
                onSelect={(event) => {
                    caret.current = event.currentTarget.selectionEnd;
                }}
                onBlur={save}
            />
            <Problem isAlert words={problem} className="mt-1" />
        </div>
    );
}

interface Saved extends Pick<Props, 'url' | 'payload'> {
    form: Form<{ words: string }>;
    problem: string | undefined;
}

/** Saves what is written when one rests, and when the field or the page is left. */
function useSavedByItself({ url, payload, form, problem }: Saved) {
    const { words } = form.data;
    const save = () => {
        // What was refused is sent again once it was looked at: not by itself.
        if (form.isDirty && problem === undefined) {
            form.put(url, { as: (data, seen) => payload(data.words, seen.words ?? data.words) });
        }
    };
    const now = useRef({ words, save });

    useEffect(() => {
        now.current = { words, save };
    });

    // What is on its way is answered first; then what was written meanwhile goes as one.
    const isDue = form.isDirty && !form.isSending && problem === undefined;
    useEffect(() => {
        if (isDue) {
            const timer = setTimeout(() => {
                now.current.save();
            }, REST);

            return () => {
                clearTimeout(timer);
            };
        }

        return undefined;
    }, [isDue, words]);

    // Whatever takes the field away, what is not saved yet is.
    useEffect(() => {
        const leave = () => {
            now.current.save();
        };
        window.addEventListener('pagehide', leave);

        return () => {
            window.removeEventListener('pagehide', leave);
            leave();
        };
    }, []);

    const write = (text: string) => {
        now.current.words = text;
        form.clearErrors();
        form.setData('words', text);
    };

    return { save, write, text: () => now.current.words };
}
