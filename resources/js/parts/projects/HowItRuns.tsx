import type { StageOrder, Weighing } from '../../generated/props';
import { SelectField } from '../../ui/Field';

interface Props {
    order: StageOrder;
    weighing: Weighing;
    onChange: (change: { order: StageOrder } | { weighing: Weighing }) => void;
}

/** Whether the stages of a project or pattern come one after the other, and what its tasks weigh. */
export function HowItRuns({ order, weighing, onChange }: Props) {
    return (
        <>
            <SelectField
                label="Its stages"
                value={order}
                onChange={(event) => {
                    onChange({ order: event.target.value as StageOrder });
                }}
            >
                <option value="any">run side by side</option>
                <option value="staged">come one after the other</option>
            </SelectField>
            <SelectField
                label="Its tasks weigh"
                value={weighing}
                onChange={(event) => {
                    onChange({ weighing: event.target.value as Weighing });
                }}
            >
                <option value="count">the same each</option>
                <option value="effort">by their estimated minutes</option>
            </SelectField>
        </>
    );
}
