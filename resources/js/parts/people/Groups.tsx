import { useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { CheckList } from '../fields/CheckList';
import { Empty, Section } from '../signs/Section';
import type { GroupRow, People, PersonTag } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';

type Open = GroupRow | 'new' | null;

/** Named groups of people: goals can be a group's, or be seen by it alone. */
export function Groups({ page }: { page: People }) {
    const [open, setOpen] = useState<Open>(null);
    const people = page.people.map((row) => row.person);

    return (
        <Section title="Groups" className="mt-8 max-w-3xl" aside="A goal can belong to a group, or be visible to it alone.">
            {page.groups.length === 0 && <Empty>No groups yet. For example: the leads, or the workshop.</Empty>}
            <ul className="divide-y divide-hairline">
                {page.groups.map((group) => (
                    <li key={group.id} className="flex min-h-10 flex-wrap items-center gap-x-4 py-1">
                        <span className="w-44 font-semibold">{group.name}</span>
                        <span className="min-w-0 flex-1 text-ink-2">{group.people.map((person) => person.name).join(', ')}</span>
                        {page.mayAdd && (
                            <Button
                                kind="quiet"
                                aria-label={`Edit the group ${group.name}`}
                                onClick={() => {
                                    setOpen(group);
                                }}
                            >
                                Edit
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            {page.mayAdd && (
                <Button
                    className="mt-3"
                    onClick={() => {
                        setOpen('new');
                    }}
                >
                    Add a group
                </Button>
            )}
            <Dialog
                isOpen={open !== null}
                onOpenChange={() => {
                    setOpen(null);
                }}
                title={open === null || open === 'new' ? 'Add a group' : `Edit ${open.name}`}
            >
                {open !== null && (
                    <GroupForm
                        group={open === 'new' ? null : open}
                        people={people}
                        onDone={() => {
                            setOpen(null);
                        }}
                    />
                )}
            </Dialog>
        </Section>
    );
}

function GroupForm({ group, people, onDone }: { group: GroupRow | null; people: PersonTag[]; onDone: () => void }) {
    const form = useForm(`group ${String(group?.id)}`, {
        name: group?.name ?? '',
        people: group?.people.map((person) => person.id) ?? [],
    });

    const save = saving(form, group?.id, route('groups.store'), (id) => route('groups.update', id), onDone);

    return (
        <form onSubmit={save} className="space-y-4">
            <TextField label="Name" maxLength={80} {...bind(form, 'name')} />
            <CheckList
                legend="Members"
                choices={people.map((person) => ({ value: person.id, words: person.name }))}
                chosen={form.data.people}
                error={form.errors.people}
                onChange={(chosen) => {
                    form.setData('people', chosen);
                }}
            />
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={form.processing}>
                    {group === null ? 'Add' : 'Save'}
                </Button>
                {group !== null && (
                    <Button
                        onClick={() => {
                            act('delete', route('groups.destroy', group.id), {}, { onDone });
                        }}
                    >
                        Delete group
                    </Button>
                )}
            </div>
        </form>
    );
}
