import { useForm } from '../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { route } from '../lib/routes';

interface Props {
    /** What it is added to: a project, a stage, a goal, a week. */
    to: { project?: number; goal?: number; stage_id?: number | null; planned?: string; owner_id?: number };
    words: string;
}

/** A line to write the next task on. Enter keeps it, and the line is free again. */
export function AddTask({ to, words }: Props) {
    const form = useForm(`new task for ${JSON.stringify(to)}`, { title: '' });
    const error = Object.values(form.errors)[0];

    const add = (event: SubmitEvent) => {
        event.preventDefault();

        if (form.data.title.trim() === '') {
            return;
        }

        form.post(route('tasks.store'), {
            as: (data) => ({ ...data, ...to }),
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <form onSubmit={add} className="flex min-h-8 items-center gap-3">
            <span aria-hidden className="w-3 flex-none text-center text-ink-2">
                +
            </span>
            <span className="min-w-0 flex-1">
                <input
                    aria-label={words}
                    aria-invalid={error !== undefined}
                    placeholder={words}
                    value={form.data.title}
                    onChange={(event) => {
                        form.setData('title', event.target.value);
                    }}
                    className="w-full border-b border-transparent bg-transparent py-1 placeholder:text-ink-2 focus:border-rule focus:outline-none"
                />
                {error !== undefined && <p className="text-sm font-medium text-persimmon">{error}</p>}
            </span>
        </form>
    );
}
