import { Head, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import type { GoalFormPage, MeasureKind } from '../../generated/props';
import { route } from '../../lib/routes';
import { Grouped } from '../../parts/Grouped';
import { CheckpointFields } from '../../parts/goal/CheckpointFields';
import { MeasureFields } from '../../parts/goal/MeasureFields';
import { Button, ButtonLink } from '../../ui/Button';
import { Check, SelectField, TextArea, TextField } from '../../ui/Field';

const measures: [MeasureKind, string][] = [
    ['work', 'By the work beneath it'],
    ['number', 'A number that goes up or down'],
    ['count', 'A count of things done'],
    ['keep', 'A limit to keep'],
    ['yes_no', 'Yes or no'],
    ['judged', 'In words: a direction, no number'],
];

/** Title, period and parent are enough; the rest when wanted. */
export default function GoalForm({ page }: { page: GoalFormPage }) {
    const { goal } = page;
    const form = useForm(`goal ${String(goal.id)} ${String(goal.parent)}`, goal);
    const { data, errors } = form;
    const isYear = page.periods.some((period) => period.value === data.period && period.group === 'year');
    const isWeek = data.period.includes('W');

    const save = (event: SubmitEvent) => {
        event.preventDefault();

        if (goal.id === null) {
            form.post(route('goals.store'));
        } else {
            form.put(route('goals.update', goal.id));
        }
    };

    return (
        <div className="mx-auto w-full max-w-2xl px-6 py-6 max-md:px-4">
            <Head title={goal.id === null ? 'New goal' : `Edit ${goal.title}`} />
            <h1 className="mb-5">{goal.id === null ? 'New goal' : 'Edit the goal'}</h1>
            <form onSubmit={save} className="space-y-5">
                <TextField
                    label="What should be true by the end?"
                    autoFocus={goal.id === null}
                    maxLength={200}
                    value={data.title}
                    error={errors.title}
                    onChange={(event) => {
                        form.setData('title', event.target.value);
                    }}
                />
                <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                    <SelectField
                        label="For when"
                        value={data.period}
                        error={errors.period}
                        onChange={(event) => {
                            form.setData('period', event.target.value);
                        }}
                    >
                        <Grouped options={page.periods} />
                    </SelectField>
                    <SelectField
                        label="Hangs on"
                        value={data.parent ?? ''}
                        error={errors.parent}
                        onChange={(event) => {
                            form.setData('parent', event.target.value === '' ? null : Number(event.target.value));
                        }}
                    >
                        <option value="">Nothing: it stands alone</option>
                        <Grouped options={page.parents} />
                    </SelectField>
                </div>
                <SelectField
                    label="Judged by"
                    value={data.measure}
                    error={errors.measure}
                    onChange={(event) => {
                        form.setData('measure', event.target.value as MeasureKind);
                    }}
                >
                    {measures.map(([value, words]) => (
                        <option key={value} value={value}>
                            {words}
                        </option>
                    ))}
                </SelectField>
                <MeasureFields data={data} errors={errors} set={form.setData} />
                <details className="border-t border-rule pt-3" open={goal.id !== null || Object.keys(errors).length > 0}>
                    <summary className="cursor-pointer font-semibold">More about it</summary>
                    <div className="mt-4 space-y-5">
                        <TextArea
                            label="Why it is worth the trouble"
                            rows={3}
                            maxLength={5000}
                            value={data.why}
                            error={errors.why}
                            onChange={(event) => {
                                form.setData('why', event.target.value);
                            }}
                        />
                        <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                            <SelectField
                                label="Owner"
                                value={data.owner ?? ''}
                                error={errors.owner}
                                onChange={(event) => {
                                    form.setData('owner', Number(event.target.value));
                                }}
                            >
                                {page.people.map((person) => (
                                    <option key={person.id} value={person.id}>
                                        {person.name}
                                    </option>
                                ))}
                            </SelectField>
                            <SelectField
                                label="Area"
                                value={data.area ?? ''}
                                error={errors.area}
                                onChange={(event) => {
                                    form.setData('area', event.target.value === '' ? null : Number(event.target.value));
                                }}
                            >
                                <option value="">None</option>
                                <Grouped options={page.areas} />
                            </SelectField>
                            <SelectField
                                label="Who may see it"
                                value={data.visibility}
                                error={errors.visibility}
                                onChange={(event) => {
                                    form.setData('visibility', event.target.value as 'everyone' | 'only_me');
                                }}
                            >
                                <option value="everyone">Everyone</option>
                                <option value="only_me">Only me</option>
                            </SelectField>
                            <TextField
                                label="Weight under its parent"
                                inputMode="decimal"
                                value={data.weight}
                                error={errors.weight}
                                onChange={(event) => {
                                    form.setData('weight', event.target.value);
                                }}
                            />
                            {isYear && data.parent === null && (
                                <TextField
                                    label="Mark of its thread"
                                    maxLength={2}
                                    value={data.mark}
                                    error={errors.mark}
                                    hint="Two letters. Left empty, from the title."
                                    onChange={(event) => {
                                        form.setData('mark', event.target.value);
                                    }}
                                />
                            )}
                        </div>
                        {isWeek ? (
                            <Check
                                label="Firm: promised to someone"
                                checked={data.isFirm}
                                onChange={(on) => {
                                    form.setData('isFirm', on);
                                }}
                            />
                        ) : (
                            <Check
                                label="The main goal of its period"
                                checked={data.isMain}
                                onChange={(on) => {
                                    form.setData('isMain', on);
                                }}
                            />
                        )}
                        <CheckpointFields
                            points={data.checkpoints}
                            errors={errors}
                            onChange={(points) => {
                                form.setData('checkpoints', points);
                            }}
                        />
                    </div>
                </details>
                <div className="flex gap-3 border-t border-rule pt-4">
                    <Button kind="main" type="submit" disabled={form.processing}>
                        {goal.id === null ? 'Set the goal' : 'Save'}
                    </Button>
                    <ButtonLink kind="quiet" href={goal.id === null ? route('sheet') : route('goals.show', goal.id)}>
                        Leave
                    </ButtonLink>
                </div>
            </form>
        </div>
    );
}
