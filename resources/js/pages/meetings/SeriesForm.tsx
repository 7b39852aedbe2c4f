import { SaveLine } from '../../parts/fields/SaveLine';
import { Head } from '@inertiajs/react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { SeriesFormView, SeriesValues } from '../../generated/props';
import { bind, bindRecord, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { AttendeeFields } from '../../parts/meetings/AttendeeFields';
import { RuleFields } from '../../parts/meetings/RuleFields';
import { RecordField } from '../../parts/fields/Choose';
import { StandingFields } from '../../parts/meetings/StandingFields';
import { TextArea, TextField } from '../../ui/Field';
import { DateField } from '../../ui/DateField';
import { TimeField } from '../../ui/TimeField';
import { NumberField } from '../../ui/NumberField';
import { Check } from '../../ui/Check';
import { SelectField } from '../../ui/Select';

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
    const { data } = form;
    const errors: Partial<Record<string, string>> = form.errors;
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
                <FirstOne form={form} errors={errors} />
                <ZoneAndChange page={page} form={form} errors={errors} isAnother={isAnother} />
                <RoundsAndChair form={form} errors={errors} />
                <PartsAndPlace page={page} form={form} errors={errors} />
                <AttendeeFields
                    page={page}
                    value={data}
                    errors={errors}
                    onChange={(to) => {
                        form.setData({ ...data, ...to });
                    }}
                />
                <Check
                    label="Private to its attendees"
                    checked={data.isPrivate}
                    onChange={(on) => {
                        form.setData('isPrivate', on);
                    }}
                />
                {errors.isPrivate !== undefined && <p className="text-sm font-medium text-persimmon">{errors.isPrivate}</p>}
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

function FirstOne({ form, errors }: { form: Form<SeriesValues>; errors: Partial<Record<string, string>> }) {
    return (
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
            <DateField label="First on" {...bind(form, 'startsOn')} />
            <TimeField label="At" {...bind(form, 'time')} />
            <NumberField
                label="Min"
                min={5}
                max={600}
                value={form.data.minutes}
                error={errors.minutes}
                onChange={(value) => {
                    form.setData('minutes', Number(value));
                }}
            />
        </div>
    );
}

function ZoneAndChange({
    page,
    form,
    errors,
    isAnother,
}: {
    page: SeriesFormView;
    form: Form<SeriesValues>;
    errors: Partial<Record<string, string>>;
    isAnother: boolean;
}) {
    return (
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
            <SelectField
                label="Time zone"
                value={form.data.timezone ?? ''}
                none="the workspace's"
                error={errors.timezone}
                options={page.zones.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }))}
                onChange={(zone) => {
                    form.setData('timezone', zone === '' ? null : zone);
                }}
            />
            {page.series.id !== null && isAnother && (
                <DateField
                    label="The change applies from"
                    hint="all meetings to come if left empty"
                    value={form.data.appliesFrom ?? ''}
                    error={errors.appliesFrom}
                    onChange={(day) => {
                        form.setData('appliesFrom', day === '' ? null : day);
                    }}
                />
            )}
        </div>
    );
}

function RoundsAndChair({ form, errors }: { form: Form<SeriesValues>; errors: Partial<Record<string, string>> }) {
    return (
        <div className="grid grid-cols-3 items-end gap-4 max-md:grid-cols-1">
            <NumberField
                label="Opening round, min"
                hint="0 for none"
                min={0}
                max={60}
                value={form.data.openingMinutes}
                error={errors.openingMinutes}
                onChange={(value) => {
                    form.setData('openingMinutes', Number(value));
                }}
            />
            <NumberField
                label="Closing, min"
                hint="kept free at the end"
                min={0}
                max={60}
                value={form.data.closingMinutes}
                error={errors.closingMinutes}
                onChange={(value) => {
                    form.setData('closingMinutes', Number(value));
                }}
            />
            <NumberField
                label="Chair changes every"
                hint="so many meetings"
                min={1}
                max={52}
                value={form.data.rotatesEvery}
                error={errors.rotatesEvery}
                onChange={(value) => {
                    form.setData('rotatesEvery', Number(value));
                }}
            />
        </div>
    );
}

function PartsAndPlace({
    page,
    form,
    errors,
}: {
    page: SeriesFormView;
    form: Form<SeriesValues>;
    errors: Partial<Record<string, string>>;
}) {
    return (
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
            <SelectField
                label="Order of its parts"
                value={form.data.parts ?? ''}
                none="issues, follow-ups, standing agenda"
                error={errors.parts}
                options={orders}
                onChange={(parts) => {
                    form.setData('parts', parts === '' ? null : parts);
                }}
            />
            <RecordField label="Project" none="no project" options={page.projects} {...bindRecord(form, 'project')} />
            <RecordField label="Area" none="no area" options={page.areas} {...bindRecord(form, 'area')} />
        </div>
    );
}
