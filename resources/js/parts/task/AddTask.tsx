import { AddLine } from '../fields/AddLine';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { useReadLine } from '../../lib/useReadLine';

interface Props {
    /** What it is added to: a project, a stage, a goal, a week, or the day on which it was done. */
    to: { project?: number; goal?: number; stage_id?: number | null; planned?: string; owner_id?: number; done_on?: string };
    words: string;
    /** What is typed is kept under this name, where it is not of the one place alone. */
    name?: string;
}

/** A line to write the next task on, in plain English. Enter keeps it, and the line is free again. */
export function AddTask({ to, words, name = JSON.stringify(to) }: Props) {
    const form = useForm(`new task for ${name}`, { title: '' });
    const reading = useReadLine(form.data.title);

    return (
        <AddLine
            words={words}
            reading={reading}
            {...addingLines(form, 'title', route('tasks.store'), {
                as: (data) => ({ ...data, ...to, ...reading.said, isLine: true }),
                onSent: reading.reset,
            })}
            error={Object.values(form.errors)[0]}
        />
    );
}
