import { clsx } from 'clsx';

/** How long it takes, as a bare figure in a column of minutes: the unit is said, and shown on pointing at it. */
export function Estimate({ minutes, className = 'text-ink-2' }: { minutes: number | null; className?: string }) {
    return (
        <span
            title={minutes === null ? undefined : `${String(minutes)} min`}
            className={clsx('relative w-8 flex-none text-right font-mono text-xs', className)}
        >
            {minutes}
            {minutes !== null && <span className="sr-only"> min</span>}
        </span>
    );
}
