import { grouped } from '../../lib/options';
import type { Option, PersonTag } from '../../generated/props';
import { SelectField } from '../../ui/Select';

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
            onChange={(value) => {
                onChoose(Number(value));
            }}
            options={people.map((person) => ({ value: person.id, label: person.name }))}
        />
    );
}

/** Chooses one of several records, or none of them. */
export function RecordField({ value, options, none, onChoose, ...field }: Props<number | null> & { options: Option[]; none: string }) {
    return (
        <SelectField
            {...field}
            value={value ?? ''}
            onChange={(value) => {
                onChoose(value === '' ? null : Number(value));
            }}
            none={none}
            options={grouped(options)}
        />
    );
}
