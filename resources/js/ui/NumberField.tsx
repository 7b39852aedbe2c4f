import type { ComponentProps } from 'react';
import { TextField } from './Field';

interface Props extends Omit<ComponentProps<typeof TextField>, 'value' | 'onChange' | 'type' | 'min' | 'max' | 'step'> {
    value: number | string | null;
    /** Digits, or nothing. */
    onChange: (value: string) => void;
    min: number;
    max: number;
    /** How far an arrow key moves it. */
    step?: number;
}

/** A whole number: digits only, and the arrow keys move it within its bounds. */
export function NumberField({ value, onChange, min, max, step = 1, ...field }: Props) {
    return (
        <TextField
            {...field}
            type="text"
            inputMode="numeric"
            autoComplete="off"
            value={value ?? ''}
            onChange={(event) => {
                onChange(event.target.value.replace(/\D/g, ''));
            }}
            onKeyDown={(event) => {
                if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
                    event.preventDefault();
                    const moved = Number(value ?? 0) + (event.key === 'ArrowUp' ? step : -step);
                    onChange(String(Math.min(max, Math.max(min, moved))));
                }
            }}
        />
    );
}
