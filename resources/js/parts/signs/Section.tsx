import { clsx } from 'clsx';
import type { ReactNode } from 'react';

interface Props {
    title: ReactNode;
    aside?: ReactNode;
    children: ReactNode;
    className?: string;
}

/** A part of a sheet, under a rule, with secondary facts at the right of its heading. */
export function Section({ title, aside, children, className }: Props) {
    return (
        <section className={clsx('border-t border-rule pt-2', className)}>
            <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-base">{title}</h2>
                {aside !== undefined && <div className="text-xs text-ink-2">{aside}</div>}
            </div>
            {children}
        </section>
    );
}

/** Says what a place is for while it is empty, and offers the one next action. */
export function Empty({ children, action }: { children: ReactNode; action?: ReactNode }) {
    return (
        <div className="flex flex-wrap items-center gap-4 py-3 text-ink-2">
            <p className="max-w-prose">{children}</p>
            {action}
        </div>
    );
}
