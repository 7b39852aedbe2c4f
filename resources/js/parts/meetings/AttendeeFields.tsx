import type { SeriesFormView } from '../../generated/props';
import { grouped } from '../../lib/options';
import { Check } from '../../ui/Check';
import { Rows } from '../../ui/Rows';
import { SelectField } from '../../ui/Select';
import { Problem } from '../../ui/Problem';

interface Attending {
    attendees: number[];
    groups: number[];
    guests: number[];
}

interface Props {
    page: Pick<SeriesFormView, 'people' | 'groups' | 'contacts'>;
    value: Attending;
    errors: Partial<Record<string, string>>;
    onChange: (to: Partial<Attending>) => void;
}

const toggled = (ids: number[], id: number, on: boolean) => (on ? [...ids, id] : ids.filter((each) => each !== id));

/** Who attends: groups, whoever is in them; people; contacts without an account. */
export function AttendeeFields({ page, value, errors, onChange }: Props) {
    const free = page.contacts.find((contact) => !value.guests.includes(Number(contact.value)));
    const through = new Set(
        page.groups.filter(({ id }) => value.groups.includes(id)).flatMap((group) => group.people.map((person) => person.id)),
    );

    return (
        <>
            <fieldset>
                <legend className="mb-1 text-sm font-semibold">Attendees</legend>
                <Problem words={errors.attendees} />
                {page.groups.length > 0 && (
                    <div className="mb-2 grid grid-cols-3 gap-x-4 border-b border-hairline pb-2 max-md:grid-cols-1">
                        {page.groups.map((group) => (
                            <Check
                                key={group.id}
                                label={`Everyone in ${group.name}`}
                                checked={value.groups.includes(group.id)}
                                onChange={(on) => {
                                    onChange({ groups: toggled(value.groups, group.id, on) });
                                }}
                            />
                        ))}
                    </div>
                )}
                <div className="grid grid-cols-3 gap-x-4 max-md:grid-cols-1">
                    {page.people.map((person) => (
                        <Check
                            key={person.id}
                            label={person.name}
                            checked={value.attendees.includes(person.id) || through.has(person.id)}
                            disabled={through.has(person.id)}
                            onChange={(on) => {
                                onChange({ attendees: toggled(value.attendees, person.id, on) });
                            }}
                        />
                    ))}
                </div>
            </fieldset>
            {page.contacts.length > 0 && (
                <Rows
                    legend="Guests"
                    hint="Contacts who attend, without an account."
                    error={errors.guests}
                    rows={value.guests.map((id) => ({ id }))}
                    onChange={(rows) => {
                        onChange({ guests: rows.map(({ id }) => id) });
                    }}
                    add={{ words: 'Add a guest', row: free === undefined ? null : { id: Number(free.value) } }}
                >
                    {(row, set) => (
                        <SelectField
                            label="Guest"
                            isLabelHidden
                            className="w-72"
                            value={row.id}
                            options={grouped(page.contacts)}
                            onChange={(id) => {
                                set({ id: Number(id) });
                            }}
                        />
                    )}
                </Rows>
            )}
        </>
    );
}
