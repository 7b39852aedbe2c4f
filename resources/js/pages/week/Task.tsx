import { Head, Link, useForm, usePage } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import type { TaskView } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords, fullDateWords, plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { change, plan, setAside, tick } from '../../lib/tasks';
import { AddStep } from '../../parts/week/AddStep';
import { Cord } from '../../parts/Cord';
import { Section } from '../../parts/Section';
import { Button } from '../../ui/Button';
import { SelectField, TextArea, TextField } from '../../ui/Field';
import { Tick } from '../../ui/Tick';

/** A task at its own address, edited in place. */
export default function Task({ page }: { page: TaskView }) {
    const { task } = page;

    return (
        <div className="grid flex-1 grid-cols-[1fr_300px] max-lg:grid-cols-1">
            <Head title={task.title} />
            <div className="min-w-0 px-6 py-6 max-md:px-4">
                <div className="mb-1 flex flex-wrap items-center gap-3 text-xs text-ink-2">
                    <Cord cord={task.cord} />
                    {task.for !== null && task.forLink !== null ? (
                        <Link href={task.forLink} className="hover:underline">
                            for {task.for}
                        </Link>
                    ) : (
                        'serves no project or goal'
                    )}
                    {page.origin !== null && (
                        <Link href={page.origin.value} className="hover:underline">
                            from {page.origin.label}
                        </Link>
                    )}
                    {task.isPrivate && <span>only you see it</span>}
                </div>
                <div className="flex items-start gap-4">
                    <span className="pt-1.5">
                        <Tick label={`Done: ${task.title}`} isOn={task.isDone} disabled={task.isAside} onToggle={() => { tick(task); }} />
                    </span>
                    <h1 className={task.isDone || task.isAside ? 'text-ink-2 line-through' : ''}>{task.title}</h1>
                </div>
                <State page={page} />
                <Section title="Steps" className="mt-6" aside={page.steps.length > 0 ? 'The last one ticked ticks the task.' : undefined}>
                    <ul className="divide-y divide-hairline">
                        {page.steps.map((step) => (
                            <li key={step.id} className="flex min-h-8 items-center gap-3">
                                <Tick label={`Done: ${step.title}`} isOn={step.isDone} onToggle={() => { act('put', route('steps.tick', step.id), { done: !step.isDone }); }} />
                                <span className={step.isDone ? 'flex-1 text-ink-2 line-through' : 'flex-1'}>{step.title}</span>
                                <Button kind="quiet" aria-label={`Remove ${step.title}`} onClick={() => { act('delete', route('steps.destroy', step.id)); }}>
                                    Remove
                                </Button>
                            </li>
                        ))}
                    </ul>
                    <AddStep task={task} />
                </Section>
                <Details key={task.id} page={page} />
            </div>
            <aside className="space-y-4 border-l border-hairline px-6 py-6 max-lg:border-0 max-md:px-4">
                <When page={page} />
                <div className="flex flex-wrap gap-2 border-t border-hairline pt-4">
                    {task.isAside ? (
                        <Button onClick={() => { setAside(task, 'take_back'); }}>Take back</Button>
                    ) : (
                        !task.isDone && (
                            <>
                                <Button onClick={() => { setAside(task, 'shelve'); }}>Shelve</Button>
                                <Button onClick={() => { setAside(task, 'drop'); }}>Drop</Button>
                            </>
                        )
                    )}
                </div>
                <p className="text-xs text-ink-2">Created {fullDateWords(page.createdOn)}.</p>
            </aside>
        </div>
    );
}

function State({ page }: { page: TaskView }) {
    const { task } = page;
    const words = [
        task.doneOn !== null && task.isDone ? `done ${dayWords(task.doneOn)}` : null,
        task.isAside ? (page.isShelved ? 'on the shelf' : 'dropped') : null,
        task.isLate && task.dueOn !== null ? `late, due ${dayWords(task.dueOn)}` : null,
        task.carried > 0 && !task.isDone ? `has come along ${String(task.carried)} ${task.carried === 1 ? 'time' : 'times'}` : null,
        page.waitingSince !== null && task.waitingOn !== null ? `waits on ${task.waitingOn} since ${dayWords(page.waitingSince)}` : null,
    ].filter(Boolean);

    return words.length === 0 ? null : <p className={task.isLate ? 'mt-1 font-semibold text-persimmon' : 'mt-1 text-ink-2'}>{words.join(', ')}</p>;
}

