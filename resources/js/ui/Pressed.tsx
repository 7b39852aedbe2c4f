import type { ReactNode } from 'react';

interface Props {
    /** What pressing it does: "Edit the motto" */
    label: string;
    /** Whether it can be pressed at all; otherwise it is only read. */
    isActive: boolean;
    onPress: () => void;
    children: ReactNode;
}

/** Words that are edited when they are pressed. */
export function Pressed({ label, isActive, onPress, children }: Props) {
    return isActive ? (
        <button
            type="button"
            aria-label={label}
            title={label}
            className="-mx-2 block max-w-full px-2 py-0.5 text-left [font:inherit] hover:bg-faint"
            onClick={onPress}
        >
            {children}
        </button>
    ) : (
        <div>{children}</div>
    );
}
