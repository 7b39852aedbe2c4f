import type { ReactNode } from 'react';

/** A further question about a goal that is closed, with its answer beside it. */
export function ClosingAnswer({ words, children }: { words: string; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[88px_1fr] items-baseline gap-2 max-md:grid-cols-1 max-md:gap-0">
            <span className="text-xs text-ink-2">{words}</span>
            <div className="min-w-0">{children}</div>
        </div>
    );
}
