import type { ChangeEvent } from 'react';

type TextFields<T> = { [K in keyof T]: T[K] extends string ? K : never }[keyof T] & string;

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
        onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement>) => {
            (form.setData as (field: string, value: string) => void)(field, event.target.value);
        },
    };
}
