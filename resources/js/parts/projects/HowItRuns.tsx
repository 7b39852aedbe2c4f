import type { StageOrder, Weighing } from '../../generated/props';
import { SelectField } from '../../ui/Select';

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
                onChange={(value) => {
                    onChange({ order: value as StageOrder });
                }}
                options={[
                    { value: 'any', label: 'in any order' },
                    { value: 'staged', label: 'stage by stage' },
                ]}
            />
            <SelectField
                label="Tasks count"
                value={weighing}
                onChange={(value) => {
                    onChange({ weighing: value as Weighing });
                }}
                options={[
                    { value: 'count', label: 'the same each' },
                    { value: 'effort', label: 'by estimated time' },
                ]}
            />
        </>
    );
}
