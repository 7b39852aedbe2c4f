import type { Option, ServingValues } from '../../generated/props';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { Grouped } from '../Grouped';

interface Props {
    serves: ServingValues[];
    goals: Option[];
    errors: Partial<Record<string, string>>;
    onChange: (serves: ServingValues[]) => void;
}

/** The goals that a project serves, each with the weight it has there. */
export function ServesFields({ serves, goals, errors, onChange }: Props) {
    const first = goals.find((goal) => !serves.some((link) => String(link.goal) === goal.value));
    const set = (place: number, change: Partial<ServingValues>) => {
        onChange(serves.map((link, index) => (index === place ? { ...link, ...change } : link)));
    };

    return (
        <fieldset>
            <legend className="mb-1 text-sm font-semibold">Serves</legend>
            {errors.serves !== undefined && <p className="text-sm font-medium text-persimmon">{errors.serves}</p>}
            {serves.length === 0 && <p className="text-xs text-ink-2">No goal yet. Does it serve one of the quarter?</p>}
            {serves.map((link, place) => (
                <div key={place} className="mt-2 flex items-start gap-3">
                    <SelectField
                        label="Goal"
                        isLabelHidden
                        className="min-w-0 flex-1"
                        value={String(link.goal)}
                        error={errors[`serves.${String(place)}.goal`]}
                        onChange={(event) => {
                            set(place, { goal: Number(event.target.value) });
                        }}
                    >
                        <Grouped options={goals} />
                    </SelectField>
                    <TextField
                        label="Weight"
                        isLabelHidden
                        className="w-20"
                        inputMode="decimal"
                        value={link.weight}
                        error={errors[`serves.${String(place)}.weight`]}
                        onChange={(event) => {
                            set(place, { weight: event.target.value });
                        }}
                    />
                    <Button
                        kind="quiet"
                        onClick={() => {
                            onChange(serves.filter((_, index) => index !== place));
                        }}
                    >
                        Remove
                    </Button>
                </div>
            ))}
            {first !== undefined && (
                <Button
                    className="mt-2"
                    onClick={() => {
                        onChange([...serves, { goal: Number(first.value), weight: '1' }]);
                    }}
                >
                    Add a goal
                </Button>
            )}
        </fieldset>
    );
}
