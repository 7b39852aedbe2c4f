import { clsx } from 'clsx';

interface Props {
    /** Nothing is shown where there are none. */
    words: string | null | undefined;
    /** Whether it is read out at once: what came without anybody leaving the field. */
    isAlert?: boolean;
    className?: string;
}

/** What is wrong, where it was written. */
export function Problem({ words, isAlert = false, className }: Props) {
    return words == null ? null : (
        <p role={isAlert ? 'alert' : undefined} className={clsx('text-sm font-medium text-persimmon', className)}>
            {words}
        </p>
    );
}
