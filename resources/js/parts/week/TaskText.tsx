import { SaveOrCancel } from '../fields/SaveOrCancel';
import { clsx } from 'clsx';
import { type ReactNode, type SubmitEvent, useRef, type RefObject } from 'react';
import { Section } from '../signs/Section';
import { TaskTick } from '../task/TaskTick';
import type { TaskView, TaskRow } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { useForm, type Form } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';

interface Props {
    page: TaskView;
    /** What stands between the title and the notes. */
    children: ReactNode;
    /** What stands beside the notes. It may have forms of its own. */
    beside: ReactNode;
}

/** A task's title and notes, written where they stand. What is changed is saved with a button, or Enter in the title. */
export function TaskText({ page, children, beside }: Props) {
    const { task } = page;
    const sheet = useRef<HTMLFormElement>(null);
    const isOver = task.isDone || task.isAside;
    const form = useForm(`task ${String(task.id)}`, { title: task.title, notes: page.notes ?? '' });
    const problem = form.errors.title ?? form.errors.notes ?? null;

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('tasks.update', task.id));
    };

    return (
        <div className="grid gap-x-8 lg:grid-cols-2">
            <form ref={sheet} onSubmit={save} className="contents">
                <div className="lg:col-span-2">
                    <h1 className="sr-only">{task.title}</h1>
                    <TitleLine task={task} sheet={sheet} isOver={isOver} form={form} />
                    {children}
                </div>
                <Notes form={form} problem={problem} />
            </form>
            <div className="order-1 mt-3">{beside}</div>
        </div>
    );
}

function TitleLine({
    task,
    sheet,
    isOver,
    form,
}: {
    task: TaskRow;
    sheet: RefObject<HTMLFormElement | null>;
    isOver: boolean;
    form: Form<{ title: string; notes: string }>;
}) {
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
                    isOver && 'text-ink-2 line-through',
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

function Notes({ form, problem }: { form: Form<{ title: string; notes: string }>; problem: string | null }) {
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
            {problem !== null && (
                <p role="alert" className="mt-1 text-sm font-medium text-persimmon">
                    {problem}
                </p>
            )}
            {form.isDirty && (
                <div className="mt-2">
                    <SaveOrCancel form={form} />
                </div>
            )}
        </div>
    );
}
