import { usePage } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextArea } from '../../ui/Field';
import { DateField } from '../../ui/DateField';

/** Takes a column of values out of a spreadsheet, with their days beside them or a week apart. */
export function PasteReadings({ goal }: { goal: number }) {
    const { frame } = usePage().props;
    const form = useForm(`readings of goal ${String(goal)}`, { text: '', last: frame?.today ?? '' });

    const paste = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        event.stopPropagation();
        form.post(route('readings.paste', goal), {
            preserveScroll: true,
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
            hint="One value per line, or a date and a value. Either all are entered or none."
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
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Add readings
                    </Button>
                </form>
            )}
        </DialogButton>
    );
}