function When({ page }: { page: TaskView }) {
    const { frame } = usePage().props;
    const { task } = page;
    const weeks = frame?.rail.weeks ?? [];
    const from = weeks.findIndex((week) => week.name === frame?.thisWeek);
    const known = [frame?.today, ...weeks.slice(from, from + 10).map((week) => week.name)];

    return (
        <>
            <SelectField label="When you mean to do it" value={task.planned ?? ''} onChange={(event) => { plan(task, event.target.value === '' ? null : event.target.value); }}>
                <option value="">No time</option>
                {task.planned !== null && !known.includes(task.planned) && <option value={task.planned}>{plannedWords(task.planned)}</option>}
                {frame !== null && <option value={frame.today}>Today, {dayWords(frame.today)}</option>}
                {weeks.slice(from, from + 10).map((week) => (
                    <option key={week.name} value={week.name}>
                        Week {week.number}
                        {week.name === frame?.thisWeek && ', this one'}
                    </option>
                ))}
            </SelectField>
            <TextField
                label="Or on a day"
                type="date"
                value={/^\d{4}-\d{2}-\d{2}$/.test(task.planned ?? '') ? (task.planned ?? '') : ''}
                onChange={(event) => { if (event.target.value !== '') { plan(task, event.target.value); } }}
            />
            <TextField label="Due: when it must be done" type="date" value={task.dueOn ?? ''} onChange={(event) => { change(task, { due_on: event.target.value === '' ? null : event.target.value }); }} />
            <SelectField label="Owner" value={task.owner.id} onChange={(event) => { change(task, { owner_id: Number(event.target.value) }); }}>
                {page.people.map((person) => (
                    <option key={person.id} value={person.id}>
                        {person.name}
                    </option>
                ))}
            </SelectField>
            {page.stages.length > 0 && (
                <SelectField label="Stage" value={task.stageId ?? ''} onChange={(event) => { change(task, { stage_id: event.target.value === '' ? null : Number(event.target.value) }); }}>
                    <option value="">The first</option>
                    {page.stages.map((stage) => (
                        <option key={stage.value} value={stage.value}>
                            {stage.label}
                        </option>
                    ))}
                </SelectField>
            )}
            <SelectField label="Rank" value={task.rank ?? ''} onChange={(event) => { change(task, { rank: event.target.value === '' ? null : event.target.value }); }}>
                <option value="">None</option>
                <option>A</option>
                <option>B</option>
                <option>C</option>
            </SelectField>
        </>
    );
}

function Details({ page }: { page: TaskView }) {
    const { task } = page;
    const form = useForm({ title: task.title, notes: page.notes ?? '', minutes: task.minutes === null ? '' : String(task.minutes), waiting_on: task.waitingOn ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('tasks.update', task.id), { preserveScroll: true });
    };

    return (
        <Section title="What it is" className="mt-6">
            <form onSubmit={save} className="space-y-4 pt-1">
                <TextField label="Title" maxLength={200} value={form.data.title} error={form.errors.title} onChange={(event) => { form.setData('title', event.target.value); }} />
                <TextArea label="Notes" rows={4} value={form.data.notes} error={form.errors.notes} onChange={(event) => { form.setData('notes', event.target.value); }} />
                <div className="grid grid-cols-2 gap-4">
                    <TextField label="Estimate in min" inputMode="numeric" value={form.data.minutes} error={form.errors.minutes} onChange={(event) => { form.setData('minutes', event.target.value); }} />
                    <TextField label="Waits on" maxLength={120} value={form.data.waiting_on} error={form.errors.waiting_on} onChange={(event) => { form.setData('waiting_on', event.target.value); }} />
                </div>
                <Button kind="main" type="submit" disabled={form.processing || !form.isDirty}>
                    Save
                </Button>
            </form>
        </Section>
    );
}
