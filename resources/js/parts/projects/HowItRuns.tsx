import type { StageOrder, Weighing } from '../../generated/props';
import { SelectField } from '../../ui/Field';

interface Props {
    order: StageOrder;
    weighing: Weighing;
    onChange: (change: { order: StageOrder } | { weighing: Weighing }) => void;
}

/** Whether the stages of a project or template come one after the other, and what its tasks weigh. */
export function HowItRuns({ order, weighing, onChange }: Props) {
    return (
        <>
            <SelectField
                label="Tasks can be done"
                value={order}
                onChange={(event) => {
                    onChange({ order: event.target.value as StageOrder });
                }}
            >
                <option value="any">in any order</option>
                <option value="staged">stage by stage</option>
            </SelectField>
            <SelectField
                label="Tasks count"
                value={weighing}
                onChange={(event) => {
                    onChange({ weighing: event.target.value as Weighing });
                }}
            >
                <option value="count">the same each</option>
                <option value="effort">by estimated time</option>
            </SelectField>
        </>
    );
}
