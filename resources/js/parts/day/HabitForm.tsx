import { usePage } from '@inertiajs/react';
import { useEffect } from 'react';
import { RecordField } from '../fields/Choose';
import type { HabitRow, HabitPer } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { refresh } from '../../lib/background';
import { bind, bindRecord, saving } from '../../lib/forms';
import { type Form, useForm } from '../../lib/kept/useForm';
import { weekdays } from '../../lib/weekdays';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';
import { TextField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/Select';

/** A habit as it is being written. */
interface Habit {
    title: string;
    times: string;
    per: HabitPer;
    weekdays: string[];
    goal: number | null;
}

const per = [
    { value: 'day', label: 'a day' },
    { value: 'week', label: 'a week' },
    { value: 'month', label: 'a month' },
];

export function HabitForm({ habit, onDone }: { habit: HabitRow | null; onDone: () => void }) {
    const { served } = usePage().props;
    const form = useForm<Habit>(`habit ${String(habit?.id)}`, {
        title: habit?.title ?? '',
        times: String(habit?.times ?? 1),
        per: habit?.per ?? 'day',
        weekdays: habit?.weekdays ?? [],
        goal: habit?.goalId ?? null,
    });
    const { data } = form;

    useEffect(() => {
        void refresh(['served']);
    }, []);

    return (
        <form className="space-y-4" onSubmit={saving(form, habit?.id, route('habits.store'), (id) => route('habits.update', id), onDone)}>
            <TextField label="Habit" maxLength={200} {...bind(form, 'title')} />
            <HowOften form={form} />
            {data.per === 'day' && <OnDays form={form} />}
            <RecordField label="Records readings of a goal" options={served ?? []} none="No goal" {...bindRecord(form, 'goal')} />
            <p className="text-xs text-ink-2">
                For a goal that is measured by a number: how often it was done since the goal began becomes its reading, and others see
                that.
            </p>
            <SaveOrEnd habit={habit} onDone={onDone} form={form} />
        </form>
    );
}

function HowOften({ form }: { form: Form<Habit> }) {
    return (
        <div className="flex gap-3">
            <NumberField label="Times" className="w-24" min={1} max={99} {...bind(form, 'times')} />
            <SelectField label="How often" className="w-40" options={per} {...bind(form, 'per')} />
        </div>
    );
}

function OnDays({ form }: { form: Form<Habit> }) {
    return (
        <fieldset>
            <legend className="mb-1 text-sm font-semibold">On these days</legend>
            <div className="flex flex-wrap gap-x-4">
                {weekdays.map(({ value, short }) => (
                    <Check
                        key={value}
                        label={short}
                        checked={form.data.weekdays.length === 0 || form.data.weekdays.includes(value)}
                        // The last of them stays: none at all is meant by ending the habit.
                        disabled={form.data.weekdays.length === 1 && form.data.weekdays.includes(value)}
                        onChange={(isOn) => {
                            const all = form.data.weekdays.length === 0 ? weekdays.map((day) => day.value) : form.data.weekdays;
                            const chosen = isOn ? [...all, value] : all.filter((day) => day !== value);
                            form.setData('weekdays', chosen.length === weekdays.length ? [] : chosen);
                        }}
                    />
                ))}
            </div>
        </fieldset>
    );
}

function SaveOrEnd({ habit, onDone, form }: { habit: HabitRow | null; onDone: () => void; form: Form<Habit> }) {
    return (
        <div className="flex gap-3">
            <Button kind="main" type="submit" disabled={form.processing || form.data.title.trim() === ''}>
                Save
            </Button>
            {habit !== null && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        act('delete', route('habits.end', habit.id), {}, { onDone });
                    }}
                >
                    End this habit
                </Button>
            )}
        </div>
    );
}
