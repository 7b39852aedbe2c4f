import type { CheckpointValues } from '../../generated/props';
import { TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { DateField } from '../../ui/DateField';

interface Props {
    points: CheckpointValues[];
    errors: Partial<Record<string, string>>;
    onChange: (points: CheckpointValues[]) => void;
}

/** For a goal that does not grow evenly: so much by that day. */
export function CheckpointFields({ points, errors, onChange }: Props) {
    return (
        <Rows
            legend="Checkpoints"
            hint="Expected progress is even over the period unless you add checkpoints."
            error={errors.checkpoints}
            rows={points}
            onChange={onChange}
            add={{ words: 'Add a checkpoint', row: { on: '', percent: '' } }}
        >
            {(point, set, place) => (
                <>
                    <DateField
                        label="By"
                        isLabelHidden
                        value={point.on}
                        error={errors[`checkpoints.${String(place)}.on`]}
                        onChange={(value) => {
                            set({ on: value });
                        }}
                    />
                    <TextField
                        label="Per cent"
                        isLabelHidden
                        inputMode="decimal"
                        placeholder="Per cent"
                        value={point.percent}
                        error={errors[`checkpoints.${String(place)}.percent`]}
                        onChange={(event) => {
                            set({ percent: event.target.value });
                        }}
                    />
                </>
            )}
        </Rows>
    );
}
