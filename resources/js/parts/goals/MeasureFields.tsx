import type { GoalValues } from '../../generated/props';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

interface Props {
    data: GoalValues;
    errors: Partial<Record<string, string>>;
    set: <K extends keyof GoalValues>(field: K, value: GoalValues[K]) => void;
}

/** The fields that the chosen kind of measure needs, and no others. */
export function MeasureFields({ data, errors, set }: Props) {
    const text = (field: 'start' | 'target' | 'limit' | 'share' | 'unit', label: string, hint?: string) => (
        <TextField
            label={label}
            value={data[field]}
            error={errors[field]}
            {...(hint === undefined ? {} : { hint })}
            {...(field === 'unit' ? { maxLength: 12 } : { inputMode: 'decimal' as const })}
            onChange={(event) => {
                set(field, event.target.value);
            }}
        />
    );

    switch (data.measure) {
        case 'number':
            return (
                <div className="grid grid-cols-3 gap-4">
                    {text('start', 'From')}
                    {text('target', 'To')}
                    {text('unit', 'Unit', '€, %, harbours')}
                </div>
            );
        case 'count':
            return <div className="grid grid-cols-3 gap-4">{text('target', 'How many')}</div>;
        case 'keep':
            return (
                <div className="grid grid-cols-4 gap-4 max-md:grid-cols-2">
                    <SelectField
                        label="Stay"
                        value={data.sense}
                        error={errors.sense}
                        onChange={(value) => {
                            set('sense', value as GoalValues['sense']);
                        }}
                        options={[
                            { value: 'at_least', label: 'at least at' },
                            { value: 'at_most', label: 'at most at' },
                        ]}
                    />
                    {text('limit', 'The limit')}
                    {text('unit', 'Unit')}
                    {text('share', 'In per cent of readings')}
                </div>
            );
        default:
            return null;
    }
}
