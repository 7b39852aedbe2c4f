import { useForm } from '../../lib/kept/useForm';
import { Section } from '../signs/Section';
import type { ProtectedHoursRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { weekdays } from '../../lib/weekdays';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';
import { SelectField } from '../../ui/Select';
import { TimeField } from '../../ui/TimeField';

const kinds = [
    { value: 'work', label: 'work' },
    { value: 'meetings', label: 'meetings' },
];

/** Hours kept for work, or for meetings. A meeting or an appointment across them is warned of. */
export function ProtectedHours({ kept }: { kept: ProtectedHoursRow[] }) {
    const form = useForm('protected hours', { weekdays: [] as string[], from: '09:00', until: '11:00', kind: 'work' });
    const { data } = form;

    return (
        <Section title="Protected hours" aside="Others see them when they set a meeting.">
            <ul className="divide-y divide-hairline">
                {weekdays.flatMap(({ value, short }) =>
                    kept
                        .filter((hours) => hours.weekday === value)
                        .map((hours) => (
                            <li key={hours.id} className="flex min-h-9 items-center justify-between gap-3">
                                <span>
                                    {short} {hours.from} to {hours.until}, for {hours.kind}
                                </span>
                                <Button
                                    kind="quiet"
                                    aria-label={`Delete ${short} ${hours.from} to ${hours.until}`}
                                    onClick={() => {
                                        act('delete', route('protected-hours.destroy', hours.id));
                                    }}
                                >
                                    Delete
                                </Button>
                            </li>
                        )),
                )}
            </ul>
            <form
                className="mt-2 space-y-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(route('protected-hours.store'), {
                        onSuccess: () => {
                            form.reset();
                        },
                    });
                }}
            >
                <fieldset className="flex flex-wrap gap-x-4">
                    <legend className="sr-only">Weekdays</legend>
                    {weekdays.map(({ value, short }) => (
                        <Check
                            key={value}
                            label={short}
                            checked={data.weekdays.includes(value)}
                            onChange={(isOn) => {
                                form.setData('weekdays', isOn ? [...data.weekdays, value] : data.weekdays.filter((day) => day !== value));
                            }}
                        />
                    ))}
                </fieldset>
                <div className="flex flex-wrap items-end gap-3">
                    <TimeField label="From" className="w-24" {...bind(form, 'from')} />
                    <TimeField label="Until" className="w-24" {...bind(form, 'until')} />
                    <SelectField
                        label="Kept for"
                        className="w-32"
                        value={data.kind}
                        options={kinds}
                        onChange={(kind) => {
                            form.setData('kind', kind);
                        }}
                    />
                    <Button type="submit" disabled={form.processing || data.weekdays.length === 0}>
                        Add
                    </Button>
                </div>
            </form>
        </Section>
    );
}
