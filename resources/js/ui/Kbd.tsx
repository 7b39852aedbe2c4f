import { clsx } from 'clsx';
import type { ReactNode } from 'react';

export function Kbd({ children, onMain = false }: { children: ReactNode; onMain?: boolean }) {
    return (
        <kbd
            className={clsx(
                'rounded-sm border px-1 font-mono text-xs max-md:hidden',
                onMain ? 'border-sheet/60' : 'border-hairline text-ink-2',
            )}
        >
            {children}
        </kbd>
    );
}
