import { RecordField } from '../fields/Choose';
import type { GoalFormView, GoalValues } from '../../generated/props';
import { SelectField } from '../../ui/Select';
import { SeenBy } from '../fields/SeenBy';

interface Props {
    page: GoalFormView;
    data: GoalValues;
    errors: Partial<Record<string, string>>;
    set: (change: Partial<GoalValues>) => void;
}

/** Whose goal it is, who may see it, and whether it counts above for those who may not. */
export function SeenByFields({ page, data, errors, set }: Props) {
    return (
        <div className="space-y-4">
            <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                <SelectField
                    label="Whose goal"
                    value={data.scope}
                    error={errors.scope}
                    onChange={(value) => {
                        set({ scope: value as GoalValues['scope'] });
                    }}
                    options={[
                        { value: 'company', label: 'The company’s' },
                        { value: 'group', label: 'A group’s' },
                        { value: 'person', label: 'One person’s' },
                    ]}
                />
                {data.scope === 'group' && (
                    <RecordField
                        label="Which group’s"
                        none="Choose one"
                        value={data.group}
                        options={page.groups}
                        error={errors.group}
                        onChoose={(group) => {
                            set({ group });
                        }}
                    />
                )}
            </div>
            <SeenBy
                viewing={data}
                groups={page.groups}
                people={page.people}
                errors={errors}
                countsIn={data.parent === null ? null : 'the goal above'}
                onChange={set}
            />
        </div>
    );
}
