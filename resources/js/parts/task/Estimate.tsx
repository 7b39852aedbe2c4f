import { clsx } from 'clsx';
import { hoursWords } from '../../lib/dates';

/** How long it takes, in a column of its own. */
export function Estimate({ minutes, className = 'text-ink-2' }: { minutes: number | null; className?: string }) {
    return (
        <span className={clsx('w-20 flex-none text-right font-mono text-xs whitespace-nowrap max-md:w-auto', className)}>
            {minutes !== null && hoursWords(minutes)}
        </span>
    );
}
