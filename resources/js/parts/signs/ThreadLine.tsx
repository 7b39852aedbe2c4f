import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { toneOf } from './Cord';
import type { Cord } from '../../generated/props';

interface Props {
    /** Addresses and titles, from the goal at the top. */
    parts: { value: string; label: string }[];
    cord: Cord | null;
}

/** A thread in a line: what something is for, joined by pieces of its cord. */
export function ThreadLine({ parts, cord }: Props) {
    return parts.map((part, place) => (
        <span key={part.value} className="flex items-center gap-x-2.5">
            {place > 0 && <span aria-hidden className={clsx('h-0.5 w-7 bg-current', toneOf(cord))} />}
            <Link href={part.value} className={clsx('hover:underline', place === parts.length - 1 && 'font-semibold text-ink')}>
                {part.label}
            </Link>
        </span>
    ));
}
