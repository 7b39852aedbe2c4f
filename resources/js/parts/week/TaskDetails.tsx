import { useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
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
        attention: page.attention ?? '',
        place: page.place ?? '',
        driver_id: page.driver === null ? '' : String(page.driver),
    });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('tasks.update', task.id), { preserveScroll: true });
    };

    return (
        <Section title="What it is" className="mt-6">
            <form onSubmit={save} className="space-y-4 pt-1">
                <TextField label="Title" maxLength={200} {...bind(form, 'title')} />
                <TextArea label="Notes" rows={4} {...bind(form, 'notes')} />
                <div className="grid grid-cols-2 gap-4">
                    <TextField label="Estimate in min" inputMode="numeric" {...bind(form, 'minutes')} />
                    <TextField label="Waits on" maxLength={120} {...bind(form, 'waiting_on')} />
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
