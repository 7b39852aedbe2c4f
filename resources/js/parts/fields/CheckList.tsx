import { Check } from '../../ui/Check';
import { Problem } from '../../ui/Problem';

interface Props {
    legend: string;
    choices: { value: number; words: string }[];
    chosen: number[];
    error?: string | undefined;
    onChange: (chosen: number[]) => void;
}

/** Several of a few, each with a box. */
export function CheckList({ legend, choices, chosen, error, onChange }: Props) {
    return (
        <fieldset>
            <legend className="mb-1 text-sm font-semibold">{legend}</legend>
            <Problem words={error} />
            <div className="grid max-h-56 grid-cols-2 gap-x-4 overflow-y-auto max-sm:grid-cols-1">
                {choices.map(({ value, words }) => (
                    <Check
                        key={value}
                        label={words}
                        checked={chosen.includes(value)}
                        onChange={(on) => {
                            onChange(on ? [...chosen, value] : chosen.filter((each) => each !== value));
                        }}
                    />
                ))}
            </div>
        </fieldset>
    );
}
