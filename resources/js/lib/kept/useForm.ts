import { useForm as useInertiaForm, usePage } from '@inertiajs/react';
import type { FormDataType } from '@inertiajs/core';
import { useEffect, useRef, useState } from 'react';
import { inTurn } from '../inTurn';
import { isGone, sentenceOf } from '../sentence';
import { hold, isWaiting, letGo, sendLater, showRefused, type Unsent } from './outbox';
import { arrived, type Flight, type Kept, type Line, type Named, newKey, type Options, pick, same, textOf } from './fields';
import { drop, load, save } from './storage';
import { useLatest } from './useLatest';

/**
 * A form that loses nothing: what is typed is kept in the browser from the first key until the server has it, through a
 * reload, another page, a sign-out. To change a record it sends only the fields that were changed, with what stood in them
 * when one began: what somebody else changed meanwhile is refused at its field. Without a network it is sent once it is back.
 *
 * @param name what is being written, the same each time: "goal 5"
 */
export function useForm<T extends FormDataType<T> & Named>(name: string, initial: T) {
    const writer = usePage().props.frame?.me.id ?? 0;
    const store = `draft ${String(writer)} ${name}`;
    const fields = Object.keys(initial) as (keyof T & string)[];
    // What was typed before and never sent comes back.
    const [kept] = useState(() => load(store) as Kept<T> | null);
    const form = useInertiaForm<T>({ ...initial, ...kept?.data });
    // What was sent and not answered; the server may have it by now.
    const [unanswered, setUnanswered] = useState<Partial<T>>(kept?.sent ?? {});
    const [began, setBegan] = useState<T>({ ...initial, ...kept?.began, ...arrived(initial, kept?.sent) });
    const [shown, setShown] = useState<T | null>(initial);
    // Where what was saved without a network waits to be sent: until it has arrived, the server's words are older than one's own.
    const [queuedTo, setQueuedTo] = useState<string | null>(null);
    const key = useRef(kept?.key ?? newKey());
    const flight = useRef<Flight<T> | null>(null);
    const isChanged = (field: keyof T & string) => !same(form.data[field], began[field]);
    const changed = fields.filter(isChanged);

    // What others change, and what the server made of what was saved, comes in where nothing of one's own stands.
    if (!same(shown, initial) && !(queuedTo !== null && isWaiting(queuedTo))) {
        const unchanged = fields.filter((field) => !isChanged(field));
        const news = pick(initial, unchanged);
        setShown(initial);
        setBegan({ ...began, ...arrived(initial, unanswered), ...news });
        form.setData({ ...form.data, ...news });
    }

    const keepDraft = (sent: Partial<T>) => {
        save(store, { data: pick(form.data, changed), began: pick(began, changed), key: key.current, sent });
    };
    const written = JSON.stringify([pick(form.data, changed), pick(began, changed)]);
    const wrote = useRef(kept !== null);
    useEffect(() => {
        if (changed.length > 0) {
            // Other words are another request, also beside a second page that began with the same ones.
            if (!same(pick(form.data, changed), (load(store) as Kept<T> | null)?.data)) {
                key.current = newKey();
            }

            wrote.current = true;
            keepDraft(unanswered);
        } else if (wrote.current) {
            drop(store);
        }
        // oxlint-disable-next-line react/exhaustive-deps -- what is written decides
    }, [store, written]);

    const latest = useLatest({ initial, data: form.data });

    const isKnown = (sent: T) => {
        setBegan(sent);
        setUnanswered({});

        // What was typed since it was sent is still one's own, and stays kept.
        if (same(latest.current.data, sent)) {
            drop(store);
            wrote.current = false;
            key.current = newKey();
        }
    };

    const reset = (...only: (keyof T & string)[]) => {
        const blank = only.length === 0 ? latest.current.initial : pick(latest.current.initial, only);
        setBegan({ ...latest.current.data, ...blank });
        form.setData({ ...latest.current.data, ...blank });
        drop(store);
    };

    // The next one can be written while it is on its way. What is refused comes back into the form, if that is still there and
    // nothing stands in it yet.
    const add = (url: string, { as, frees = fields }: Line<T> = {}) => {
        const sent = form.data;
        const data = as?.(sent) ?? sent;
        const unsent: Unsent = { id: key.current, method: 'post', url, data, place: name, text: textOf(sent, changed) };
        const isFree = () => latest.current.isThere && same(pick(latest.current.data, frees), pick(latest.current.initial, frees));
        const comeBack = (why: string, fits = isFree()) => {
            if (fits) {
                form.setData({ ...latest.current.data, ...pick(sent, frees) });
            } else {
                form.clearErrors();
                showRefused(unsent, why);
            }
        };
        let isHanded = false;
        const hand = () => {
            if (!isHanded) {
                isHanded = true;
                letGo(unsent.id);
                sendLater(unsent);
            }

            return false as const;
        };
        hold(unsent);
        key.current = newKey();
        reset(...frees);
        inTurn((answered) => {
            form.transform(() => data);
            form.post(url, {
                preserveScroll: true,
                preserveState: true,
                headers: { 'Idempotency-Key': unsent.id },
                onSuccess: () => {
                    letGo(unsent.id);
                },
                onError: (errors) => {
                    letGo(unsent.id);
                    comeBack(Object.values(errors as Record<string, string>)[0] ?? 'This was refused.');
                },
                onHttpException: (response) => {
                    if (response.status >= 500) {
                        // Whether it has it is not known.
                        hand();

                        return;
                    }

                    letGo(unsent.id);
                    comeBack(sentenceOf(response), !isGone(response) && isFree());
                },
                onCancel: hand,
                onNetworkError: hand,
                onFinish: answered,
            });
        });
    };

    const visit = (method: 'post' | 'put', url: string, { as, ...options }: Options<T> = {}) => {
        const sent = form.data;
        const before = flight.current;
        const overtaken = method === 'put' ? before : null;
        const base = overtaken?.sent ?? began;
        const own = fields.filter((field) => !same(sent[field], base[field]));

        // Pressed twice.
        if (before !== null && (method === 'put' ? own.length === 0 : same(before.sent, sent))) {
            return;
        }

        const data = method === 'post' ? (as?.(sent) ?? sent) : { ...pick(sent, own), seen: pick(base, own) };
        const id = key.current;
        const unsent: Unsent = { id, method, url, data, place: name, text: textOf(sent, own) };
        const queue = () => {
            sendLater(unsent);
            setQueuedTo(url);
            isKnown(sent);
            options.onSuccess?.();
        };

        // Behind what is under way or waits already, so that one's own words are never taken for somebody else's.
        if (overtaken !== null || (method === 'put' && isWaiting(url))) {
            overtaken?.hand();
            queue();

            return;
        }

        let isHanded = false;
        const isOver = () => void (flight.current = flight.current === mine ? null : flight.current);
        const mine: Flight<T> = {
            sent,
            hand: () => {
                if (!isHanded) {
                    isHanded = true;
                    isOver();
                    form.cancel();
                    queue();
                }

                return false;
            },
        };
        flight.current = mine;
        setUnanswered(pick(sent, own));
        keepDraft(pick(sent, own));
        inTurn((answered) => {
            if (isHanded) {
                answered();

                return;
            }

            form.transform(() => data);
            form[method](url, {
                ...options,
                headers: { 'Idempotency-Key': id },
                onSuccess: () => {
                    isOver();

                    // Once it is in line, what came after it is known too: this answer is older than that.
                    if (!isHanded) {
                        isKnown(sent);
                        setShown(null);
                        options.onSuccess?.();
                    }
                },
                onError: (errors) => {
                    isOver();
                    // What was refused because of somebody else stands in sight now: to save again is to decide.
                    const seen = fields.filter((field) => field in errors);
                    setBegan((before) => ({ ...before, ...pick(latest.current.initial, seen) }));
                    setUnanswered({});
                    key.current = newKey();
                },
                onHttpException: (response) => {
                    isOver();

                    if (isGone(response)) {
                        showRefused(unsent, sentenceOf(response));
                    }
                },
                // The next press overtook it.
                onCancel: mine.hand,
                onNetworkError: mine.hand,
                onFinish: answered,
            });
        });
    };

    return {
        ...form,
        /** Whether something of one's own stands in it that the server does not have. */
        isDirty: changed.length > 0,
        post: (url: string, options?: Options<T>) => {
            visit('post', url, options);
        },
        put: (url: string, options?: Options<T>) => {
            visit('put', url, options);
        },
        add,
        reset,
    };
}
