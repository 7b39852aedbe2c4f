export interface Options<T> {
    /** What is sent of a new record instead of the fields as they are. */
    as?: (data: T) => object;
    preserveScroll?: boolean;
    preserveState?: boolean;
    onSuccess?: () => void;
}

/** What is sent of a new line, and what is free for the next one at once: all of the form unless said. */
export interface Line<T> {
    as?: ((data: T) => object) | undefined;
    frees?: (keyof T & string)[] | undefined;
}

/** No field is called as what tells the server what stood in each when one began. */
export interface Named {
    seen?: never;
}

/** A save that the server has not answered yet. */
export interface Flight<T> {
    /** All fields as they stood when it was sent. */
    sent: T;
    /** Hands it to what is sent later, under the same key: whether the server has it is not known. False: that is all. */
    hand: () => false;
}

export interface Kept<T> {
    /** Only the fields that were changed. */
    data: Partial<T>;
    /** What stood in them when one began. */
    began: Partial<T>;
    key: string;
    /** What was sent of them and not answered. */
    sent?: Partial<T>;
}

/** Whether two values of a field are one to who reads them: nothing is nothing, however it is written. */
export const same = (one: unknown, other: unknown) => JSON.stringify(one ?? '') === JSON.stringify(other ?? '');
export const newKey = (): string => crypto.randomUUID();

/** What was sent before and stands there by now: where the answer got lost, it is one's own and nobody else's change. */
export function arrived<T extends object>(now: T, sent: Partial<T> = {}): Partial<T> {
    return pick(
        now,
        (Object.keys(sent) as (keyof T & string)[]).filter((field) => same(now[field], sent[field])),
    );
}

/** Some of the fields of a form. */
export function pick<T extends object>(from: T, fields: (keyof T & string)[]): Partial<T> {
    return Object.fromEntries(fields.map((field) => [field, from[field]])) as Partial<T>;
}

/** What somebody wrote in these fields, to be copied. */
export const textOf = <T extends object>(data: T, fields: (keyof T)[]): string =>
    fields
        .map((field) => data[field] as unknown)
        .filter((value) => typeof value === 'string')
        .join('\n');
