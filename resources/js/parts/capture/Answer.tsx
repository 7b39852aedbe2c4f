import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { Kbd } from '../../ui/Kbd';

interface Props {
    /** The key that answers it. */
    name: string;
    isChosen?: boolean;
    onChoose: () => void;
    children: ReactNode;
}

/** One of the answers to a question, with the key that gives it. */
export function Answer({ name, isChosen, onChoose, children }: Props) {
    return (
        <button
            type="button"
            aria-pressed={isChosen}
            className={clsx(
                'min-h-8 border-b-2 hover:border-rule pointer-coarse:min-h-11',
                isChosen === true ? 'border-ink font-semibold' : 'border-transparent',
            )}
            onClick={onChoose}
        >
            <Kbd>{name}</Kbd> {children}
        </button>
    );
}

/** A question with its answers in a row. */
export function Question({ words, children }: { words: string; children: ReactNode }) {
    return (
        <fieldset className="grid grid-cols-[112px_1fr] border-t border-hairline py-2 max-md:grid-cols-1">
            <legend className="sr-only">{words}</legend>
            <span aria-hidden className="pt-1.5 font-semibold">
                {words}
            </span>
            <div className="flex flex-wrap items-center gap-x-6 gap-y-1">{children}</div>
        </fieldset>
    );
}
