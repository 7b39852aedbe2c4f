import { type SubmitEvent, useState } from 'react';
import { RoleAndHours } from './RoleAndHours';
import type { PersonRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { SelectField } from '../../ui/Select';

/** What a lead can do about somebody's account: role and hours, another link, set aside with what they own handed over. */
export function EditPerson({ row, people }: { row: PersonRow; people: PersonRow[] }) {
    if (row.isAside) {
        return (
            <Button
                kind="quiet"
                onClick={() => {
                    act('post', route('people.back', row.person.id));
                }}
            >
                Reactivate
            </Button>
        );
    }

    return (
        <DialogButton words="Edit" kind="quiet" title={row.person.name} hint={row.email}>
            {(close) => <Fields row={row} people={people} onDone={close} />}
        </DialogButton>
    );
}

function Fields({ row, people, onDone }: { row: PersonRow; people: PersonRow[]; onDone: () => void }) {
    const form = useForm<{ role: string; weeklyHours: string }>(`account of ${String(row.person.id)}`, {
        role: row.role,
        weeklyHours: String(row.weeklyHours),
    });
    const [heir, setHeir] = useState('');
    const [problem, setProblem] = useState<string>();

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('people.update', row.person.id), { onSuccess: onDone });
    };

    return (
        <div className="space-y-6">
            <form onSubmit={save} className="space-y-4">
                <RoleAndHours role={bind(form, 'role')} hours={bind(form, 'weeklyHours')} />
                <div className="flex gap-3">
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Save
                    </Button>
                    <Button
                        onClick={() => {
                            act('post', route('people.link', row.person.id), {}, { onDone });
                        }}
                    >
                        Send a link for a new password
                    </Button>
                </div>
            </form>
            <section className="border-t border-hairline pt-3">
                <h3 className="text-base">Deactivate</h3>
                <p className="mb-2 text-sm text-ink-2">
                    {row.person.name} will no longer be able to sign in. Open work that others can see goes to somebody else; everything
                    they did keeps their name.
                </p>
                <div className="flex flex-wrap items-start gap-3">
                    <SelectField
                        label="New owner"
                        isLabelHidden
                        className="w-56"
                        value={heir}
                        error={problem}
                        onChange={(value) => {
                            setHeir(value);
                        }}
                        none="Choose a new owner"
                        options={people
                            .filter((each) => each.person.id !== row.person.id && !each.isAside)
                            .map((each) => ({ value: each.person.id, label: each.person.name }))}
                    />
                    <Button
                        disabled={heir === ''}
                        onClick={() => {
                            act('post', route('people.aside', row.person.id), { heir }, { onDone, onRefused: setProblem });
                        }}
                    >
                        Deactivate
                    </Button>
                </div>
            </section>
        </div>
    );
}
