import { grouped } from '../../lib/options';
import { useForm } from '../../lib/kept/useForm';
import { type SubmitEvent, useState } from 'react';
import { ReturnDate } from './ReturnDate';
import type { JotRow, Option } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { WordSelect } from '../../ui/Select';

interface Props {
    jot: JotRow;
    projects: Option[];
    /** When a task of it can be planned for, the first being what is offered. */
    times: { value: string; words: string }[];
    showsWho?: boolean;
    mayShelve?: boolean;
}

/** How long the title of a task can be. */
const TITLE = 200;

/** What was jotted down, as the title it would have as a task, and what can become of it. */
export function JotLine({ jot, projects, times, showsWho = false, mayShelve = false }: Props) {
    const form = useForm(`task of jot ${String(jot.id)}`, {
        title: jot.words.slice(0, TITLE),
        project: '',
        planned: times[0]?.value ?? '',
    });

    const [isOpen, setOpen] = useState(false);

    if (!isOpen) {
        return (
            <li className="flex items-baseline justify-between gap-4 border-t border-hairline py-1.5">
                <button
                    type="button"
                    aria-expanded={false}
                    title="Sort"
                    className="two-lines min-h-6 text-left hover:underline"
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    {jot.words}
                </button>
                <span className="flex-none text-xs text-ink-2">
                    {showsWho && `${jot.by.name}, `}
                    {dayWords(jot.jottedOn)}
                </span>
            </li>
        );
    }

    const sort = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('jots.task', jot.id), { preserveScroll: true });
    };

    return (
        <li className="border-t border-hairline py-2">
            {(jot.words.includes('\n') || jot.words.length > TITLE) && <p className="mb-1 whitespace-pre-line text-ink-2">{jot.words}</p>}
            <form onSubmit={sort} className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <input
                    aria-label="Task"
                    maxLength={TITLE}
                    value={form.data.title}
                    onChange={(event) => {
                        form.setData('title', event.target.value);
                    }}
                    className="min-w-60 flex-1 border-b border-transparent bg-transparent py-1 font-semibold hover:border-hairline focus:border-rule focus:outline-none"
                />
                <span className="flex-none text-xs text-ink-2">
                    {showsWho && `${jot.by.name}, `}
                    {dayWords(jot.jottedOn)}
                </span>
                <WordSelect label="Project" {...bind(form, 'project')} none="no project" options={grouped(projects)} />
                <WordSelect
                    label="When"
                    {...bind(form, 'planned')}
                    options={times.map((time) => ({ value: time.value, label: time.words }))}
                />
                <span className="flex flex-none items-center gap-2">
                    <Button type="submit" disabled={form.processing}>
                        Make a task
                    </Button>
                    {mayShelve && <ReturnDate kind="idea" id={jot.id} words="Shelve" />}
                    <Button
                        kind="quiet"
                        aria-label={`Delete ${jot.words.slice(0, 60)}`}
                        onClick={() => {
                            act('delete', route('jots.destroy', jot.id));
                        }}
                    >
                        Delete
                    </Button>
                </span>
                {Object.values(form.errors).map((why) => (
                    <p key={why} className="w-full text-sm font-medium text-persimmon">
                        {why}
                    </p>
                ))}
            </form>
        </li>
    );
}
