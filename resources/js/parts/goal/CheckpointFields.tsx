import type { CheckpointValues } from '../../generated/props';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

interface Props {
    points: CheckpointValues[];
    errors: Partial<Record<string, string>>;
    onChange: (points: CheckpointValues[]) => void;
}

/** For a goal that does not grow evenly: so much by that day. */
export function CheckpointFields({ points, errors, onChange }: Props) {
    const set = (place: number, change: Partial<CheckpointValues>) => {
        onChange(points.map((point, index) => (index === place ? { ...point, ...change } : point)));
    };

    return (
        <fieldset>
            <legend className="mb-1 text-sm font-semibold">Checkpoints</legend>
            {errors.checkpoints !== undefined && <p className="text-sm font-medium text-persimmon">{errors.checkpoints}</p>}
            {points.length === 0 && (
                <p className="text-xs text-ink-2">It should grow evenly over its period. If not, say how much by when.</p>
            )}
            {points.map((point, place) => (
                <div key={place} className="mt-2 flex items-start gap-3">
                    <TextField
                        label="By"
                        isLabelHidden
                        type="date"
                        value={point.on}
                        error={errors[`checkpoints.${String(place)}.on`]}
                        onChange={(event) => {
                            set(place, { on: event.target.value });
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
                            set(place, { percent: event.target.value });
                        }}
                    />
                    <Button
                        kind="quiet"
                        onClick={() => {
                            onChange(points.filter((_, index) => index !== place));
                        }}
                    >
                        Remove
                    </Button>
                </div>
            ))}
            <Button
                className="mt-2"
                onClick={() => {
                    onChange([...points, { on: '', percent: '' }]);
                }}
            >
                Add a checkpoint
            </Button>
        </fieldset>
    );
}
