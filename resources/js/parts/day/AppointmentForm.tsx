import { useForm } from '../../lib/kept/useForm';
import type { AppointmentRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { TextField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { TimeField } from '../../ui/TimeField';

interface Props {
    appointment: AppointmentRow | null;
    on: string;
    onDone: () => void;
}

/** Time that is taken: others see that one is busy, and not for what. */
export function AppointmentForm({ appointment, on, onDone }: Props) {
    const form = useForm(`appointment ${appointment === null ? `on ${on}` : String(appointment.id)}`, {
        title: appointment?.title ?? '',
        on: appointment?.on ?? on,
        at: appointment?.at ?? '',
        minutes: String(appointment?.minutes ?? 60),
    });

    return (
        <form
            className="space-y-4"
            onSubmit={saving(form, appointment?.id, route('appointments.store'), (id) => route('appointments.update', id), onDone)}
        >
            <TextField label="What" maxLength={200} {...bind(form, 'title')} hint="Others see only that you are busy." />
            <div className="flex flex-wrap gap-3">
                <DateField label="On" className="w-40" {...bind(form, 'on')} />
                <TimeField label="At" className="w-28" {...bind(form, 'at')} />
                <NumberField
                    label="Min"
                    className="w-24"
                    min={1}
                    max={1440}
                    value={form.data.minutes}
                    error={form.errors.minutes}
                    onChange={(minutes) => {
                        form.setData('minutes', minutes);
                    }}
                />
            </div>
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={form.processing || form.data.title.trim() === '' || form.data.at === ''}>
                    Save
                </Button>
                {appointment !== null && (
                    <Button
                        kind="quiet"
                        onClick={() => {
                            act('delete', route('appointments.destroy', appointment.id), {}, { onDone });
                        }}
                    >
                        Delete
                    </Button>
                )}
            </div>
        </form>
    );
}
