import { peopleAsOptions } from '../../lib/options';
import { RecordField } from '../Choose';
import type { Option, PersonTag, StandingValues } from '../../generated/props';
import { TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { NumberField } from '../../ui/NumberField';

interface Props {
    items: StandingValues[];
    people: PersonTag[];
    goals: Option[];
    errors: Partial<Record<string, string>>;
    onChange: (items: StandingValues[]) => void;
}

/** What comes up every time, in order, with what is to be looked at. */
export function StandingFields({ items, people, goals, errors, onChange }: Props) {
    const owners = peopleAsOptions(people);

    return (
        <Rows
            legend="Standing agenda"
            error={errors.standing}
            rows={items}
            keyOf={(item) => item.id}
            onChange={onChange}
            add={{ words: 'Add an item', row: { id: null, title: '', minutes: 5, owner: null, goal: null } }}
        >
            {(item, set, place) => (
                <>
                    <TextField
                        label="Item"
                        isLabelHidden
                        className="min-w-40 flex-1"
                        placeholder="Item"
                        value={item.title}
                        error={errors[`standing.${String(place)}.title`]}
                        onChange={(event) => {
                            set({ title: event.target.value });
                        }}
                    />
                    <NumberField
                        label="Min"
                        isLabelHidden
                        className="w-16"
                        min={1}
                        max={600}
                        value={item.minutes}
                        error={errors[`standing.${String(place)}.minutes`]}
                        onChange={(value) => {
                            set({ minutes: Number(value) });
                        }}
                    />
                    <RecordField
                        label="Owner"
                        isLabelHidden
                        className="w-32"
                        none="everybody"
                        value={item.owner}
                        options={owners}
                        onChoose={(owner) => {
                            set({ owner });
                        }}
                    />
                    <RecordField
                        label="Goal to look at"
                        isLabelHidden
                        className="w-40"
                        none="no goal"
                        value={item.goal}
                        options={goals}
                        onChoose={(goal) => {
                            set({ goal });
                        }}
                    />
                </>
            )}
        </Rows>
    );
}
