import { Children, type ReactNode, useState } from 'react';

interface Props {
    shown: number;
    /** What the others are called, by how many they are. */
    rest: (more: number) => string;
    children: ReactNode;
}

/** A list of lines of which the first are in sight, the others a press away. */
export function Folded({ shown, rest, children }: Props) {
    const [isOpen, setOpen] = useState(false);
    const lines = Children.toArray(children);
    const more = lines.length - shown;

    return (
        <>
            <ul className="divide-y divide-hairline">{isOpen || more <= 0 ? lines : lines.slice(0, shown)}</ul>
            {!isOpen && more > 0 && (
                <button
                    type="button"
                    className="link my-1 text-sm text-ink-2"
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    {rest(more)}
                </button>
            )}
        </>
    );
}
