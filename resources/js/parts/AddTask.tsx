import { AddLine } from './AddLine';
import { useForm } from '../lib/kept/useForm';
import { route } from '../lib/routes';

interface Props {
    /** What it is added to: a project, a stage, a goal, a week. */
    to: { project?: number; goal?: number; stage_id?: number | null; planned?: string; owner_id?: number };
    words: string;
    /** What is typed is kept under this name, where it is not of the one place alone. */
    name?: string;
}

/** A line to write the next task on. Enter keeps it, and the line is free again. */
export function AddTask({ to, words, name = JSON.stringify(to) }: Props) {
    const form = useForm(`new task for ${name}`, { title: '' });

    return (
        <AddLine
            words={words}
            value={form.data.title}
            error={Object.values(form.errors)[0]}
            onChange={(title) => {
                form.setData('title', title);
            }}
            onAdd={() => {
                form.post(route('tasks.store'), {
                    as: (data) => ({ ...data, ...to }),
                    preserveScroll: true,
                    preserveState: true,
                    onSuccess: () => {
                        form.reset();
                    },
                });
            }}
        />
    );
}
