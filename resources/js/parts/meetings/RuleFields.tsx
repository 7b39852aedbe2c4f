import { SelectField } from '../../ui/Select';

interface Props {
    rule: string;
    error: string | undefined;
    onChange: (rule: string) => void;
}

const days = [
    ['MO', 'Monday'],
    ['TU', 'Tuesday'],
    ['WE', 'Wednesday'],
    ['TH', 'Thursday'],
    ['FR', 'Friday'],
    ['SA', 'Saturday'],
    ['SU', 'Sunday'],
] as const;

/** A meeting that stands alone. */
const ONCE = 'FREQ=DAILY;COUNT=1';

const rhythms: { value: string; words: string; rule: (day: string) => string }[] = [
    { value: 'once', words: 'Once', rule: () => ONCE },
    { value: 'week', words: 'Every', rule: (day) => `FREQ=WEEKLY;BYDAY=${day}` },
    { value: 'second', words: 'Every second', rule: (day) => `FREQ=WEEKLY;INTERVAL=2;BYDAY=${day}` },
    { value: 'first', words: 'First of the month,', rule: (day) => `FREQ=MONTHLY;BYDAY=1${day}` },
    { value: 'third', words: 'Third of the month,', rule: (day) => `FREQ=MONTHLY;BYDAY=3${day}` },
    { value: 'last', words: 'Last of the month,', rule: (day) => `FREQ=MONTHLY;BYDAY=-1${day}` },
];

/** The weekday at the end of a rule: what it stands on, whatever its rhythm. */
const ON_DAY = /(?<=BYDAY=(?:-?\d)?)[A-Z]{2}$/;

/** When a series comes back, in words; a rule that has none is kept as it is. */
export function RuleFields({ rule, error, onChange }: Props) {
    const onDay = ON_DAY.exec(rule)?.[0];
    const day = onDay ?? 'MO';
    const rhythm = rhythms.find((each) => each.rule(day) === rule);

    return (
        <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
            <SelectField
                label="Repeats"
                value={rhythm?.value ?? 'other'}
                error={error}
                onChange={(value) => {
                    const chosen = rhythms.find((each) => each.value === value);

                    if (chosen !== undefined) {
                        onChange(chosen.rule(day));
                    }
                }}
                options={[
                    ...(rhythm === undefined ? [{ value: 'other', label: `By its own rule: ${rule}` }] : []),
                    ...rhythms.map((each) => ({ value: each.value, label: each.words })),
                ]}
            />
            {onDay !== undefined && (
                <SelectField
                    label="On"
                    value={day}
                    onChange={(value) => {
                        onChange(rule.replace(ON_DAY, value));
                    }}
                    options={days.map(([code, name]) => ({ value: code, label: name }))}
                />
            )}
        </div>
    );
}
