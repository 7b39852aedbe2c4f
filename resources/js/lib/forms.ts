import type { ChangeEvent, SubmitEvent } from 'react';
import type { Line } from './kept/formSend';

type TextFields<T> = { [K in keyof T]: T[K] extends string ? K : never }[keyof T] & string;

type RecordFields<T> = { [K in keyof T]: T[K] extends number | null ? K : never }[keyof T] & string;

interface FormOf<T> {
    data: T;
    errors: object;
    setData: unknown;
}

/** Ties a field of a form to an input: its value, what is wrong with it, and what happens when it changes. */
export function bind<T extends object>(form: FormOf<T>, field: TextFields<T>) {
    return {
        value: form.data[field] as string,
        error: (form.errors as Partial<Record<string, string>>)[field],
        // What is typed comes as an event, what is chosen as its value.
        onChange: (to: string | ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => {
            (form.setData as (field: string, value: string) => void)(field, typeof to === 'string' ? to : to.target.value);
        },
    };
}

/** Ties a field of a form to a choice of a record, or of none. */
export function bindRecord<T extends object>(form: FormOf<T>, field: RecordFields<T>) {
    return {
        value: form.data[field] as number | null,
        error: (form.errors as Partial<Record<string, string>>)[field],
        onChoose: (id: number | null) => {
            (form.setData as (field: string, value: number | null) => void)(field, id);
        },
    };
}

interface Sent {
    post: (address: string, options: Options) => void;
    put: (address: string, options: Options) => void;
}

interface Options {
    onSuccess?: (() => void) | undefined;
}

/** Sends a form: to make a record while there is none, to change it once there is. */
export function saving(form: Sent, id: number | null | undefined, store: string, update: (id: number) => string, onDone?: () => void) {
    return (event: SubmitEvent) => {
        event.preventDefault();

        if (id == null) {
            form.post(store, { onSuccess: onDone });
        } else {
            form.put(update(id), { onSuccess: onDone });
        }
    };
}

interface LineOf<T> extends FormOf<T> {
    add: (address: string, line?: Line<T>) => void;
}

/** Ties a form to a line on which the next thing is written: Enter sends it, and the line is free for the next at once. */
export function addingLine<T extends object>(form: LineOf<T>, field: TextFields<T>, address: string) {
    return {
        ...bind(form, field),
        onAdd: () => {
            form.add(address);
        },
    };
}

interface Lines<T> extends Line<T> {
    /** Once it is on its way: what else is to be as before. */
    onSent?: () => void;
}

/** As above, and a list that is pasted becomes one thing a line, all sent at once. */
export function addingLines<T extends object>(
    form: LineOf<T>,
    field: TextFields<T>,
    address: string,
    { as = (data) => data, frees, onSent }: Lines<T> = {},
) {
    const send = (of: (data: T) => object) => {
        form.add(address, { as: of, frees });
        onSent?.();
    };

    return {
        ...bind(form, field),
        error: errorOf(form.errors, field),
        onAdd: () => {
            send(as);
        },
        onAddMany: (lines: string[]) => {
            send((data) => ({ ...as(data), [field]: '', lines }));
        },
    };
}

/** What is wrong with the line, or with one of the list that was pasted there. */
const errorOf = (errors: Partial<Record<string, string>>, field: string) =>
    errors[field] ?? Object.entries(errors).find(([name]) => name.startsWith('lines'))?.[1];
