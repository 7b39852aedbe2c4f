import { usePage } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { draftOf, type Fields, keepDraft, letGo, pick, same, textOf, useDraft } from './drafts';
import type { Change, Hearer, Method } from '../queue/change';
import { ofForm, send, useChanges, useLanded } from '../queue/queue';

export interface Options<T> {
    /** What is sent instead of the fields as they are; of a record that is changed, with what stood in them. */
    as?: ((data: T, seen: Partial<T>) => object) | undefined;
    /** Once the server has it, or it waits for the network. */
    onSuccess?: (() => void) | undefined;
}

/** What is sent of a new line, and what is free for the next one at once: all of the form unless said. */
export interface Line<T> {
    as?: ((data: T) => object) | undefined;
    frees?: (keyof T & string)[] | undefined;
}

/** No field is called as what tells the server what stood in each when one began. */
interface Named {
    seen?: never;
}

type Errors<T> = Partial<Record<keyof T & string, string>>;

/**
 * A form that loses nothing. Its fields show what the server has, with one's own changes that are on their way, and above it what
 * one types, kept in this browser from the first key. To change a record it sends only the fields that were changed, with what
 * stood in them when one began: what somebody else changed meanwhile is refused at its field.
 *
 * @param name what is being written, the same each time: "goal 5"
 */
export function useForm<T extends object & Named>(name: string, initial: T) {
    const writer = usePage().props.frame?.me.id ?? 0;
    const place = `draft ${String(writer)} ${name}`;
    const draft = useDraft(place);
    // What is on its way decides what stands here.
    useChanges();
    useLanded();
    const { sent, landed } = ofForm(name);
    const [errors, setErrors] = useState<Errors<T>>({});
    const stands = standing(initial, [...landed, ...sent]);
    const now = useRef({ stands, initial, isThere: false });
    const fields = Object.keys(initial) as (keyof T & string)[];
    const data: T = { ...stands, ...pick(draft.data, fields) };
    const changed = Object.keys(pick(draft.data, fields));

    useEffect(() => {
        now.current = { stands, initial, isThere: true };

        return () => {
            now.current.isThere = false;
        };
    });

    const write = (values: Partial<T>) => {
        const { data: typed, began } = draftOf(place);
        const news = Object.keys(values).filter((field) => !(field in typed));
        keepDraft(place, { data: { ...typed, ...values }, began: { ...began, ...pick(now.current.stands, news) } });
    };

    /** Puts words back that were refused. What somebody else wrote there meanwhile is in sight: to send them again is to decide. */
    const takeBack = (words: Fields, began: Fields) => {
        const { data: typed, began: before } = draftOf(place);
        keepDraft(place, { data: { ...words, ...typed }, began: { ...before, ...began } });
    };

    /** Shows what is wrong where it was written, with the words again. Where it cannot be written any more, it is listed. */
    const hear = (back: (stands: Fields) => void, mayBack = () => true): Hearer['onRefused'] => {
        return (receipt) => {
            if (!now.current.isThere || !mayBack()) {
                return false;
            }

            const wrong = receipt.outcome === 'refused' ? receipt.errors : { [changed[0] ?? '']: receipt.message };
            back(receipt.outcome === 'refused' ? receipt.stands : {});
            setErrors(wrong as Errors<T>);

            // Where nothing can be saved any more, the words are listed too.
            return receipt.outcome !== 'gone';
        };
    };

    const give = (method: Method, url: string, body: object, form: Change['form'] & object, hearer: Hearer) => {
        setErrors({});
        send({ method, url, data: body, text: textOf(pick(draft.data, changed)), form }, hearer);
    };

    const add = (url: string, { as, frees = fields }: Line<T> = {}) => {
        const words = pick(draft.data, fields);
        letGo(place, frees);
        give(
            'post',
            url,
            as?.(data) ?? data,
            { name, sends: 'line', fields: words },
            {
                onRefused: hear(
                    () => {
                        takeBack(pick(words, frees), pick(now.current.stands, frees));
                    },
                    // Other words are not written over.
                    () => Object.keys(pick(draftOf(place).data, frees)).length === 0,
                ),
            },
        );
    };

    const post = (url: string, { as, onSuccess }: Options<T> = {}) => {
        // Pressed twice.
        if (sent.some(({ form }) => form?.sends === 'new' && same(form.fields, data))) {
            return;
        }

        give(
            'post',
            url,
            as?.(data, {}) ?? data,
            { name, sends: 'new', fields: data },
            {
                ...whenTaken(() => {
                    letGo(place, fields, data as Fields);
                    onSuccess?.();
                }),
                onRefused: hear(() => undefined),
            },
        );
    };

    const put = (url: string, { as, onSuccess }: Options<T> = {}) => {
        // Pressed twice.
        if (changed.length === 0 && sent.some(({ form }) => form?.sends === 'changed')) {
            return;
        }

        const words = pick(draft.data, changed);
        const seen = pick(draft.began, changed);
        letGo(place, changed);
        give(
            'put',
            url,
            as?.(data, seen as Partial<T>) ?? { ...words, seen },
            { name, sends: 'changed', fields: words },
            {
                ...whenTaken(() => onSuccess?.()),
                onRefused: hear((stands) => {
                    // What is sent in other words is one field.
                    const [first] = Object.values(stands);
                    takeBack(words, {
                        ...seen,
                        ...(as === undefined || changed[0] === undefined ? stands : { [changed[0]]: first ?? seen[changed[0]] }),
                    });
                }),
            },
        );
    };

    return {
        data,
        errors,
        /** Whether something of one's own stands in it that was not sent. */
        isDirty: changed.length > 0,
        /** Whether a new record is on its way: it is not sent twice. */
        processing: sent.some(({ form }) => form?.sends === 'new'),
        /** Whether anything that was written here is on its way. */
        isSending: sent.length > 0,
        setData: <K extends keyof T & string>(...to: [K, T[K]] | [Partial<T>]) => {
            write(to.length === 1 ? to[0] : ({ [to[0]]: to[1] } as unknown as Partial<T>));
        },
        clearErrors: () => {
            setErrors({});
        },
        reset: (...only: (keyof T & string)[]) => {
            letGo(place, only.length === 0 ? fields : only);
        },
        post,
        put,
        add,
    };
}

/** What the server has, with what was sent to change it. */
function standing<T extends object>(initial: T, own: Change[]): T {
    return own.reduce((before, { form }) => (form?.sends === 'changed' ? { ...before, ...form.fields } : before), initial);
}

/** Once, whichever comes first: the server has it, or it waits for the network. */
function whenTaken(run: () => void): Hearer {
    let isTaken = false;
    const take = () => {
        if (!isTaken) {
            isTaken = true;
            run();
        }
    };

    return { onDone: take, onWaits: take };
}
