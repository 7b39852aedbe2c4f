import { clsx } from 'clsx';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
    title: string;
    hint?: string;
    size?: 'm' | 'l';
    children: ReactNode;
}

export function Dialog({ isOpen, onOpenChange, title, hint, size = 'm', children }: Props) {
    return (
        <Radix.Root open={isOpen} onOpenChange={onOpenChange}>
            <Radix.Portal>
                <Radix.Overlay className="fixed inset-0 z-40 bg-ink/30" />
                <Radix.Content
                    className={clsx(
                        'fixed left-1/2 z-50 -translate-x-1/2 overflow-y-auto border border-ink bg-sheet p-5 shadow-lg',
                        size === 'm' && 'top-[12vh] max-h-[80vh] w-[min(560px,calc(100vw-24px))]',
                        size === 'l' && 'top-[6vh] max-h-[88vh] w-[min(720px,calc(100vw-24px))]',
                    )}
                    {...(hint === undefined ? { 'aria-describedby': undefined } : {})}
                >
                    <Radix.Title className="text-lg">{title}</Radix.Title>
                    {hint !== undefined && <Radix.Description className="mt-1 text-sm text-ink-2">{hint}</Radix.Description>}
                    <div className="mt-4">{children}</div>
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    );
}
