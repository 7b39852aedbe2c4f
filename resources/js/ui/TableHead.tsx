import { clsx } from 'clsx';

interface Column {
    words: string;
    className?: string;
    /** Said to screen readers alone. */
    isHidden?: boolean;
}

/** What the columns of a table are called. */
export function TableHead({ columns }: { columns: Column[] }) {
    return (
        <thead className="text-xs text-ink-2">
            <tr className="border-b border-rule">
                {columns.map(({ words, className, isHidden = false }) => (
                    <th key={words} scope="col" className={clsx('py-1 font-normal', className)}>
                        {isHidden ? <span className="sr-only">{words}</span> : words}
                    </th>
                ))}
            </tr>
        </thead>
    );
}
