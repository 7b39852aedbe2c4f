import { Head } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import type { SeriesFormView } from '../../generated/props';
import { bind, bindRecord, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { AttendeeFields } from '../../parts/meetings/AttendeeFields';
import { RuleFields } from '../../parts/meetings/RuleFields';
import { RecordField } from '../../parts/fields/Choose';
import { StandingFields } from '../../parts/meetings/StandingFields';
import { Button, ButtonLink } from '../../ui/Button';
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
        <div className="mx-auto w-full max-w-3xl px-6 py-6 max-md:px-4">
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
                <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
                    <DateField label="First on" {...bind(form, 'startsOn')} />
                    <TimeField label="At" {...bind(form, 'time')} />
                    <NumberField
                        label="Min"
                        min={5}
                        max={600}
                        value={data.minutes}
                        error={errors.minutes}
                        onChange={(value) => {
                            form.setData('minutes', Number(value));
                        }}
                    />
                </div>
                <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
                    <SelectField
                        label="Time zone"
                        value={data.timezone ?? ''}
                        none="the workspace's"
                        error={errors.timezone}
                        options={page.zones.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }))}
                        onChange={(zone) => {
                            form.setData('timezone', zone === '' ? null : zone);
                        }}
                    />
                    {series.id !== null && isAnother && (
                        <DateField
                            label="The change applies from"
                            hint="all meetings to come if left empty"
                            value={data.appliesFrom ?? ''}
                            error={errors.appliesFrom}
                            onChange={(day) => {
                                form.setData('appliesFrom', day === '' ? null : day);
                            }}
                        />
                    )}
                </div>
                <div className="grid grid-cols-3 items-end gap-4 max-md:grid-cols-1">
                    <NumberField
                        label="Opening round, min"
                        hint="0 for none"
                        min={0}
                        max={60}
                        value={data.openingMinutes}
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
                        value={data.closingMinutes}
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
                        value={data.rotatesEvery}
                        error={errors.rotatesEvery}
                        onChange={(value) => {
                            form.setData('rotatesEvery', Number(value));
                        }}
                    />
                </div>
                <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
                    <SelectField
                        label="Order of its parts"
                        value={data.parts ?? ''}
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
                <div className="flex gap-3 border-t border-rule pt-4">
                    <Button kind="main" type="submit" disabled={form.processing}>
                        {series.id === null ? 'Add meeting' : 'Save'}
                    </Button>
                    <ButtonLink kind="quiet" href={series.id === null ? route('meetings.index') : route('series.show', series.id)}>
                        Cancel
                    </ButtonLink>
                </div>
            </form>
        </div>
    );
}
