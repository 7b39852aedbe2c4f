import { type ReactNode, type SubmitEvent, useRef, useState } from 'react';
import { TaskTick } from '../TaskTick';
import type { TaskView } from '../../generated/props';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

interface Text {
    title: string;
    notes: string;
}

const differ = (one: Text, other: Text) => one.title !== other.title || one.notes !== other.notes;

/** A task's title and notes, written where they stand. What is changed is kept with a button, or Enter in the title. */
export function TaskText({ page, children }: { page: TaskView; children: ReactNode }) {
    const { task } = page;
    const sheet = useRef<HTMLFormElement>(null);
    const isOver = task.isDone || task.isAside;
    const stands = { title: task.title, notes: page.notes ?? '' };
    const [text, setText] = useState(stands);
    const [began, setBegan] = useState(stands);
    const [problem, setProblem] = useState<string | null>(null);
    const isDirty = differ(text, began);

    // What was saved elsewhere, or taken back, comes in as long as nothing of one's own is unsaved.
    if (!isDirty && differ(stands, began)) {
        setText(stands);
        setBegan(stands);
    }

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        // What stood there when one began to write: a change of somebody else meanwhile is not overwritten.
        // Once that was refused, both stand on the screen, and what is saved then is known.
        const seen = problem === null ? began : stands;
        act(
            'put',
            route('tasks.update', task.id),
            { ...text, seen },
            {
                onDone: () => {
                    setBegan(text);
                    setProblem(null);
                },
                onRefused: setProblem,
            },
        );
    };

    return (
        <form ref={sheet} onSubmit={save}>
            <h1 className="sr-only">{task.title}</h1>
            <div className="flex items-start gap-4">
                <span className="pt-1.5">
                    <TaskTick task={task} />
                </span>
                <textarea
                    aria-label="Title"
                    rows={1}
                    maxLength={200}
                    value={text.title}
                    aria-invalid={problem !== null}
                    className={`field-sizing-content w-full resize-none bg-transparent text-xl font-semibold tracking-tight outline-offset-4 ${isOver ? 'text-ink-2 line-through' : ''}`}
                    onChange={(event) => {
                        setText({ ...text, title: event.target.value });
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
                value={text.notes}
                aria-invalid={problem !== null}
                className="ruled mt-4 field-sizing-content min-h-20 w-full resize-none bg-transparent outline-offset-4"
                onChange={(event) => {
                    setText({ ...text, notes: event.target.value });
                }}
            />
            {problem !== null && (
                <p role="alert" className="mt-1 text-sm font-medium text-persimmon">
                    {problem}
                </p>
            )}
            {isDirty && (
                <div className="mt-2 flex gap-3">
                    <Button kind="main" type="submit">
                        Save
                    </Button>
                    <Button
                        kind="quiet"
                        onClick={() => {
                            setText(stands);
                            setBegan(stands);
                            setProblem(null);
                        }}
                    >
                        Leave as it was
                    </Button>
                </div>
            )}
        </form>
    );
}
