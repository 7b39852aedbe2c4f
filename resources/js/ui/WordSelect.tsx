import type { SelectHTMLAttributes } from 'react';
import type { Option } from '../generated/props';

interface Props extends Omit<SelectHTMLAttributes<HTMLSelectElement>, 'onChange' | 'className'> {
    label: string;
    options: Option[];
    /** What no choice is called; without it there is always one. */
    none?: string | undefined;
    onChoose: (value: string | null) => void;
}

/** A choice within a sentence: as words with a rule beneath, not as a field. */
export function WordSelect({ label, options, none, onChoose, ...select }: Props) {
    return (
        <select
            aria-label={label}
            className="max-w-56 min-w-0 cursor-pointer truncate border-b border-rule bg-transparent py-0.5 pr-1 font-semibold text-ink hover:border-ink pointer-coarse:min-h-11"
            onChange={(event) => {
                onChoose(event.target.value === '' ? null : event.target.value);
            }}
            {...select}
        >
            {none !== undefined && <option value="">{none}</option>}
            {options.map((option) => (
                <option key={option.value} value={option.value}>
                    {option.label}
                </option>
            ))}
        </select>
    );
}
