import { type ComponentProps, useState } from 'react';
import { DateField } from '../../ui/DateField';
import { TextField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { TimeField } from '../../ui/TimeField';

/** Saves what was written, or says why it was refused. */
type OnKeep = (value: string, refuse: (why: string) => void) => void;

type Kept<P> = Omit<P, 'defaultValue' | 'error' | 'onBlur' | 'onChange' | 'value'> & {
    value: string;
    onKeep: OnKeep;
};

/** A field that saves what is written when one leaves it or presses Enter. What was refused stays in it, and says why. */
export function KeptField({ value, onKeep, onKeyDown, ...field }: Kept<ComponentProps<typeof TextField>>) {
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

/** What stands in a field that saves by itself: what was written while the server refuses it, else what is saved. */
function useKept(value: string, onKeep: OnKeep) {
    const [refused, setRefused] = useState<{ written: string; why: string } | null>(null);

    return {
        value: refused?.written ?? value,
        error: refused?.why,
        onChange: (written: string) => {
            setRefused(null);
            onKeep(written, (why) => {
                setRefused({ written, why });
            });
        },
    };
}

export function KeptDate({ value, onKeep, ...field }: Kept<ComponentProps<typeof DateField>>) {
    return <DateField {...field} {...useKept(value, onKeep)} />;
}

export function KeptTime({ value, onKeep, ...field }: Kept<ComponentProps<typeof TimeField>>) {
    return <TimeField {...field} {...useKept(value, onKeep)} />;
}

/** A number that is saved when one leaves it or presses Enter. */
export function KeptNumber({ value, onKeep, ...field }: Kept<ComponentProps<typeof NumberField>>) {
    const [typed, setTyped] = useState<string | null>(null);
    const kept = useKept(value, onKeep);
    const keep = () => {
        setTyped(null);

        if (typed !== null && typed !== '' && typed !== value) {
            kept.onChange(typed);
        }
    };

    return (
        <form
            onSubmit={(event) => {
                event.preventDefault();
                keep();
            }}
        >
            <NumberField {...field} value={typed ?? kept.value} error={kept.error} onChange={setTyped} onBlur={keep} />
        </form>
    );
}
