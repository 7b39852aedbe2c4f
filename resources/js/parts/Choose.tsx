import { Grouped } from './Grouped';
import type { Option, PersonTag } from '../generated/props';
import { SelectField } from '../ui/Field';

interface Props<T> {
    label: string;
    value: number | null;
    onChoose: (id: T) => void;
    error?: string | undefined;
    isLabelHidden?: boolean;
    className?: string;
}

/** Chooses one of the people. */
export function PersonField({ value, people, onChoose, ...field }: Props<number> & { people: PersonTag[] }) {
    return (
        <SelectField
            {...field}
            value={value ?? ''}
            onChange={(event) => {
                onChoose(Number(event.target.value));
            }}
        >
            {people.map((person) => (
                <option key={person.id} value={person.id}>
                    {person.name}
                </option>
            ))}
        </SelectField>
    );
}

/** People among whom there can also be no choice. */
export const peopleAsOptions = (people: PersonTag[]): Option[] =>
    people.map((person) => ({ value: String(person.id), label: person.name, group: null }));

/** Chooses one of several records, or none of them. */
export function RecordField({ value, options, none, onChoose, ...field }: Props<number | null> & { options: Option[]; none: string }) {
    return (
        <SelectField
            {...field}
            value={value ?? ''}
            onChange={(event) => {
                onChoose(event.target.value === '' ? null : Number(event.target.value));
            }}
        >
            <option value="">{none}</option>
            <Grouped options={options} />
        </SelectField>
    );
}
