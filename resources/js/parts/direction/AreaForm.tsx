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
                <SelectField label="What it is" {...bind(form, 'kind')}>
                    <option value="area">An area: held for good</option>
                    <option value="client">A client</option>
                    <option value="role">A role that somebody wears</option>
                </SelectField>
                <SelectField label="Who holds it" {...bind(form, 'owner')}>
                    <option value="">Nobody in particular</option>
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
                        Remove it
                    </Button>
                )}
            </div>
        </form>
    );
}
