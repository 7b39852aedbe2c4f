import { useSyncExternalStore } from 'react';
import { drop, load, save } from './storage';
import { watched } from '../watched';

/** What somebody typed into a form and did not send yet: only the fields that were changed. */
export interface Draft {
    data: Fields;
    /** What stood in them when one began. */
    began: Fields;
}

export type Fields = Record<string, unknown>;

/** As they were read or written last: the same ones as long as nothing changes. */
const read = new Map<string, Draft>();
const { watch, tell } = watched();

/** Whether two values of a field are one to who reads them: nothing is nothing, however it is written. */
export const same = (one: unknown, other: unknown) => JSON.stringify(one ?? '') === JSON.stringify(other ?? '');

/** Some of the fields of a form. */
export const pick = (from: object, fields: string[]): Fields =>
    Object.fromEntries(fields.filter((field) => field in from).map((field) => [field, (from as Fields)[field]]));

/** The draft of a form, by its place among what is kept in this browser. */
export function draftOf(place: string): Draft {
    const known = read.get(place);

    if (known !== undefined) {
        return known;
    }

    const kept = (load(place) as Partial<Draft> | null) ?? {};
    const draft = { data: kept.data ?? {}, began: kept.began ?? {} };
    read.set(place, draft);

    return draft;
}

/** Keeps what is typed; fields that are as they were are no draft. */
export function keepDraft(place: string, { data, began }: Draft): void {
    const changed = Object.keys(data).filter((field) => !(field in began) || !same(data[field], began[field]));
    read.set(place, { data: pick(data, changed), began: pick(began, changed) });

    if (changed.length === 0) {
        drop(place);
    } else {
        save(place, read.get(place));
    }

    tell();
}

/** Lets go of fields; where values are given, only of those that still stand as they are there. */
export function letGo(place: string, fields: string[], as?: Fields): void {
    const { data, began } = draftOf(place);
    const left = Object.keys(data).filter((field) => !fields.includes(field) || (as !== undefined && !same(data[field], as[field])));
    keepDraft(place, { data: pick(data, left), began: pick(began, left) });
}

/** Forgets what was read: somebody else may have signed in, or another tab may have written. */
export function rereadDrafts(): void {
    read.clear();
}

export const useDraft = (place: string): Draft => useSyncExternalStore(watch, () => draftOf(place));

/** What somebody wrote in these fields, to be read or copied. */
export const textOf = (fields: object): string =>
    Object.values(fields)
        .filter((value) => typeof value === 'string' && value.trim() !== '')
        .join('\n');

/** What stands typed in several forms, by their places. */
export function useTypedIn(places: string[]): string[] {
    const typed = useSyncExternalStore(watch, () => JSON.stringify(places.map((place) => textOf(draftOf(place).data))));

    return JSON.parse(typed) as string[];
}
