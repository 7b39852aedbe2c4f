import { Head } from '@inertiajs/react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { RecurringTaskKind, RecurringTaskView, RecurringTaskValues } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind, bindCheck, bindRecord, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { RecordField } from '../../parts/fields/Choose';
import { OwnerAndArea } from '../../parts/fields/OwnerAndArea';
import { SaveLine } from '../../parts/fields/SaveLine';
import { NextDates } from '../../parts/recurring/NextDates';
import { WhatCameOfIt } from '../../parts/recurring/WhatCameOfIt';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { SelectField } from '../../ui/Select';
import { DateField } from '../../ui/DateField';
import { Check } from '../../ui/Check';
import { Problem } from '../../ui/Problem';

const kinds: [RecurringTaskKind, string][] = [
    ['task', 'A task each time'],
    ['daily', 'A line of the daily checklist'],
    ['checklist', 'A reusable checklist'],
    ['pieces', 'Items of a quarterly output'],
];

/** A recurring task: when it comes back in plain words, what became of its times, and its fields to change. */
export default function RecurringTask({ page }: { page: RecurringTaskView }) {
    const { recurringTask } = page;
    const form = useForm(`recurringTask ${String(recurringTask.id)}`, recurringTask);
    const { data } = form;
    const hasRhythm = data.kind === 'task' || data.kind === 'pieces';

    const save = saving(form, recurringTask.id, route('recurring-tasks.store'), (id) => route('recurring-tasks.update', id));

    return (
        <div className="grid flex-1 grid-cols-[1fr_320px] max-lg:grid-cols-1">
            <Head title={recurringTask.id === null ? 'New recurring task' : recurringTask.title} />
            <form onSubmit={save} className="sheet-edge min-w-0 space-y-5">
                <div>
                    <p className="text-xs text-ink-2">{data.isShared ? 'Shared with the team' : 'Recurring task'}</p>
                    <h1>{recurringTask.id === null ? 'New recurring task' : recurringTask.title}</h1>
                </div>
                <TaskFields page={page} form={form} hasRhythm={hasRhythm} />
                {data.kind === 'pieces' && page.templates.length > 0 && <StepsFromTemplate page={page} form={form} />}
                {data.kind !== 'daily' && (data.kind !== 'pieces' || data.template === null) && <StepsWrittenHere form={form} />}
                <TextArea label="Notes" rows={3} className="max-w-2xl" {...bind(form, 'notes')} />
                {!data.isShared && data.project === null && <OnlyMine form={form} />}
                <SaveOrEnd page={page} form={form} />
            </form>
            {recurringTask.id !== null && <WhatCameOfIt page={page} />}
        </div>
    );
}

function TaskFields({ page, form, hasRhythm }: { page: RecurringTaskView; form: Form<RecurringTaskValues>; hasRhythm: boolean }) {
    return (
        <div className="grid max-w-2xl grid-cols-2 gap-4 max-md:grid-cols-1">
            <TextField
                label="What"
                autoFocus={page.recurringTask.id === null}
                maxLength={200}
                className="col-span-full"
                {...bind(form, 'title')}
            />
            <SelectField label="Creates" {...bind(form, 'kind')} options={kinds.map(([kind, words]) => ({ value: kind, label: words }))} />
            <Rhythm form={form} hasRhythm={hasRhythm} />
            {form.data.kind !== 'checklist' && <TextField label="Estimate in min" inputMode="numeric" {...bind(form, 'minutes')} />}
            <OwnerAndArea form={form} people={page.people} areas={page.areas} />
            <WhatItIsFor page={page} form={form} hasRhythm={hasRhythm} />
        </div>
    );
}

function Rhythm({ form, hasRhythm }: { form: Form<RecurringTaskValues>; hasRhythm: boolean }) {
    return (
        <>
            {hasRhythm && (
                <TextField
                    label="Repeats"
                    placeholder="every second Thursday"
                    hint={
                        'In plain words: fortnightly on Mondays, every 31st, first working day, ' +
                        'three weeks after it is done, when needed.'
                    }
                    maxLength={120}
                    {...bind(form, 'words')}
                />
            )}
            {hasRhythm && <NextDates words={form.data.words} startsOn={form.data.startsOn} refused={form.errors.words} />}
            {form.data.kind === 'pieces' && <TextField label="Items per quarter" inputMode="numeric" {...bind(form, 'perQuarter')} />}
            {hasRhythm && <DateField label="Counted from" {...bind(form, 'startsOn')} />}
        </>
    );
}

function WhatItIsFor({ page, form, hasRhythm }: { page: RecurringTaskView; form: Form<RecurringTaskValues>; hasRhythm: boolean }) {
    return (
        <>
            {hasRhythm && (
                <RecordField label="Contributes to" none="Not linked to a goal" options={page.goals} {...bindRecord(form, 'goal')} />
            )}
            {form.data.kind !== 'checklist' && !form.data.isShared && page.mainEfforts.length > 0 && (
                <RecordField label="Work on the main effort" none="None" options={page.mainEfforts} {...bindRecord(form, 'mainEffort')} />
            )}
        </>
    );
}

function StepsFromTemplate({ page, form }: { page: RecurringTaskView; form: Form<RecurringTaskValues> }) {
    return (
        <div className="max-w-2xl">
            <RecordField label="Steps of each item" none="Written below" options={page.templates} {...bindRecord(form, 'template')} />
            {form.data.template !== null && (
                <p className="mt-1 text-xs text-ink-2">
                    Each item takes the template’s steps, with their how-to pages, as they are when it is created.
                </p>
            )}
        </div>
    );
}

function StepsWrittenHere({ form }: { form: Form<RecurringTaskValues> }) {
    const errors: Partial<Record<string, string>> = form.errors;

    return (
        <div className="max-w-2xl">
            <Rows
                legend={form.data.kind === 'checklist' ? 'Lines' : 'Steps, blank each time'}
                rows={form.data.steps}
                keyOf={(step) => step.id}
                onChange={(steps) => {
                    form.setData('steps', steps);
                }}
                add={{ words: form.data.kind === 'checklist' ? 'Add a line' : 'Add a step', row: { id: null, title: '' } }}
            >
                {(step, set, place) => (
                    <TextField
                        label={`Line ${String(place + 1)}`}
                        isLabelHidden
                        className="min-w-0 flex-1"
                        maxLength={200}
                        value={step.title}
                        error={errors[`steps.${String(place)}.title`]}
                        onChange={(event) => {
                            set({ title: event.target.value });
                        }}
                    />
                )}
            </Rows>
        </div>
    );
}

function OnlyMine({ form }: { form: Form<RecurringTaskValues> }) {
    return (
        <div>
            <Check label="Private to me" {...bindCheck(form, 'isPrivate')} />
            <Problem words={form.errors.isPrivate} />
        </div>
    );
}

function SaveOrEnd({ page, form }: { page: RecurringTaskView; form: Form<RecurringTaskValues> }) {
    const { id } = page.recurringTask;

    return (
        <SaveLine
            words={id === null ? 'Add recurring task' : 'Save'}
            isOff={form.processing || page.hasEnded}
            cancel={route('recurring-tasks.index')}
        >
            {id !== null && !page.hasEnded && (
                <Button
                    className="ml-auto"
                    onClick={() => {
                        act('put', route('recurring-tasks.end', id));
                    }}
                >
                    End
                </Button>
            )}
        </SaveLine>
    );
}
