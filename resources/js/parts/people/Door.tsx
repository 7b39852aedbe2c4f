import type { ReactNode } from 'react';

/** What somebody sees who is not signed in. */
export function Door({ title, children }: { title: string; children: ReactNode }) {
    return (
        <div className="grid min-h-screen grid-cols-[1fr_min(420px,100%)_2fr] bg-sheet max-md:grid-cols-1">
            <div className="border-r border-hairline max-md:hidden" />
            <div className="border-r border-hairline px-8 py-24 max-md:border-0 max-md:px-4 max-md:py-10">
                <p className="text-xl font-bold tracking-[-0.03em]">loftrin</p>
                <p className="mt-1 mb-8 text-ink-2">The year, drawn to scale, down to this afternoon.</p>
                <h1 className="mb-4 text-lg">{title}</h1>
                {children}
            </div>
        </div>
    );
}
