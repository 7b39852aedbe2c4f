import { useForm } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
import { Section } from '../Section';
import type { TaskView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { SelectField, TextArea, TextField } from '../../ui/Field';

/** What a task is, in words, with its estimate and whom it waits on. */
export function TaskDetails({ page }: { page: TaskView }) {
    const { task } = page;
    const form = useForm({
        title: task.title,
        notes: page.notes ?? '',
        minutes: task.minutes === null ? '' : String(task.minutes),
        waiting_on: task.waitingOn ?? '',
        ask_again_on: task.askAgainOn ?? '',
        attention: page.attention ?? '',
        place: page.place ?? '',
        driver_id: page.driver === null ? '' : String(page.driver),
    });

    // What stood there when one began to write: a change of somebody else meanwhile is not overwritten.
    // Once that was refused, both stand on the screen, and what was saved is known.
    const stands = { title: task.title, notes: page.notes ?? '' };
    const [began, setBegan] = useState(stands);
    const seen = form.errors.title !== undefined || form.errors.notes !== undefined ? stands : began;

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.transform((data) => ({ ...data, seen }));
        form.put(route('tasks.update', task.id), {
            preserveScroll: true,
            onSuccess: () => {
                setBegan({ title: form.data.title, notes: form.data.notes });
                form.setDefaults();
            },
        });
    };

    return (
        <Section title="What it is" className="mt-6">
            <form onSubmit={save} className="space-y-4 pt-1">
                <TextField label="Title" maxLength={200} {...bind(form, 'title')} />
                <TextArea label="Notes" rows={4} {...bind(form, 'notes')} />
                <div className="grid grid-cols-2 gap-4">
                    <TextField label="Estimate in min" inputMode="numeric" {...bind(form, 'minutes')} />
                    <TextField label="Waits on" maxLength={120} list="waits-on" {...bind(form, 'waiting_on')} />
                    <datalist id="waits-on">
                        {page.names.map((name) => (
                            <option key={name} value={name} />
                        ))}
                    </datalist>
                    {form.data.waiting_on !== '' && <TextField label="Ask again on" type="date" {...bind(form, 'ask_again_on')} />}
                    <SelectField label="Attention it takes" {...bind(form, 'attention')}>
                        <option value="">Not said</option>
                        <option value="full">Full</option>
                        <option value="normal">Normal</option>
                        <option value="little">Little</option>
                    </SelectField>
                    <TextField label="Place" maxLength={60} {...bind(form, 'place')} />
                </div>
                {page.drivers.length > 0 && (
                    <SelectField label="Work on the driver" {...bind(form, 'driver_id')}>
                        <option value="">None</option>
                        {page.drivers.map((driver) => (
                            <option key={driver.value} value={driver.value}>
                                {driver.label}
                            </option>
                        ))}
                    </SelectField>
                )}
                <Button kind="main" type="submit" disabled={form.processing || !form.isDirty}>
                    Save
                </Button>
            </form>
        </Section>
    );
}
