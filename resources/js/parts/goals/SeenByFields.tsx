import { CheckList } from '../CheckList';
import { RecordField } from '../Choose';
import type { GoalFormView, GoalValues, Option } from '../../generated/props';
import { SelectField } from '../../ui/Select';
import { Check } from '../../ui/Check';

interface Props {
    page: GoalFormView;
    data: GoalValues;
    errors: Partial<Record<string, string>>;
    set: <K extends keyof GoalValues>(field: K, value: GoalValues[K]) => void;
}

/** Whose goal it is, who may see it, and whether it counts above for those who may not. */
export function SeenByFields({ page, data, errors, set }: Props) {
    const isHidden = data.visibility !== 'everyone';

    return (
        <div className="space-y-4">
            <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                <SelectField
                    label="Whose goal"
                    value={data.scope}
                    error={errors.scope}
                    onChange={(value) => {
                        set('scope', value as GoalValues['scope']);
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
                            set('group', group);
                        }}
                    />
                )}
                <SelectField
                    label="Who may see it"
                    value={data.visibility}
                    error={errors.visibility}
                    onChange={(value) => {
                        set('visibility', value as GoalValues['visibility']);
                    }}
                    options={[
                        { value: 'everyone', label: 'Everyone' },
                        { value: 'chosen', label: 'Chosen groups and people' },
                        { value: 'only_me', label: 'Only me' },
                    ]}
                />
            </div>
            {data.visibility === 'chosen' && (
                <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                    <CheckList
                        legend="Groups that can see it"
                        choices={page.groups.map(toChoice)}
                        chosen={data.groups}
                        onChange={(chosen) => {
                            set('groups', chosen);
                        }}
                    />
                    <CheckList
                        legend="People who can see it, besides the owner"
                        choices={page.people.map((person) => ({ value: person.id, words: person.name }))}
                        chosen={data.people}
                        onChange={(chosen) => {
                            set('people', chosen);
                        }}
                    />
                </div>
            )}
            {isHidden && data.parent !== null && (
                <div>
                    <Check
                        label="Counts in the goal above without its name: others see its points there and nothing else"
                        checked={data.countsUnnamed}
                        onChange={(on) => {
                            set('countsUnnamed', on);
                        }}
                    />
                    {errors.countsUnnamed !== undefined && <p className="text-sm font-medium text-persimmon">{errors.countsUnnamed}</p>}
                </div>
            )}
        </div>
    );
}

const toChoice = (option: Option) => ({ value: Number(option.value), words: option.label });
