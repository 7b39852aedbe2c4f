import { Head, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import type { JotRow, Tray as TrayProps } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Grouped } from '../../parts/Grouped';
import { Empty } from '../../parts/Section';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';

export default function Tray({ page }: { page: TrayProps }) {
    return (
        <div className="mx-auto w-full max-w-4xl px-6 py-6 max-md:px-4">
            <Head title="Tray" />
            <h1>Tray</h1>
            <p className="mb-4 text-ink-2">What you wrote down and have not sorted. Make a task of it, or throw it away.</p>
            {page.jots.length === 0 && <Empty>Nothing in it. Press n anywhere to jot a thought.</Empty>}
            <ul>
                {page.jots.map((jot) => (
                    <Jot key={jot.id} jot={jot} page={page} />
                ))}
            </ul>
        </div>
    );
}

function Jot({ jot, page }: { jot: JotRow; page: TrayProps }) {
    const form = useForm({ title: jot.words.slice(0, 200), project: '', planned: page.thisWeek });

    const sort = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('jots.task', jot.id), { preserveScroll: true });
    };

    return (
        <li className="border-t border-rule py-3">
            <p className="mb-2 whitespace-pre-line">
                {jot.words} <span className="text-xs text-ink-2">{dayWords(jot.jottedOn)}</span>
            </p>
            <form onSubmit={sort} className="flex flex-wrap items-start gap-3">
                <TextField label="Task" isLabelHidden className="min-w-60 flex-1" maxLength={200} {...bind(form, 'title')} />
                <SelectField label="Project" isLabelHidden className="w-52" {...bind(form, 'project')}>
                    <option value="">In no project</option>
                    <Grouped options={page.projects} />
                </SelectField>
                <SelectField label="When" isLabelHidden className="w-32" {...bind(form, 'planned')}>
                    <option value={page.thisWeek}>This week</option>
                    <option value={page.nextWeek}>Next week</option>
                    <option value="">Later</option>
                </SelectField>
                <Button kind="main" type="submit" disabled={form.processing}>
                    Make a task
                </Button>
                <Button
                    onClick={() => {
                        act('delete', route('jots.destroy', jot.id));
                    }}
                >
                    Throw away
                </Button>
            </form>
        </li>
    );
}
