import { clsx } from 'clsx';
import { type ClipboardEvent, type ReactNode, type SubmitEvent, useState } from 'react';
import { Understood } from '../signs/Understood';
import { pastedLines } from '../../lib/pastedLines';
import type { Reading } from '../../lib/useReadLine';
import { Button } from '../../ui/Button';
import { Problem } from '../../ui/Problem';

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
    /** Called with the lines of a list that was pasted, once it is said that each is one. */
    onAddMany?: (lines: string[]) => void;
    /** What is understood of it while one writes. */
    reading?: Reading;
    /** What else can be said of it, once something is written. */
    children?: ReactNode;
}

/** A line to write the next one on: nothing but a plus until it is pressed. Enter adds. */
export function AddLine({ words, value, error, maxLength, inputMode = 'text', onChange, onAdd, onAddMany, reading, children }: Props) {
    const add = (event: SubmitEvent) => {
        event.preventDefault();

        if (value.trim() !== '') {
            onAdd();
        }
    };

    const [pasted, setPasted] = useState<string[]>([]);
    // Until it is answered the list stands in the line, as it would have been pasted: it is kept with it.
    const isAsked = onAddMany !== undefined && pasted.length > 0 && value === pasted.join('; ');

    const paste = (event: ClipboardEvent) => {
        const lines = onAddMany === undefined || value.trim() !== '' ? [] : pastedLines(event.clipboardData.getData('text/plain'));

        if (lines.length > 0) {
            event.preventDefault();
            setPasted(lines);
            onChange(lines.join('; '));
        }
    };

    return (
        <form onSubmit={add} className="flex min-h-8 items-start gap-3">
            <span aria-hidden className="w-3 flex-none py-1 text-center text-ink-2 pointer-coarse:py-3">
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
                    onPaste={paste}
                    value={value}
                    onChange={(event) => {
                        onChange(event.target.value);
                    }}
                    className={clsx(
                        'w-full border-b border-transparent bg-transparent py-1',
                        'placeholder:text-ink-2 focus:border-rule focus:outline-none pointer-coarse:min-h-11',
                    )}
                />
                {isAsked && (
                    <AskMany
                        lines={pasted}
                        onMany={() => {
                            onAddMany(pasted);
                        }}
                        onOne={() => {
                            setPasted([]);
                        }}
                    />
                )}
                {reading !== undefined && !isAsked && <Understood reading={reading} />}
                <Problem words={error} />
                {children !== undefined && value.trim() !== '' && (
                    <div className="flex flex-wrap items-end gap-3 py-2">
                        {children}
                        {!isAsked && <Button type="submit">Add</Button>}
                    </div>
                )}
            </div>
        </form>
    );
}

/** How many of the lines are shown. */
const SHOWN = 5;

/** A list was pasted: each of its lines for itself, or all of it as one? */
function AskMany({ lines, onMany, onOne }: { lines: string[]; onMany: () => void; onOne: () => void }) {
    return (
        <div role="group" aria-label="A list was pasted" className="border-l-2 border-rule py-1 pl-3">
            <ol className="list-decimal pl-5 text-sm text-ink-2">
                {lines.slice(0, SHOWN).map((line, place) => (
                    <li key={`${String(place)} ${line}`}>
                        <span className="block truncate">{line}</span>
                    </li>
                ))}
            </ol>
            {lines.length > SHOWN && <p className="pl-5 text-sm text-ink-2">and {lines.length - SHOWN} more</p>}
            <div className="flex gap-2 pt-1">
                <Button kind="main" onClick={onMany}>
                    Add {lines.length} separately
                </Button>
                <Button kind="quiet" onClick={onOne}>
                    Keep as one line
                </Button>
            </div>
        </div>
    );
}
