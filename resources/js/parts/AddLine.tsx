import type { ReactNode, SubmitEvent } from 'react';
import { Understood } from './capture/Understood';
import type { Reading } from '../lib/useReadLine';
import { Button } from '../ui/Button';

interface Props {
    /** What it is for, to be read before anything is written. */
    words: string;
    value: string;
    error?: string | undefined;
    maxLength?: number;
    inputMode?: 'text' | 'decimal';
    onChange: (value: string) => void;
    /** Called by Enter, with something written. */
    onAdd: () => void;
    isSending?: boolean;
    /** What is understood of it while one writes. */
    reading?: Reading;
    /** What else can be said of it, once something is written. */
    children?: ReactNode;
}

/** A line to write the next one on: nothing but a plus until it is pressed. Enter adds. */
export function AddLine({
    words,
    value,
    error,
    maxLength,
    inputMode = 'text',
    onChange,
    onAdd,
    isSending = false,
    reading,
    children,
}: Props) {
    const add = (event: SubmitEvent) => {
        event.preventDefault();

        if (value.trim() !== '' && !isSending) {
            onAdd();
        }
    };

    return (
        <form onSubmit={add} className="flex min-h-8 items-start gap-3">
            <span aria-hidden className="w-3 flex-none py-1 text-center text-ink-2">
                +
            </span>
            <div className="min-w-0 flex-1">
                <input
                    aria-label={words}
                    aria-invalid={error !== undefined}
                    placeholder={words}
                    maxLength={maxLength}
                    inputMode={inputMode}
                    onKeyDown={reading?.onKeyDown}
                    value={value}
                    onChange={(event) => {
                        onChange(event.target.value);
                    }}
                    className="w-full border-b border-transparent bg-transparent py-1 placeholder:text-ink-2 focus:border-rule focus:outline-none"
                />
                {reading !== undefined && <Understood reading={reading} />}
                {error !== undefined && <p className="text-sm font-medium text-persimmon">{error}</p>}
                {children !== undefined && value.trim() !== '' && (
                    <div className="flex flex-wrap items-end gap-3 py-2">
                        {children}
                        <Button type="submit" disabled={isSending}>
                            Add
                        </Button>
                    </div>
                )}
            </div>
        </form>
    );
}
