import { type ComponentProps, useState } from 'react';
import { TextField } from '../ui/Field';

interface Props extends Omit<ComponentProps<typeof TextField>, 'value' | 'defaultValue' | 'error' | 'onBlur' | 'onChange'> {
    value: string;
    /** Keeps what was written, or says why it was refused. */
    onKeep: (value: string, refuse: (why: string) => void) => void;
}

/** A field that keeps what is written when one leaves it or presses Enter. What was refused stays in it, and says why. */
export function KeptField({ value, onKeep, onKeyDown, ...field }: Props) {
    const [problem, setProblem] = useState<string>();

    return (
        <TextField
            {...field}
            key={value}
            defaultValue={value}
            data-empty={value === '' ? true : undefined}
            error={problem}
            onBlur={(event) => {
                const written = event.target.value.trim();

                if (event.target.validity.valid) {
                    setProblem(undefined);

                    if (written !== value) {
                        onKeep(written, setProblem);
                    }
                }
            }}
            onKeyDown={(event) => {
                onKeyDown?.(event);

                if (event.key === 'Enter') {
                    event.currentTarget.blur();
                }
            }}
        />
    );
}
