import { AddLine } from '../fields/AddLine';
import type { TaskRow } from '../../generated/props';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';

/** A line to write the next step on. Splitting a task into steps starts the count of carrying over anew. */
export function AddStep({ task }: { task: TaskRow }) {
    const form = useForm(`new step of task ${String(task.id)}`, { title: '' });

    return <AddLine words="Add a step" maxLength={200} {...addingLines(form, 'title', route('steps.store', task.id))} />;
}
