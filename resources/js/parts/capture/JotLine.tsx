import { grouped } from '../../lib/options';
import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { LookAgain } from './LookAgain';
import type { JotRow, Option } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

interface Props {
    jot: JotRow;
    projects: Option[];
    /** When a task of it can be planned for, the first being what is offered. */
    times: { value: string; words: string }[];
    showsWho?: boolean;
    mayShelve?: boolean;
}

/** A jot and what can become of it. */
export function JotLine({ jot, projects, times, showsWho = false, mayShelve = false }: Props) {
    const form = useForm(`task of jot ${String(jot.id)}`, { title: jot.words.slice(0, 200), project: '', planned: times[0]?.value ?? '' });

    const sort = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('jots.task', jot.id), { preserveScroll: true });
    };

    return (
        <li className="border-t border-rule py-3">
            <p className="mb-2 whitespace-pre-line">
                {jot.words}{' '}
                <span className="text-xs text-ink-2">
                    {showsWho && `${jot.by.name}, `}
                    {dayWords(jot.jottedOn)}
                </span>
            </p>
            <form onSubmit={sort} className="flex flex-wrap items-start gap-3">
                <TextField label="Task" isLabelHidden className="min-w-60 flex-1" maxLength={200} {...bind(form, 'title')} />
                <SelectField
                    label="Project"
                    isLabelHidden
                    className="w-52"
                    {...bind(form, 'project')}
                    none="In no project"
                    options={grouped(projects)}
                />
                <SelectField
                    label="When"
                    isLabelHidden
                    className="w-32"
                    {...bind(form, 'planned')}
                    options={times.map((time) => ({ value: time.value, label: time.words }))}
                />
                <Button kind="main" type="submit" disabled={form.processing}>
                    Make a task
                </Button>
                {mayShelve && <LookAgain kind="idea" id={jot.id} words="Shelve" />}
                <Button
                    onClick={() => {
                        act('delete', route('jots.destroy', jot.id));
                    }}
                >
                    Delete
                </Button>
            </form>
        </li>
    );
}
