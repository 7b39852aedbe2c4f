import type { ComponentProps } from 'react';
import { TextField } from '../../ui/Field';

/** A password that is chosen. */
export function NewPassword(field: Pick<ComponentProps<typeof TextField>, 'value' | 'error' | 'onChange'>) {
    return (
        <TextField
            label="Password"
            type="password"
            autoComplete="new-password"
            required
            hint="At least ten characters. A few words are easier to remember than symbols."
            {...field}
        />
    );
}
