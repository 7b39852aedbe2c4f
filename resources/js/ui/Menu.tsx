import { clsx } from 'clsx';
import { DropdownMenu as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

export function Menu({ trigger, children }: { trigger: ReactNode; children: ReactNode }) {
    return (
        <Radix.Root modal={false}>
            <Radix.Trigger asChild>{trigger}</Radix.Trigger>
            <Radix.Portal>
                <Radix.Content
                    align="end"
                    sideOffset={4}
                    className="z-50 max-h-[70vh] min-w-52 overflow-y-auto border border-ink bg-sheet py-1 shadow-lg"
                >
                    {children}
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    );
}

const item = clsx(
    'flex min-h-8 cursor-pointer items-center justify-between gap-4 px-3 text-sm outline-none select-none',
    'data-highlighted:bg-faint data-disabled:text-ink-2 pointer-coarse:min-h-11',
);

export function MenuItem({ onSelect, children }: { onSelect: () => void; children: ReactNode }) {
    return (
        <Radix.Item className={item} onSelect={onSelect}>
            {children}
        </Radix.Item>
    );
}

export function MenuGroup({ label, children }: { label: string; children: ReactNode }) {
    return (
        <Radix.Sub>
            <Radix.SubTrigger className={item}>
                {label}
                <span aria-hidden className="text-ink-2">
                    ›
                </span>
            </Radix.SubTrigger>
            <Radix.Portal>
                <Radix.SubContent className="z-50 max-h-[70vh] min-w-44 overflow-y-auto border border-ink bg-sheet py-1 shadow-lg">
                    {children}
                </Radix.SubContent>
            </Radix.Portal>
        </Radix.Sub>
    );
}

export function MenuRule() {
    return <Radix.Separator className="my-1 h-px bg-hairline" />;
}
