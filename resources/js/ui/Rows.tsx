import { type Key, type ReactNode, useEffect, useRef } from 'react';
import { Button } from './Button';

interface Props<T> {
    legend: string;
    hint?: string;
    error?: string | undefined;
    /** Words over the columns, as wide as what stands beneath them. */
    head?: ReactNode;
    rows: T[];
    keyOf?: (row: T) => Key | null;
    onChange: (rows: T[]) => void;
    /** What is on the button, and what it adds; without a row to add there is no button. */
    add: { words: string; row: T | null };
    children: (row: T, set: (change: Partial<T>) => void, place: number) => ReactNode;
}

/** A list that is edited row by row within a form. */
export function Rows<T extends object>({ legend, hint, error, head, rows, keyOf, onChange, add, children }: Props<T>) {
    const list = useRef<HTMLFieldSetElement>(null);
    const wasAdded = useRef(false);

    // What was added is written into at once.
    useEffect(() => {
        if (wasAdded.current) {
            wasAdded.current = false;
            list.current?.querySelector<HTMLElement>('[data-row]:last-of-type :is(input, select, textarea)')?.focus();
        }
    }, [rows.length]);

    return (
        <fieldset ref={list}>
            <legend className="mb-1 text-sm font-semibold">{legend}</legend>
            {error !== undefined && <p className="text-sm font-medium text-persimmon">{error}</p>}
            {rows.length === 0 && hint !== undefined && <p className="text-xs text-ink-2">{hint}</p>}
            {rows.length > 0 && head !== undefined && (
                <div aria-hidden className="mt-2 -mb-1 flex gap-2 text-xs text-ink-2 max-lg:hidden">
                    {head}
                    <span className="w-19" />
                </div>
            )}
            {rows.map((row, place) => (
                <div key={keyOf?.(row) ?? `new ${String(place)}`} data-row className="mt-2 flex flex-wrap items-start gap-2">
                    {children(
                        row,
                        (change) => {
                            onChange(rows.map((each, index) => (index === place ? { ...each, ...change } : each)));
                        },
                        place,
                    )}
                    <Button
                        kind="quiet"
                        onClick={() => {
                            onChange(rows.filter((_, index) => index !== place));
                        }}
                    >
                        Delete
                    </Button>
                </div>
            ))}
            {add.row !== null && (
                <Button
                    className="mt-2"
                    onClick={() => {
                        wasAdded.current = true;
                        onChange(add.row === null ? rows : [...rows, add.row]);
                    }}
                >
                    {add.words}
                </Button>
            )}
        </fieldset>
    );
}
