import { clsx } from 'clsx';
import { type ReactNode, type RefObject, type SubmitEvent, useRef } from 'react';
import { SaveOrCancel } from '../fields/SaveOrCancel';
import { Section } from '../signs/Section';
import { TaskTick } from '../task/TaskTick';
import type { TaskView, TaskRow } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { useForm, type Form } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { Problem } from '../../ui/Problem';

interface Props {
    page: TaskView;
    /** What stands between the title and the notes. */
    children: ReactNode;
    /** What stands beside the notes. It may have forms of its own. */
    beside: ReactNode;
}

interface Text {
    title: string;
    notes: string;
}

/** A task's title and notes, written where they stand. What is changed is saved with a button, or Enter in the title. */
export function TaskText({ page, children, beside }: Props) {
    const { task } = page;
    const sheet = useRef<HTMLFormElement>(null);
    const form = useForm<Text>(`task ${String(task.id)}`, { title: task.title, notes: page.notes ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('tasks.update', task.id));
    };

    return (
        <div className="grid gap-x-8 lg:grid-cols-2">
            <form ref={sheet} onSubmit={save} className="contents">
                <div className="lg:col-span-2">
                    <h1 className="sr-only">{task.title}</h1>
                    <TitleLine task={task} form={form} sheet={sheet} />
                    {children}
                </div>
                <Notes form={form} />
            </form>
            <div className="order-1 mt-3">{beside}</div>
        </div>
    );
}

interface TitleProps {
    task: TaskRow;
    form: Form<Text>;
    sheet: RefObject<HTMLFormElement | null>;
}

function TitleLine({ task, form, sheet }: TitleProps) {
    return (
        <div className="flex items-start gap-4">
            <span className="pt-1.5">
                <TaskTick task={task} />
            </span>
            <textarea
                aria-label="Title"
                rows={1}
                maxLength={200}
                value={form.data.title}
                aria-invalid={form.errors.title !== undefined}
                className={clsx(
                    'field-sizing-content w-full resize-none bg-transparent',
                    'text-xl font-semibold tracking-tight outline-offset-4',
                    (task.isDone || task.isAside) && 'text-ink-2 line-through',
                )}
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
            {task.minutes !== null && <span className="pt-1.5 font-mono whitespace-nowrap">{hoursWords(task.minutes)}</span>}
        </div>
    );
}

function Notes({ form }: { form: Form<Text> }) {
    return (
        <div className="order-2 mt-3">
            <Section title="Notes">
                <textarea
                    aria-label="Notes"
                    rows={3}
                    maxLength={20000}
                    placeholder="Write here"
                    value={form.data.notes}
                    aria-invalid={form.errors.notes !== undefined}
                    className="ruled field-sizing-content min-h-20 w-full resize-none bg-transparent outline-offset-4"
                    onChange={(event) => {
                        form.setData('notes', event.target.value);
                    }}
                />
            </Section>
            <Problem isAlert words={form.errors.title ?? form.errors.notes} className="mt-1" />
            {form.isDirty && (
                <div className="mt-2">
                    <SaveOrCancel form={form} />
                </div>
            )}
        </div>
    );
}
