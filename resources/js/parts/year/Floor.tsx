import { clsx } from 'clsx';
import type { ReactNode } from 'react';

/** A storey of the section, under its beam. */
export function Floor({ title, aside, isTop = false, children }: { title: string; aside: string; isTop?: boolean; children: ReactNode }) {
    return (
        <section className={clsx('border-t-2 border-done', isTop && 'mt-2')}>
            <div className="flex items-baseline justify-between gap-4 pt-1">
                <h2 className="relative z-10 flex-none bg-sheet pr-2 text-sm">{title}</h2>
                <p className="relative z-10 bg-sheet pl-2 text-right text-xs text-pretty text-ink-2">{aside}</p>
            </div>
            {children}
        </section>
    );
}
