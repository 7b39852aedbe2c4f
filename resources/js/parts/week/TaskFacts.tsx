import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import { grouped } from '../../lib/options';
import { OptionalFacts } from './OptionalFacts';
import { PersonField, RecordField } from '../fields/Choose';
import { KeptDate, KeptField, KeptTime } from '../fields/KeptField';
import type { TaskView } from '../../generated/props';
import { dayWords, hoursWords, isDay, plannedWords } from '../../lib/dates';
import { act } from '../../lib/queue/act';
import { readMinutes } from '../../lib/readMinutes';
import { route } from '../../lib/routes';
import { change, plan } from '../../lib/tasks';
import { SelectField } from '../../ui/Select';
import { Check } from '../../ui/Check';

const orNull = (value: string) => (value === '' ? null : value);

/** What is known of a task besides its words: what is set, and the rest a press away. Each is kept as it is chosen, or as one leaves it. */
export function TaskFacts({ page }: { page: TaskView }) {
    const { task } = page;
    const set = (field: string) => (value: string, refuse?: (why: string) => void) => {
        change(task, { [field]: orNull(value) }, refuse);
    };

    return (
        <div className="facts border-t border-rule">
            <Planned page={page} />
            <KeptDate label="Due" placeholder="not set" value={task.dueOn ?? ''} onKeep={set('due_on')} />
            {task.dueOn !== null && <KeptTime label="Due by" value={task.dueAt ?? ''} onKeep={set('due_at')} />}
            <PersonField
                label="Owner"
                value={task.owner.id}
                people={page.people}
                onChoose={(owner) => {
                    change(task, { owner_id: owner });
                }}
            />
            <KeptField
                label="Estimate"
                placeholder="–"
                value={task.minutes === null ? '' : hoursWords(task.minutes).replaceAll('\u00a0', ' ')}
                title="For example 45, 1h 30 or 1.5 h"
                onKeep={(written, refuse) => {
                    set('minutes')(readMinutes(written), refuse);
                }}
            />
            {page.stages.length > 0 && (
                <RecordField
                    label="Stage"
                    value={task.stageId}
                    options={page.stages}
                    none="the first"
                    onChoose={(stage) => {
                        act('put', route('tasks.move', task.id), { stage });
                    }}
                />
            )}
            {!task.isDone && (
                <div>
                    <span className="text-xs text-ink-2">State</span>
                    <Check
                        label={page.inProgressSince === null ? 'In progress' : `In progress since ${dayWords(page.inProgressSince)}`}
                        checked={task.isInProgress}
                        onChange={(on) => {
                            change(task, { in_progress: on });
                        }}
                    />
                </div>
            )}
            <OptionalFacts page={page} set={set} />
        </div>
    );
}

const A_DAY = 'day';

/** When one means to do it: from a year down to a time of day. */
function Planned({ page: { task } }: { page: TaskView }) {
    const { frame } = usePage().props;
    const times = frame?.times ?? [];
    const day = task.planned !== null && isDay(task.planned) ? task.planned : null;
    const [asksDay, askDay] = useState(false);
    const isListed = [frame?.today, ...times.map((time) => time.value)].includes(task.planned ?? undefined);

    return (
        <>
            <SelectField
                label="Planned for"
                value={asksDay ? A_DAY : (task.planned ?? '')}
                onChange={(value) => {
                    askDay(value === A_DAY);

                    if (value !== A_DAY) {
                        plan(task, orNull(value));
                    }
                }}
                none="not scheduled"
                options={[
                    ...(task.planned !== null && !isListed ? [{ value: task.planned, label: plannedWords(task.planned) }] : []),
                    ...(frame != null ? [{ value: frame.today, label: `today, ${dayWords(frame.today)}` }] : []),
                    { value: A_DAY, label: 'on a day …' },
                    ...grouped(times),
                ]}
            />
            {(day !== null || asksDay) && (
                <KeptDate
                    label="On"
                    autoFocus={asksDay}
                    value={day ?? ''}
                    onKeep={(chosen) => {
                        askDay(false);
                        plan(task, orNull(chosen));
                    }}
                />
            )}
            {day !== null && (
                <KeptTime
                    label="At"
                    value={task.plannedAt ?? ''}
                    onKeep={(at) => {
                        plan(task, day, orNull(at));
                    }}
                />
            )}
        </>
    );
}
