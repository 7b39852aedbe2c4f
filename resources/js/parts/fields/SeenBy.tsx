import type { Option, PersonTag, Visibility } from '../../generated/props';
import { Check } from '../../ui/Check';
import { SelectField } from '../../ui/Select';
import { Problem } from '../../ui/Problem';
import { CheckList } from './CheckList';

export interface Viewing {
    owner: number | null;
    visibility: Visibility;
    groups: number[];
    people: number[];
    countsUnnamed: boolean;
}

interface Props {
    viewing: Viewing;
    groups: Option[];
    people: PersonTag[];
    errors: Partial<Record<string, string>>;
    /** Where it counts, for people who may not see it; null where it counts nowhere. */
    countsIn: string | null;
    onChange: (change: Partial<Viewing>) => void;
}

/** Who may see a goal or a project, and whether it counts above for those who may not. */
export function SeenBy({ viewing, groups, people, errors, countsIn, onChange }: Props) {
    return (
        <div className="space-y-4">
            <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                <SelectField
                    label="Visible to"
                    value={viewing.visibility}
                    error={errors.visibility}
                    onChange={(value) => {
                        onChange({ visibility: value as Visibility });
                    }}
                    options={[
                        { value: 'everyone', label: 'Everyone' },
                        { value: 'chosen', label: 'Chosen groups and people' },
                        { value: 'only_me', label: 'Only me' },
                    ]}
                />
            </div>
            {viewing.visibility === 'chosen' && (
                <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                    <CheckList
                        legend="Groups that can see it"
                        choices={groups.map((group) => ({ value: Number(group.value), words: group.label }))}
                        chosen={viewing.groups}
                        onChange={(chosen) => {
                            onChange({ groups: chosen });
                        }}
                    />
                    <CheckList
                        legend="People who can see it, besides the owner"
                        choices={people.filter(({ id }) => id !== viewing.owner).map(({ id, name }) => ({ value: id, words: name }))}
                        chosen={viewing.people}
                        onChange={(chosen) => {
                            onChange({ people: chosen });
                        }}
                    />
                </div>
            )}
            {viewing.visibility !== 'everyone' && countsIn !== null && (
                <div>
                    <Check
                        label={`Counts in ${countsIn} without its name`}
                        checked={viewing.countsUnnamed}
                        onChange={(on) => {
                            onChange({ countsUnnamed: on });
                        }}
                    />
                    {viewing.countsUnnamed && (
                        <p className="mt-1 max-w-prose text-sm text-ink-2">
                            Others will see a line “not visible to you” with its points. From that line and the others they can work out its
                            weight, how far along it is and on which days it moved; not its name, its owner or its tasks.
                        </p>
                    )}
                    <Problem words={errors.countsUnnamed} />
                </div>
            )}
        </div>
    );
}
