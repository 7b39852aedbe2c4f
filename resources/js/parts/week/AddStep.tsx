import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import type { TaskRow } from '../../generated/props';
import { route } from '../../lib/routes';

/** A line to write the next step on. Cutting a task into steps starts the count of carrying anew. */
export function AddStep({ task }: { task: TaskRow }) {
    const form = useForm(`new step of task ${String(task.id)}`, { title: '' });

    const add = (event: SubmitEvent) => {
        event.preventDefault();

        if (form.data.title.trim() !== '') {
            form.post(route('steps.store', task.id), {
                as: ({ title }) => ({ titles: [title] }),
                preserveScroll: true,
                onSuccess: () => {
                    form.reset();
                },
            });
        }
    };

    return (
        <form onSubmit={add} className="flex min-h-8 items-center gap-3">
            <span aria-hidden className="w-3 text-center text-ink-2">
                +
            </span>
            <input
                aria-label="Add a step"
                placeholder="Add a step"
                maxLength={200}
                value={form.data.title}
                onChange={(event) => {
                    form.setData('title', event.target.value);
                }}
                className="flex-1 border-b border-transparent bg-transparent py-1 placeholder:text-ink-2 focus:border-rule focus:outline-none"
            />
        </form>
    );
}
