import { type ReactNode, useRef } from 'react';
import { Button } from './Button';

interface Props {
    label: string;
    disabled?: boolean;
    onChoose: (file: File) => void;
    children: ReactNode;
}

/** Chooses a file from one's own machine. */
export function FileButton({ label, disabled = false, onChoose, children }: Props) {
    const chooser = useRef<HTMLInputElement>(null);

    return (
        <>
            <input
                ref={chooser}
                type="file"
                className="hidden"
                aria-label={label}
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    event.target.value = '';

                    if (file !== undefined) {
                        onChoose(file);
                    }
                }}
            />
            <Button kind="quiet" disabled={disabled} onClick={() => chooser.current?.click()}>
                {children}
            </Button>
        </>
    );
}
