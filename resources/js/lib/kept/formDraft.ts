import { usePage } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { draftOf, type Fields, keepDraft, letGo, pick, useDraft } from './drafts';
import { standing, withTyped } from './merge';
import type { Change } from '../queue/change';
import { ofForm, useChanges, useLanded } from '../queue/queue';

/** What somebody writes in a form: what stands on the server, what is on its way there, and what was typed and not sent yet. */
export interface FormDraft<T> {
    name: string;
    fields: (keyof T & string)[];
    /** The fields as they show. */
    data: T;
    /** What was typed and not sent, and what stood there when one began. */
    typed: Fields;
    began: Fields;
    /** The fields that were typed in. */
    written: string[];
    /** What was sent from here and is not answered. */
    sent: Change[];
    write: (values: Partial<T>) => void;
    /** Puts words back; what was typed since stays above them. */
    takeBack: (words: Fields, began: Fields) => void;
    letGo: (fields: string[], as?: Fields) => void;
    /** Whether the form is still on the page, and what stands in it by now. */
    now: () => { isThere: boolean; stands: T };
    /** What is typed by now in some of the fields. */
    typedNow: (fields: string[]) => Fields;
}

/** Kept in this browser from the first key, by who writes and by the form's name. */
export function useFormDraft<T extends object>(name: string, initial: T): FormDraft<T> {
    const writer = usePage().props.frame?.me.id ?? 0;
    const place = `draft ${String(writer)} ${name}`;
    const { data: typed, began } = useDraft(place);
    // What is on its way decides what stands here.
    useChanges();
    useLanded();
    const { sent, landed } = ofForm(name);
    const stands = standing(initial, [...landed, ...sent]);
    const now = useRef({ stands, isThere: false });
    const fields = Object.keys(initial) as (keyof T & string)[];
    const own = pick(typed, fields);

    useEffect(() => {
        now.current = { stands, isThere: true };

        return () => {
            now.current.isThere = false;
        };
    });

    return {
        ...{ name, fields, typed: own, began, sent },
        data: withTyped(stands, typed, fields),
        written: Object.keys(own),
        ...keeping(place),
        write: (values) => {
            const before = draftOf(place);
            const news = Object.keys(values).filter((field) => !(field in before.data));
            const anew = pick(now.current.stands, news);
            keepDraft(place, { data: { ...before.data, ...values }, began: { ...before.began, ...anew } });
        },
        now: () => now.current,
    };
}

/** What is done with the draft at its place, whatever stands on the server. */
function keeping(place: string): Pick<FormDraft<object>, 'takeBack' | 'letGo' | 'typedNow'> {
    return {
        takeBack: (words, began) => {
            const before = draftOf(place);
            keepDraft(place, { data: { ...words, ...before.data }, began: { ...before.began, ...began } });
        },
        letGo: (fields, as) => {
            letGo(place, fields, as);
        },
        typedNow: (fields) => pick(draftOf(place).data, fields),
    };
}
