import { clsx } from 'clsx';
import type { PersonTag } from '../../generated/props';

/** Whose it is, where there is room for two letters only: the whole name is said, and shown on pointing at it. */
export function Initials({ person, className }: { person: PersonTag; className?: string }) {
    return (
        <span title={person.name} className={clsx('relative font-mono text-xs text-ink-2', className)}>
            <span aria-hidden>{person.initials}</span>
            <span className="sr-only">{person.name}</span>
        </span>
    );
}
