import type { ChangeEvent, SubmitEvent } from 'react';
import type { Line } from './kept/formSend';

/** The fields of a form that hold a value of a kind. */
type FieldsOf<T, V> = { [K in keyof T]: T[K] extends V ? K : never }[keyof T] & string;

type TextFields<T> = FieldsOf<T, string>;

interface FormOf<T> {
    data: T;
    errors: object;
    setData: unknown;
}

/** What ties a field of a form to whatever shows it: its value, what is wrong with it, and how it is written. */
function tied<T extends object, V>(form: FormOf<T>, field: keyof T & string) {
    return {
        value: form.data[field] as V,
        error: (form.errors as Partial<Record<string, string>>)[field],
        write: (value: V) => {
            (form.setData as (field: string, value: V) => void)(field, value);
        },
    };
}

/** Ties a field of a form to an input: its value, what is wrong with it, and what happens when it changes. */
export function bind<T extends object>(form: FormOf<T>, field: TextFields<T>) {
    const { write, ...shown } = tied<T, string>(form, field);

    return {
        ...shown,
        // What is typed comes as an event, what is chosen as its value.
        onChange: (to: string | ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => {
            write(typeof to === 'string' ? to : to.target.value);
        },
    };
}

/** Ties a field of a form that may say nothing to an input or a choice that is empty then. */
export function bindOptional<T extends object>(form: FormOf<T>, field: FieldsOf<T, string | null>) {
    const { value, error, write } = tied<T, string | null>(form, field);

    return {
        value: value ?? '',
        error,
        onChange: (to: string) => {
            write(to === '' ? null : to);
        },
    };
}

/** Ties a number of a form to its field. */
export function bindNumber<T extends object>(form: FormOf<T>, field: FieldsOf<T, number>) {
    const { write, ...shown } = tied<T, number>(form, field);

    return {
        ...shown,
        onChange: (to: string) => {
            write(Number(to));
        },
    };
}

/** Ties a field of a form to what is so or not. */
export function bindCheck<T extends object>(form: FormOf<T>, field: FieldsOf<T, boolean>) {
    const { value, write } = tied<T, boolean>(form, field);

    return { checked: value, onChange: write };
}

/** Ties a field of a form to a choice of a record, or of none. */
export function bindRecord<T extends object>(form: FormOf<T>, field: FieldsOf<T, number | null>) {
    const { write, ...shown } = tied<T, number | null>(form, field);

    return { ...shown, onChoose: write };
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
