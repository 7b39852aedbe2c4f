import type { StageValues } from '../../generated/props';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

interface Props {
    stages: StageValues[];
    errors: Partial<Record<string, string>>;
    onChange: (stages: StageValues[]) => void;
}

/** The stages of a project, in order. */
export function StageFields({ stages, errors, onChange }: Props) {
    const move = (place: number) => {
        const moved = [...stages];
        const [stage] = moved.splice(place, 1);

        if (stage !== undefined) {
            moved.splice(place - 1, 0, stage);
        }

        onChange(moved);
    };

    return (
        <fieldset>
            <legend className="mb-1 text-sm font-semibold">Stages</legend>
            {stages.length === 0 && <p className="text-xs text-ink-2">None: all tasks in one list.</p>}
            {stages.map((stage, place) => (
                <div key={stage.id ?? `new ${String(place)}`} className="mt-2 flex items-start gap-3">
                    <TextField
                        label={`Stage ${String(place + 1)}`}
                        isLabelHidden
                        className="min-w-0 flex-1"
                        maxLength={60}
                        placeholder={`Stage ${String(place + 1)}`}
                        value={stage.name}
                        error={errors[`stages.${String(place)}.name`]}
                        onChange={(event) => {
                            onChange(stages.map((each, index) => (index === place ? { ...each, name: event.target.value } : each)));
                        }}
                    />
                    <Button
                        kind="quiet"
                        disabled={place === 0}
                        onClick={() => {
                            move(place);
                        }}
                    >
                        Up
                    </Button>
                    <Button
                        kind="quiet"
                        onClick={() => {
                            onChange(stages.filter((_, index) => index !== place));
                        }}
                    >
                        Remove
                    </Button>
                </div>
            ))}
            <Button
                className="mt-2"
                onClick={() => {
                    onChange([...stages, { id: null, name: '' }]);
                }}
            >
                Add a stage
            </Button>
        </fieldset>
    );
}
