import { usePage } from '@inertiajs/react';
import { PersonField } from '../Choose';
import type { TaskView } from '../../generated/props';
import { dayWords, plannedWords } from '../../lib/dates';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';
import { change, plan } from '../../lib/tasks';
import { Check, SelectField, TextField } from '../../ui/Field';

/** When one means to do it, when it must be done, by whom, and where it stands. Each is kept as it is chosen. */
export function TaskTime({ page }: { page: TaskView }) {
    const { frame } = usePage().props;
    const { task } = page;
    const weeks = frame?.rail.weeks ?? [];
    const from = weeks.findIndex((week) => week.name === frame?.thisWeek);
    const onDay = /^\d{4}-\d{2}-\d{2}$/.test(task.planned ?? '');
    const known = [frame?.today, ...weeks.slice(from, from + 10).map((week) => week.name)];

    return (
        <>
            <SelectField
                label="When you mean to do it"
                value={task.planned ?? ''}
                onChange={(event) => {
                    plan(task, event.target.value === '' ? null : event.target.value);
                }}
            >
                <option value="">No time</option>
                {task.planned !== null && !known.includes(task.planned) && (
                    <option value={task.planned}>{plannedWords(task.planned)}</option>
                )}
                {frame != null && <option value={frame.today}>Today, {dayWords(frame.today)}</option>}
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
                value={onDay ? (task.planned ?? '') : ''}
                onChange={(event) => {
                    if (event.target.value !== '') {
                        plan(task, event.target.value);
                    }
                }}
            />
            {onDay && (
                <TextField
                    label="At a time, if it has one"
                    type="time"
                    value={task.plannedAt ?? ''}
                    onChange={(event) => {
                        plan(task, task.planned, event.target.value === '' ? null : event.target.value);
                    }}
                />
            )}
            <TextField
                label="Due: when it must be done"
                type="date"
                value={task.dueOn ?? ''}
                onChange={(event) => {
                    change(task, { due_on: event.target.value === '' ? null : event.target.value });
                }}
            />
            <PersonField
                label="Owner"
                value={task.owner.id}
                people={page.people}
                onChoose={(owner) => {
                    change(task, { owner_id: owner });
                }}
            />
            {page.stages.length > 0 && (
                <SelectField
                    label="Stage"
                    value={task.stageId ?? ''}
                    onChange={(event) => {
                        act('put', route('tasks.move', task.id), { stage: event.target.value === '' ? null : Number(event.target.value) });
                    }}
                >
                    <option value="">The first</option>
                    {page.stages.map((stage) => (
                        <option key={stage.value} value={stage.value}>
                            {stage.label}
                        </option>
                    ))}
                </SelectField>
            )}
            {!task.isDone && (
                <>
                    <Check
                        label={page.underWaySince === null ? 'Under way' : `Under way since ${dayWords(page.underWaySince)}`}
                        checked={task.isUnderWay}
                        onChange={(on) => {
                            change(task, { under_way: on });
                        }}
                    />
                    <SelectField
                        label="To be looked over by"
                        value={page.lookOverBy ?? ''}
                        onChange={(event) => {
                            change(task, { look_over_by_id: event.target.value === '' ? null : Number(event.target.value) });
                        }}
                    >
                        <option value="">Nobody</option>
                        {page.people.map((person) => (
                            <option key={person.id} value={person.id}>
                                {person.name}
                            </option>
                        ))}
                    </SelectField>
                </>
            )}
            <SelectField
                label="Rank"
                value={task.rank ?? ''}
                onChange={(event) => {
                    change(task, { rank: event.target.value === '' ? null : event.target.value });
                }}
            >
                <option value="">None</option>
                <option>A</option>
                <option>B</option>
                <option>C</option>
            </SelectField>
        </>
    );
}
