import { usePage } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { CheckList } from '../fields/CheckList';
import type { FieldEntry, ProjectView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { DialogButton } from '../../ui/DialogButton';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

/** Chooses the collections that a project is in. */
export function CollectionsButton({ page }: { page: ProjectView }) {
    return (
        <DialogButton words="Collections" kind="quiet" title="Choose collections">
            {(close) => <Gather page={page} onDone={close} />}
        </DialogButton>
    );
}

/** The team's own fields: filled in for this project, and added or deleted by leads. */
export function ExtraFields({ page }: { page: ProjectView }) {
    const { frame } = usePage().props;
    const isLead = frame?.role === 'lead';

    if (!isLead && (page.fields.length === 0 || !page.mayChange)) {
        return null;
    }

    return (
        <DialogButton words="Extra fields" kind="quiet" title="Extra fields" hint="Shown on every project and in the register.">
            {() => (
                <div className="space-y-5">
                    {page.mayChange && (
                        <dl className="space-y-2">
                            {page.fields.map((field) => (
                                <div key={field.id} className="grid grid-cols-[1fr_220px] items-center gap-2">
                                    <dt className="min-w-0 break-words">{field.name}</dt>
                                    <dd>
                                        <OwnField field={field} project={page.project.id} />
                                    </dd>
                                </div>
                            ))}
                        </dl>
                    )}
                    {isLead && <Fields page={page} />}
                </div>
            )}
        </DialogButton>
    );
}

function Gather({ page, onDone }: { page: ProjectView; onDone: () => void }) {
    const [began] = useState(page.gathered);
    const [chosen, setChosen] = useState(began);
    const [named, setNamed] = useState('');

    return (
        <div className="space-y-4">
            {page.collections.length > 0 && (
                <CheckList
                    legend="Collections"
                    choices={page.collections.map((each) => ({ value: Number(each.value), words: each.label }))}
                    chosen={chosen}
                    onChange={setChosen}
                />
            )}
            <TextField
                label="New collection"
                maxLength={80}
                value={named}
                onChange={(event) => {
                    setNamed(event.target.value);
                }}
            />
            <Button
                kind="main"
                onClick={() => {
                    act(
                        'put',
                        route('projects.gather', page.project.id),
                        { collections: chosen, named, seen: { collections: began } },
                        { onDone },
                    );
                }}
            >
                Save
            </Button>
        </div>
    );
}

/** Saved as it is left. */
export function OwnField({ field, project }: { field: FieldEntry; project: number }) {
    const keep = (value: string) => {
        if (value !== (field.value ?? '')) {
            act('put', route('fields.enter', [project, field.id]), { value });
        }
    };

    if (field.kind === 'choice') {
        return (
            <SelectField
                label={field.name}
                isLabelHidden
                value={field.value ?? ''}
                onChange={(value) => {
                    keep(value);
                }}
                none="–"
                options={field.choices.map((choice) => ({ value: choice, label: choice }))}
            />
        );
    }

    return field.kind === 'date' ? (
        <DateField label={field.name} isLabelHidden value={field.value ?? ''} onChange={keep} />
    ) : (
        <TextField
            key={field.value}
            label={field.name}
            isLabelHidden
            inputMode={field.kind === 'number' ? 'decimal' : undefined}
            maxLength={200}
            defaultValue={field.value ?? ''}
            onBlur={(event) => {
                keep(event.target.value);
            }}
        />
    );
}

function Fields({ page }: { page: ProjectView }) {
    const form = useForm('new field', { name: '', kind: 'text', choices: '' });
    const add = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('fields.store'), {
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <div className="space-y-5">
            <ul className="divide-y divide-hairline">
                {page.fields.map((field) => (
                    <li key={field.id} className="flex items-baseline justify-between gap-3">
                        <span>
                            {field.name} <span className="text-xs text-ink-2">{field.kind}</span>
                        </span>
                        <Button
                            kind="quiet"
                            aria-label={`Delete the field ${field.name}`}
                            onClick={() => {
                                act('delete', route('fields.destroy', field.id));
                            }}
                        >
                            Delete
                        </Button>
                    </li>
                ))}
            </ul>
            <form onSubmit={add} className="grid grid-cols-2 gap-3">
                <TextField label="Name" maxLength={60} {...bind(form, 'name')} />
                <SelectField
                    label="Kind"
                    {...bind(form, 'kind')}
                    options={[
                        { value: 'text', label: 'text' },
                        { value: 'number', label: 'number' },
                        { value: 'date', label: 'date' },
                        { value: 'choice', label: 'choice' },
                    ]}
                />
                {form.data.kind === 'choice' && (
                    <TextArea label="Choices, one per line" className="col-span-full" rows={3} {...bind(form, 'choices')} />
                )}
                <Button type="submit" className="justify-self-start" disabled={form.processing || form.data.name.trim() === ''}>
                    Add field
                </Button>
            </form>
        </div>
    );
}
