import { usePage } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import { SureOfDate } from './SureOfDate';
import { AddLine } from '../fields/AddLine';
import type { GoalView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { DateField } from '../../ui/DateField';

/** The next reading of a number, as of today unless another day is said. */
export function EnterReading({ page }: { page: GoalView }) {
    const { frame } = usePage().props;
    const form = useForm(`new reading of goal ${String(page.goal.id)}`, { on: frame?.today ?? '', value: '', sure: false });

    return (
        <AddLine
            words={page.unit === null ? 'Enter a reading' : `Enter a reading in ${page.unit}`}
            inputMode="decimal"
            maxLength={40}
            value={form.data.value}
            error={form.errors.value}
            onChange={(value) => {
                form.setData('value', value);
            }}
            onAdd={() => {
                form.post(route('readings.store', page.goal.id), {
                    onSuccess: () => {
                        form.reset('value', 'sure');
                    },
                });
            }}
        >
            <DateField label="As of" className="w-40" {...bind(form, 'on')} max={frame?.today} />
            <SureOfDate
                problem={form.errors.sure}
                isSure={form.data.sure}
                onChange={(sure) => {
                    form.setData('sure', sure);
                }}
            />
        </AddLine>
    );
}
