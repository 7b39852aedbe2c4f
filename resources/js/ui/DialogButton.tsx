import { type ReactNode, useState } from 'react';
import { Button } from './Button';
import { Dialog } from './Dialog';

interface Props {
    /** On the button. */
    words: string;
    kind?: 'main' | 'plain' | 'quiet';
    className?: string;
    title: string;
    hint?: string;
    size?: 'm' | 'l';
    children: (close: () => void) => ReactNode;
}

/** A button that opens a dialog; what is in it closes it when it is done. */
export function DialogButton({ words, kind = 'plain', className, children, ...dialog }: Props) {
    const [isOpen, setOpen] = useState(false);

    return (
        <>
            <Button
                kind={kind}
                className={className}
                onClick={() => {
                    setOpen(true);
                }}
            >
                {words}
            </Button>
            <Dialog isOpen={isOpen} onOpenChange={setOpen} {...dialog}>
                {children(() => {
                    setOpen(false);
                })}
            </Dialog>
        </>
    );
}
