import { grouped } from '../../lib/options';
import type { Option, ContributionValues } from '../../generated/props';
import { TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { SelectField } from '../../ui/Select';

interface Props {
    serves: ContributionValues[];
    goals: Option[];
    errors: Partial<Record<string, string>>;
    onChange: (serves: ContributionValues[]) => void;
}

/** The goals that a project serves, each with the weight it has there. */
export function ServesFields({ serves, goals, errors, onChange }: Props) {
    const next = goals.find((goal) => !serves.some((link) => String(link.goal) === goal.value));

    return (
        <Rows
            legend="Contributes to"
            hint="Not linked to a goal yet. Does it contribute to one of this quarter?"
            error={errors.serves}
            rows={serves}
            onChange={onChange}
            add={{ words: 'Add a goal', row: next === undefined ? null : { goal: Number(next.value), weight: '1' } }}
        >
            {(link, set, place) => (
                <>
                    <SelectField
                        label="Goal"
                        isLabelHidden
                        className="min-w-0 flex-1"
                        value={String(link.goal)}
                        error={errors[`serves.${String(place)}.goal`]}
                        onChange={(value) => {
                            set({ goal: Number(value) });
                        }}
                        options={grouped(goals)}
                    />
                    <TextField
                        label="Weight"
                        isLabelHidden
                        className="w-20"
                        inputMode="decimal"
                        value={link.weight}
                        error={errors[`serves.${String(place)}.weight`]}
                        onChange={(event) => {
                            set({ weight: event.target.value });
                        }}
                    />
                </>
            )}
        </Rows>
    );
}
