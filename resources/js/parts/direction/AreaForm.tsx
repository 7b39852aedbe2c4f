import { useForm } from '../../lib/kept/useForm';
import type { AreaKind, AreaRow, PersonTag } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

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
                <SelectField
                    label="Kind"
                    {...bind(form, 'kind')}
                    options={[
                        { value: 'area', label: 'Area: a lasting responsibility' },
                        { value: 'client', label: 'Client' },
                        { value: 'role', label: 'Role: duties held by one person' },
                    ]}
                />
                <SelectField
                    label="Responsible"
                    {...bind(form, 'owner')}
                    none="Nobody yet"
                    options={people.map((person) => ({ value: person.id, label: person.name }))}
                />
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
