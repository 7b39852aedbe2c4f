import { useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import type { TaskView } from '../../generated/props';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { Section } from '../Section';

/** What a task is, in words, with its estimate and whom it waits on. */
export function TaskDetails({ page }: { page: TaskView }) {
    const { task } = page;
    const form = useForm({
        title: task.title,
        notes: page.notes ?? '',
        minutes: task.minutes === null ? '' : String(task.minutes),
        waiting_on: task.waitingOn ?? '',
    });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('tasks.update', task.id), { preserveScroll: true });
    };

    return (
        <Section title="What it is" className="mt-6">
            <form onSubmit={save} className="space-y-4 pt-1">
                <TextField
                    label="Title"
                    maxLength={200}
                    value={form.data.title}
                    error={form.errors.title}
                    onChange={(event) => {
                        form.setData('title', event.target.value);
                    }}
                />
                <TextArea
                    label="Notes"
                    rows={4}
                    value={form.data.notes}
                    error={form.errors.notes}
                    onChange={(event) => {
                        form.setData('notes', event.target.value);
                    }}
                />
                <div className="grid grid-cols-2 gap-4">
                    <TextField
                        label="Estimate in min"
                        inputMode="numeric"
                        value={form.data.minutes}
                        error={form.errors.minutes}
                        onChange={(event) => {
                            form.setData('minutes', event.target.value);
                        }}
                    />
                    <TextField
                        label="Waits on"
                        maxLength={120}
                        value={form.data.waiting_on}
                        error={form.errors.waiting_on}
                        onChange={(event) => {
                            form.setData('waiting_on', event.target.value);
                        }}
                    />
                </div>
                <Button kind="main" type="submit" disabled={form.processing || !form.isDirty}>
                    Save
                </Button>
            </form>
        </Section>
    );
}
