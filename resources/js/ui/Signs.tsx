import { clsx } from 'clsx';
import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
    /** What it explains: "Key to the year bar" */
    label: string;
    children: ReactNode;
}

/** The key to the signs of a place, behind a small "?". */
export function Signs({ label, children }: Props) {
    return (
        <Popover.Root>
            <Popover.Trigger
                aria-label={label}
                className={clsx(
                    'inline-flex size-6 flex-none items-center justify-center pointer-coarse:-m-2.5 pointer-coarse:size-11',
                    'font-mono text-xs text-ink-2 hover:text-ink print:hidden',
                )}
            >
                ?
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    align="start"
                    sideOffset={4}
                    collisionPadding={8}
                    className="z-60 w-80 max-w-[calc(100vw-24px)] border border-ink bg-sheet px-4 py-3 shadow-lg"
                >
                    <h2 className="mb-1 text-sm">{label}</h2>
                    <dl className="space-y-1.5 text-sm">{children}</dl>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}

export function Sign({ mark, children }: { mark: ReactNode; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[44px_1fr] items-center gap-3">
            <dt aria-hidden className="flex h-5 items-center justify-center">
                {mark}
            </dt>
            <dd>{children}</dd>
        </div>
    );
}
