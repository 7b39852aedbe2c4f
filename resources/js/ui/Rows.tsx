import { clsx } from 'clsx';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { type Key, type KeyboardEvent, type ReactNode, useEffect, useLayoutEffect, useRef } from 'react';
import { Button } from './Button';
import { Problem } from './Problem';

interface Props<T> {
    legend: string;
    hint?: string;
    error?: string | undefined;
    /** Words over the columns, as wide as what stands beneath them. */
    head?: ReactNode;
    rows: T[];
    keyOf?: (row: T) => Key | null;
    /** What a row is called, where rows can be put in another order. */
    orderOf?: (row: T, place: number) => string;
    onChange: (rows: T[]) => void;
    /** What is on the button, and what it adds; without a row to add there is no button. */
    add: { words: string; row: T | null };
    children: (row: T, set: (change: Partial<T>) => void, place: number) => ReactNode;
}

const controls = 'input, textarea, button';

/** A list that is edited row by row within a form; where order matters, rows move by buttons or with Alt and the arrows. */
export function Rows<T extends object>({ legend, hint, error, head, rows, keyOf, orderOf, onChange, add, children }: Props<T>) {
    const { list, addRow, move, press } = useRowMoves({ rows, orderOf, onChange });

    return (
        <fieldset ref={list}>
            <legend className="mb-1 text-sm font-semibold">{legend}</legend>
            <Problem words={error} />
            {rows.length === 0 && hint !== undefined && <p className="text-xs text-ink-2">{hint}</p>}
            {rows.length > 0 && head !== undefined && (
                <div aria-hidden className="mt-2 -mb-1 flex gap-2 text-xs text-ink-2 max-lg:hidden">
                    {head}
                    <span className={orderOf === undefined ? 'w-15.5' : 'w-33.5'} />
                </div>
            )}
            {rows.map((row, place) => (
                // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Alt and the arrows, from any of its controls
                <div
                    key={keyOf?.(row) ?? `new ${String(place)}`}
                    data-row
                    role="group"
                    aria-label={orderOf?.(row, place)}
                    className="mt-2 flex flex-wrap items-start gap-2"
                    onKeyDown={press(place)}
                >
                    {children(
                        row,
                        (change) => {
                            onChange(rows.map((each, index) => (index === place ? { ...each, ...change } : each)));
                        },
                        place,
                    )}
                    {orderOf !== undefined && (
                        <MoveUpOrDown
                            name={orderOf(row, place)}
                            isFirst={place === 0}
                            isLast={place === rows.length - 1}
                            onMove={(by) => {
                                move(place, by);
                            }}
                        />
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
                        addRow(add.row);
                    }}
                >
                    {add.words}
                </Button>
            )}
        </fieldset>
    );
}

/** Rows that are added and moved, with the keyboard where it was. */
function useRowMoves<T extends object>({
    rows,
    orderOf,
    onChange,
}: Pick<Props<T>, 'rows' | 'onChange'> & { orderOf: Props<T>['orderOf'] | undefined }) {
    const list = useRef<HTMLFieldSetElement>(null);
    const wasAdded = useRef(false);
    const moved = useRef<{ place: number; control: number } | null>(null);

    // What was added is written into at once.
    useEffect(() => {
        if (wasAdded.current) {
            wasAdded.current = false;
            list.current?.querySelector<HTMLElement>('[data-row]:last-of-type :is(input, select, textarea)')?.focus();
        }
    }, [rows.length]);

    // The keyboard stays with the row that was moved.
    useLayoutEffect(() => {
        if (moved.current !== null) {
            const row = list.current?.querySelectorAll('[data-row]')[moved.current.place];
            row?.querySelectorAll<HTMLElement>(controls)[moved.current.control]?.focus();
            moved.current = null;
        }
    }, [rows]);

    const move = (place: number, by: -1 | 1) => {
        const [row, other] = [rows[place], rows[place + by]];

        if (row !== undefined && other !== undefined) {
            const from = list.current?.querySelectorAll('[data-row]')[place];
            const control = [...(from?.querySelectorAll<HTMLElement>(controls) ?? [])].indexOf(document.activeElement as HTMLElement);
            moved.current = { place: place + by, control };
            onChange(rows.map((each, index) => (index === place ? other : index === place + by ? row : each)));
        }
    };

    const press = (place: number) => (event: KeyboardEvent) => {
        if (orderOf !== undefined && event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
            event.preventDefault();
            move(place, event.key === 'ArrowUp' ? -1 : 1);
        }
    };

    const addRow = (row: T | null) => {
        wasAdded.current = true;
        onChange(row === null ? rows : [...rows, row]);
    };

    return { list, addRow, move, press };
}

interface MoveProps {
    /** What the row is called. */
    name: string;
    isFirst: boolean;
    isLast: boolean;
    onMove: (by: -1 | 1) => void;
}

function MoveUpOrDown({ name, isFirst, isLast, onMove }: MoveProps) {
    return (
        <span className="flex">
            <Step
                name={`Move ${name} up`}
                isLast={isFirst}
                onStep={() => {
                    onMove(-1);
                }}
            >
                <ArrowUp size={14} aria-hidden />
            </Step>
            <Step
                name={`Move ${name} down`}
                isLast={isLast}
                onStep={() => {
                    onMove(1);
                }}
            >
                <ArrowDown size={14} aria-hidden />
            </Step>
        </span>
    );
}

/** One place up or down. At the end it stays, so that the keyboard is not dropped there. */
function Step({ name, isLast, onStep, children }: { name: string; isLast: boolean; onStep: () => void; children: ReactNode }) {
    return (
        <button
            type="button"
            aria-label={name}
            aria-disabled={isLast}
            className={clsx(
                'inline-flex h-8 w-8 items-center justify-center text-ink-2',
                'hover:text-ink aria-disabled:opacity-40 pointer-coarse:h-11 pointer-coarse:w-11',
            )}
            onClick={onStep}
        >
            {children}
        </button>
    );
}
