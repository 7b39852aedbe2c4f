import { usePage } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import { type SubmitEvent, useState } from 'react';
import { CheckList } from '../CheckList';
import { Section } from '../Section';
import type { FieldEntry, ProjectView } from '../../generated/props';
import { act } from '../../lib/act';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

/** Collections that a project is in, and what stands in the team's own fields. */
export function OwnFields({ page }: { page: ProjectView }) {
    const { frame } = usePage().props;
    const names = page.collections.filter((each) => page.gathered.includes(Number(each.value))).map((each) => each.label);

    return (
        <Section title="More details">
            <dl className="space-y-2 pt-1">
                <div className="flex flex-wrap items-baseline justify-between gap-2">
                    <dt className="text-xs text-ink-2">Collections</dt>
                    <dd className="flex flex-1 flex-wrap items-baseline justify-end gap-2 text-right">
                        {names.length === 0 ? <span className="text-ink-2">none</span> : names.join(', ')}
                        {page.mayChange && (
                            <DialogButton words="Choose" kind="quiet" className="-my-2 -mr-3" title="Choose collections">
                                {(close) => <Gather page={page} onDone={close} />}
                            </DialogButton>
                        )}
                    </dd>
                </div>
                {page.fields.map((field) => (
                    <div key={field.id} className="grid grid-cols-[1fr_150px] items-center gap-2">
                        <dt className="min-w-0 text-xs break-words text-ink-2">{field.name}</dt>
                        <dd>{page.mayChange ? <OwnField field={field} project={page.project.id} /> : (field.value ?? '–')}</dd>
                    </div>
                ))}
            </dl>
            {frame?.role === 'lead' && (
                <DialogButton
                    words="Extra fields"
                    kind="quiet"
                    className="-ml-3"
                    title="Extra fields"
                    hint="Shown on every project and in the register."
                >
                    {() => <Fields page={page} />}
                </DialogButton>
            )}
        </Section>
    );
}

function Gather({ page, onDone }: { page: ProjectView; onDone: () => void }) {
    const [chosen, setChosen] = useState(page.gathered);
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
                    act('put', route('projects.gather', page.project.id), { collections: chosen, named }, { onDone });
                }}
            >
                Save
            </Button>
        </div>
    );
}

/** Kept as it is left. */
function OwnField({ field, project }: { field: FieldEntry; project: number }) {
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

    return (
        <TextField
            key={field.value}
            label={field.name}
            isLabelHidden
            type={field.kind === 'date' ? 'date' : 'text'}
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
            preserveScroll: true,
            preserveState: true,
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
