import type { StageValues } from '../../generated/props';
import { TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';

interface Props {
    stages: StageValues[];
    errors: Partial<Record<string, string>>;
    onChange: (stages: StageValues[]) => void;
}

/** The stages of a project, in order. */
export function StageFields({ stages, errors, onChange }: Props) {
    return (
        <Rows
            legend="Stages"
            hint="No stages: all tasks in one list."
            rows={stages}
            keyOf={(stage) => stage.id}
            orderOf={(stage, place) => (stage.name === '' ? `stage ${String(place + 1)}` : `“${stage.name}”`)}
            onChange={onChange}
            add={{ words: 'Add a stage', row: { id: null, name: '' } }}
        >
            {(stage, set, place) => (
                <TextField
                    label={`Stage ${String(place + 1)}`}
                    isLabelHidden
                    className="min-w-0 flex-1"
                    maxLength={60}
                    placeholder={`Stage ${String(place + 1)}`}
                    value={stage.name}
                    error={errors[`stages.${String(place)}.name`]}
                    onChange={(event) => {
                        set({ name: event.target.value });
                    }}
                />
            )}
        </Rows>
    );
}
