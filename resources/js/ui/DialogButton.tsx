import { type ReactNode, useState } from 'react';
import { Button } from './Button';
import { useKeys } from '../lib/keys';
import { Dialog } from './Dialog';

interface Props {
    /** On the button. */
    words: string;
    kind?: 'main' | 'plain' | 'quiet';
    className?: string;
    /** A key that opens it as well. */
    keyName?: string | undefined;
    title: string;
    hint?: string;
    size?: 'm' | 'l';
    children: (close: () => void) => ReactNode;
}

/** A button that opens a dialog; what is in it closes it when it is done. */
export function DialogButton({ words, kind = 'plain', className, keyName, children, ...dialog }: Props) {
    const [isOpen, setOpen] = useState(false);
    const open = () => {
        setOpen(true);
    };
    useKeys(keyName === undefined ? {} : { [keyName]: { words: dialog.title, run: open } });

    return (
        <>
            <Button kind={kind} className={className} keys={keyName} onClick={open}>
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
