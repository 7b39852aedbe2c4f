import { usePage } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { SureOfDate } from './SureOfDate';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { DialogButton } from '../../ui/DialogButton';
import { TextArea } from '../../ui/Field';
import { DateField } from '../../ui/DateField';

const orders = [
    { value: 'day', words: 'the day' },
    { value: 'month', words: 'the month' },
];

/** Takes a column of values out of a spreadsheet, with their days beside them or a week apart. */
export function PasteReadings({ goal }: { goal: number }) {
    const { frame } = usePage().props;
    const form = useForm(`readings of goal ${String(goal)}`, {
        text: '',
        last: frame?.today ?? '',
        order: '',
        sure: false,
    });

    const paste = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        event.stopPropagation();
        form.post(route('readings.paste', goal), {
            onSuccess: () => {
                form.reset();
                close();
            },
        });
    };

    return (
        <DialogButton
            words="Paste a column"
            title="Readings from a spreadsheet"
            hint="One value per line, or a date and a value. Either all are entered or none; what is there already is left out."
        >
            {(close) => (
                <form onSubmit={paste(close)} className="space-y-4">
                    <TextArea label="Lines" rows={8} autoFocus placeholder={'2027-02-01\t12\n8.2.2027\t14'} {...bind(form, 'text')} />
                    <DateField
                        label="Day of the last line"
                        hint="For lines without a date: each line above is one week earlier."
                        max={frame?.today}
                        {...bind(form, 'last')}
                    />
                    {form.errors.order !== undefined && (
                        <fieldset>
                            <legend className="text-sm font-medium text-persimmon">{form.errors.order}</legend>
                            <Choices
                                label="What comes first in these dates"
                                value={form.data.order}
                                choices={orders}
                                onChoose={(order) => {
                                    form.setData('order', order);
                                }}
                            />
                        </fieldset>
                    )}
                    <SureOfDate
                        problem={form.errors.sure}
                        isSure={form.data.sure}
                        onChange={(sure) => {
                            form.setData('sure', sure);
                        }}
                    />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Add readings
                    </Button>
                </form>
            )}
        </DialogButton>
    );
}
