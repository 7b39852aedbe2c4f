import { AddLine } from '../AddLine';
import type { TaskRow } from '../../generated/props';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';

/** A line to write the next step on. Splitting a task into steps starts the count of carrying over anew. */
export function AddStep({ task }: { task: TaskRow }) {
    const form = useForm(`new step of task ${String(task.id)}`, { title: '' });

    const add = (titles: string[]) => {
        form.post(route('steps.store', task.id), {
            as: () => ({ titles }),
            preserveScroll: true,
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <AddLine
            words="Add a step"
            maxLength={200}
            value={form.data.title}
            error={Object.values(form.errors)[0]}
            onChange={(title) => {
                form.setData('title', title);
            }}
            onAdd={() => {
                add([form.data.title]);
            }}
            onAddMany={add}
        />
    );
}
