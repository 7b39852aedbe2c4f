import { useForm } from '@inertiajs/react';
import { type SubmitEvent, useRef, useState } from 'react';
import type { TaskView } from '../../generated/props';
import { route } from '../../lib/routes';
import { tick } from '../../lib/tasks';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Tick';

/** A task's title and notes, written where they stand. What is changed is kept with a button, or Enter in the title. */
export function TaskText({ page, children }: { page: TaskView; children: React.ReactNode }) {
    const { task } = page;
    const form = useForm({ title: task.title, notes: page.notes ?? '' });
    const sheet = useRef<HTMLFormElement>(null);
    const isOver = task.isDone || task.isAside;

    // What stood there when one began to write: a change of somebody else meanwhile is not overwritten.
    // Once that was refused, both stand on the screen, and what was saved is known.
    const stands = { title: task.title, notes: page.notes ?? '' };
    const [began, setBegan] = useState(stands);
    const problem = form.errors.title ?? form.errors.notes;
    const seen = problem === undefined ? began : stands;

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
        <form ref={sheet} onSubmit={save}>
            <h1 className="sr-only">{task.title}</h1>
            <div className="flex items-start gap-4">
                <span className="pt-1.5">
                    <Tick
                        label={`Done: ${task.title}`}
                        isOn={task.isDone}
                        disabled={task.isAside}
                        onToggle={() => {
                            tick(task);
                        }}
                    />
                </span>
                <textarea
                    aria-label="Title"
                    rows={1}
                    maxLength={200}
                    value={form.data.title}
                    aria-invalid={form.errors.title !== undefined}
                    className={`field-sizing-content w-full resize-none bg-transparent text-xl font-semibold tracking-tight outline-offset-4 ${isOver ? 'text-ink-2 line-through' : ''}`}
                    onChange={(event) => {
                        form.setData('title', event.target.value);
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.preventDefault();
                            sheet.current?.requestSubmit();
                        }
                    }}
                />
            </div>
            {children}
            <textarea
                aria-label="Notes"
                rows={3}
                maxLength={20000}
                placeholder="Notes"
                value={form.data.notes}
                aria-invalid={form.errors.notes !== undefined}
                className="ruled mt-4 field-sizing-content min-h-20 w-full resize-none bg-transparent outline-offset-4"
                onChange={(event) => {
                    form.setData('notes', event.target.value);
                }}
            />
            {problem !== undefined && (
                <p role="alert" className="mt-1 text-sm font-medium text-persimmon">
                    {problem}
                </p>
            )}
            {form.isDirty && (
                <div className="mt-2 flex gap-3">
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Save
                    </Button>
                    <Button
                        kind="quiet"
                        onClick={() => {
                            form.reset();
                            form.clearErrors();
                        }}
                    >
                        Leave as it was
                    </Button>
                </div>
            )}
        </form>
    );
}
