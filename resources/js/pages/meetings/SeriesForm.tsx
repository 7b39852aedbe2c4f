import { Head } from '@inertiajs/react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { SeriesFormView, SeriesValues } from '../../generated/props';
import { bind, bindCheck, bindNumber, bindOptional, bindRecord, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { zoneOptions } from '../../lib/zones';
import { AttendeeFields } from '../../parts/meetings/AttendeeFields';
import { RuleFields } from '../../parts/meetings/RuleFields';
import { RecordField } from '../../parts/fields/Choose';
import { SaveLine } from '../../parts/fields/SaveLine';
import { StandingFields } from '../../parts/meetings/StandingFields';
import { TextArea, TextField } from '../../ui/Field';
import { DateField } from '../../ui/DateField';
import { TimeField } from '../../ui/TimeField';
import { NumberField } from '../../ui/NumberField';
import { Check } from '../../ui/Check';
import { SelectField } from '../../ui/Select';
import { Problem } from '../../ui/Problem';

const parts: Record<string, string> = { issue: 'issues', follow_ups: 'follow-ups', standing: 'standing agenda' };

const orders = [
    'issue,standing,follow_ups',
    'follow_ups,issue,standing',
    'follow_ups,standing,issue',
    'standing,issue,follow_ups',
    'standing,follow_ups,issue',
].map((value) => ({
    value,
    label: value
        .split(',')
        .map((part) => parts[part] ?? part)
        .join(', '),
}));

export default function SeriesForm({ page }: { page: SeriesFormView }) {
    const { series } = page;
    const form = useForm(`series ${String(series.id)}`, series);
    const { data, errors } = form;
    const isAnother = data.rule !== series.rule || data.time !== series.time || data.minutes !== series.minutes;
    const save = saving(form, series.id, route('series.store'), (id) => route('series.update', id));

    return (
        <div className="sheet-edge max-w-3xl">
            <Head title={series.id === null ? 'New meeting' : `Edit ${series.title}`} />
            <h1 className="mb-5">{series.id === null ? 'New meeting' : 'Edit meeting'}</h1>
            <form onSubmit={save} className="space-y-5">
                <TextField label="Name" autoFocus={series.id === null} maxLength={120} {...bind(form, 'title')} />
                <TextArea label="Purpose" rows={2} maxLength={500} {...bind(form, 'purpose')} />
                <RuleFields
                    rule={data.rule}
                    error={errors.rule}
                    onChange={(rule) => {
                        form.setData('rule', rule);
                    }}
                />
                <FirstOne form={form} />
                <ZoneAndChange page={page} form={form} isAnother={isAnother} />
                <RoundsAndChair form={form} />
                <PartsAndPlace page={page} form={form} />
                <AttendeeFields page={page} value={data} errors={errors} onChange={form.setData} />
                <Check label="Private to its attendees" {...bindCheck(form, 'isPrivate')} />
                <Problem words={errors.isPrivate} />
                <StandingFields
                    items={data.standing}
                    people={page.people}
                    goals={page.goals}
                    projects={page.projects}
                    errors={errors}
                    onChange={(standing) => {
                        form.setData('standing', standing);
                    }}
                />
                <SaveLine
                    words={series.id === null ? 'Add meeting' : 'Save'}
                    isOff={form.processing}
                    cancel={series.id === null ? route('meetings.index') : route('series.show', series.id)}
                />
            </form>
        </div>
    );
}

function FirstOne({ form }: { form: Form<SeriesValues> }) {
    return (
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
            <DateField label="First on" {...bind(form, 'startsOn')} />
            <TimeField label="At" {...bind(form, 'time')} />
            <NumberField label="Min" min={5} max={600} {...bindNumber(form, 'minutes')} />
        </div>
    );
}

function ZoneAndChange({ page, form, isAnother }: { page: SeriesFormView; form: Form<SeriesValues>; isAnother: boolean }) {
    return (
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
            <SelectField label="Time zone" {...bindOptional(form, 'timezone')} none="the workspace's" options={zoneOptions(page.zones)} />
            {page.series.id !== null && isAnother && (
                <DateField
                    label="The change applies from"
                    hint="all meetings to come if left empty"
                    {...bindOptional(form, 'appliesFrom')}
                />
            )}
        </div>
    );
}

function RoundsAndChair({ form }: { form: Form<SeriesValues> }) {
    return (
        <div className="grid grid-cols-3 items-end gap-4 max-md:grid-cols-1">
            <NumberField label="Opening round, min" hint="0 for none" min={0} max={60} {...bindNumber(form, 'openingMinutes')} />
            <NumberField label="Closing, min" hint="kept free at the end" min={0} max={60} {...bindNumber(form, 'closingMinutes')} />
            <NumberField label="Chair changes every" hint="so many meetings" min={1} max={52} {...bindNumber(form, 'rotatesEvery')} />
        </div>
    );
}

function PartsAndPlace({ page, form }: { page: SeriesFormView; form: Form<SeriesValues> }) {
    return (
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
            <SelectField
                label="Order of its parts"
                {...bindOptional(form, 'parts')}
                none="issues, follow-ups, standing agenda"
                options={orders}
            />
            <RecordField label="Project" none="no project" options={page.projects} {...bindRecord(form, 'project')} />
            <RecordField label="Area" none="no area" options={page.areas} {...bindRecord(form, 'area')} />
        </div>
    );
}
