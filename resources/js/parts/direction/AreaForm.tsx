import { useForm } from '../../lib/kept/useForm';
import type { AreaKind, AreaRow, PersonTag } from '../../generated/props';
import { act } from '../../lib/act';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { SelectField, TextArea, TextField } from '../../ui/Field';

export const kindWords: Record<AreaKind, string> = { area: 'Area', client: 'Client', role: 'Role' };

interface Props {
    area: AreaRow | null;
    notes?: string;
    people: PersonTag[];
    mayRemove?: boolean;
    onDone: () => void;
}

export function AreaForm({ area, notes = '', people, mayRemove = false, onDone }: Props) {
    const form = useForm(`area ${String(area?.id)}`, {
        name: area?.name ?? '',
        kind: area?.kind ?? 'area',
        owner: String(area?.owner?.id ?? ''),
        notes,
    });

    const save = saving(form, area?.id, route('areas.store'), (id) => route('areas.update', id), onDone);

    return (
        <form onSubmit={save} className="space-y-4">
            <TextField label="Name" maxLength={80} {...bind(form, 'name')} />
            <div className="grid grid-cols-2 gap-4">
                <SelectField label="Kind" {...bind(form, 'kind')}>
                    <option value="area">Area: a lasting responsibility</option>
                    <option value="client">Client</option>
                    <option value="role">Role: duties held by one person</option>
                </SelectField>
                <SelectField label="Responsible" {...bind(form, 'owner')}>
                    <option value="">Nobody yet</option>
                    {people.map((person) => (
                        <option key={person.id} value={person.id}>
                            {person.name}
                        </option>
                    ))}
                </SelectField>
            </div>
            <TextArea label="Notes" rows={5} maxLength={20000} {...bind(form, 'notes')} />
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={form.processing}>
                    {area === null ? 'Add' : 'Save'}
                </Button>
                {area !== null && mayRemove && (
                    <Button
                        onClick={() => {
                            act('delete', route('areas.destroy', area.id));
                        }}
                    >
                        Delete
                    </Button>
                )}
            </div>
        </form>
    );
}
