import { useForm } from '../../lib/kept/useForm';
import { useState } from 'react';
import { CheckList } from '../CheckList';
import { Empty, Section } from '../Section';
import type { CircleRow, People, PersonTag } from '../../generated/props';
import { act } from '../../lib/act';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';

type Open = CircleRow | 'new' | null;

/** Named groups of people: goals can be a circle's, or be seen by it alone. */
export function Circles({ page }: { page: People }) {
    const [open, setOpen] = useState<Open>(null);
    const people = page.people.map((row) => row.person);

    return (
        <Section title="Groups" className="mt-8 max-w-3xl" aside="A goal can belong to a group, or be visible to it alone.">
            {page.circles.length === 0 && <Empty>No groups yet. For example: the leads, or the workshop.</Empty>}
            <ul className="divide-y divide-hairline">
                {page.circles.map((circle) => (
                    <li key={circle.id} className="flex min-h-10 flex-wrap items-center gap-x-4 py-1">
                        <span className="w-44 font-semibold">{circle.name}</span>
                        <span className="min-w-0 flex-1 text-ink-2">{circle.people.map((person) => person.name).join(', ')}</span>
                        {page.mayAdd && (
                            <Button
                                kind="quiet"
                                aria-label={`Edit the group ${circle.name}`}
                                onClick={() => {
                                    setOpen(circle);
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
                    <CircleForm
                        circle={open === 'new' ? null : open}
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

function CircleForm({ circle, people, onDone }: { circle: CircleRow | null; people: PersonTag[]; onDone: () => void }) {
    const form = useForm(`circle ${String(circle?.id)}`, {
        name: circle?.name ?? '',
        people: circle?.people.map((person) => person.id) ?? [],
    });

    const save = saving(form, circle?.id, route('circles.store'), (id) => route('circles.update', id), onDone);

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
                    {circle === null ? 'Add' : 'Save'}
                </Button>
                {circle !== null && (
                    <Button
                        onClick={() => {
                            act('delete', route('circles.destroy', circle.id), {}, { onDone });
                        }}
                    >
                        Delete group
                    </Button>
                )}
            </div>
        </form>
    );
}
