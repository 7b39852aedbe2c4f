import type { Option, PersonTag, StandingValues } from '../../generated/props';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { Grouped } from '../Grouped';

interface Props {
    items: StandingValues[];
    people: PersonTag[];
    goals: Option[];
    errors: Partial<Record<string, string>>;
    onChange: (items: StandingValues[]) => void;
}

/** What comes up every time, in order, with what is to be looked at. */
export function StandingFields({ items, people, goals, errors, onChange }: Props) {
    const set = (place: number, change: Partial<StandingValues>) => {
        onChange(items.map((item, index) => (index === place ? { ...item, ...change } : item)));
    };
    const id = (value: string) => (value === '' ? null : Number(value));

    return (
        <fieldset>
            <legend className="mb-1 text-sm font-semibold">What comes every time</legend>
            {errors.standing !== undefined && <p className="text-sm font-medium text-persimmon">{errors.standing}</p>}
            {items.map((item, place) => (
                <div key={item.id ?? `new ${String(place)}`} className="mt-2 flex flex-wrap items-start gap-2">
                    <TextField
                        label="Item"
                        isLabelHidden
                        className="min-w-40 flex-1"
                        placeholder="Item"
                        value={item.title}
                        error={errors[`standing.${String(place)}.title`]}
                        onChange={(event) => {
                            set(place, { title: event.target.value });
                        }}
                    />
                    <TextField
                        label="Min"
                        isLabelHidden
                        className="w-16"
                        type="number"
                        min={1}
                        value={item.minutes}
                        error={errors[`standing.${String(place)}.minutes`]}
                        onChange={(event) => {
                            set(place, { minutes: Number(event.target.value) });
                        }}
                    />
                    <SelectField
                        label="Owner"
                        isLabelHidden
                        className="w-32"
                        value={item.owner ?? ''}
                        onChange={(event) => {
                            set(place, { owner: id(event.target.value) });
                        }}
                    >
                        <option value="">everybody</option>
                        {people.map((person) => (
                            <option key={person.id} value={person.id}>
                                {person.name}
                            </option>
                        ))}
                    </SelectField>
                    <SelectField
                        label="Looks at"
                        isLabelHidden
                        className="w-40"
                        value={item.goal ?? ''}
                        onChange={(event) => {
                            set(place, { goal: id(event.target.value) });
                        }}
                    >
                        <option value="">looks at no goal</option>
                        <Grouped options={goals} />
                    </SelectField>
                    <Button
                        kind="quiet"
                        onClick={() => {
                            onChange(items.filter((_, index) => index !== place));
                        }}
                    >
                        Remove
                    </Button>
                </div>
            ))}
            <Button
                className="mt-2"
                onClick={() => {
                    onChange([...items, { id: null, title: '', minutes: 5, owner: null, goal: null }]);
                }}
            >
                Add an item
            </Button>
        </fieldset>
    );
}
