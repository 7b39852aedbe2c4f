import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Kbd } from './Kbd';

const shape = (kind: Kind) =>
    clsx(
        'inline-flex min-h-8 items-center gap-2 rounded-sm border px-3 text-sm font-medium',
        'whitespace-nowrap transition-colors disabled:opacity-50 pointer-coarse:min-h-11',
        kind === 'main' && 'border-spruce bg-spruce text-sheet hover:border-ink hover:bg-ink',
        kind === 'plain' && 'border-ink hover:bg-faint',
        kind === 'quiet' && 'border-transparent text-ink-2 hover:text-ink hover:underline',
    );

/** The one next step of a screen is main, the others plain, what one seldom wants quiet. */
type Kind = 'main' | 'plain' | 'quiet';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
    kind?: Kind;
    keys?: string | undefined;
}

export function Button({ kind = 'plain', keys, className, children, type = 'button', ...rest }: Props) {
    return (
        <button type={type} className={clsx(shape(kind), className)} {...rest}>
            {children}
            {keys !== undefined && <Kbd onMain={kind === 'main'}>{keys}</Kbd>}
        </button>
    );
}

export function ButtonLink({ kind = 'plain', href, children }: { kind?: Kind; href: string; children: ReactNode }) {
    return (
        <Link href={href} className={shape(kind)}>
            {children}
        </Link>
    );
}
