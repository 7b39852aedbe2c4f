import { clsx } from 'clsx';
import type { Cord as CordProps } from '../../generated/props';

const tones = ['', 'text-thread-1', 'text-thread-2', 'text-thread-3', 'text-thread-4'];

export const toneOf = (cord: CordProps | null) => (cord === null ? 'text-ink-2' : (tones[cord.tone] ?? 'text-ink-2'));

/** A short cord in the colour of the thread, with its mark: what this is for, at a glance. */
export function Cord({ cord }: { cord: CordProps | null }) {
    return cord === null ? null : (
        <span
            className={clsx('relative inline-flex flex-none items-baseline font-mono text-xs font-semibold', toneOf(cord))}
            title={cord.title}
        >
            <span aria-hidden className="mr-1 h-[3px] w-3 self-center bg-current" />
            <span className="sr-only">for {cord.title}</span>
            <span aria-hidden>{cord.mark}</span>
        </span>
    );
}
