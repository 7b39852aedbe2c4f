import { ProtectedHours } from './ProtectedHours';
import { useForm } from '../../lib/kept/useForm';
import { Section } from '../signs/Section';
import type { AbsenceRow, ProtectedHoursRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dateWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { DialogButton } from '../../ui/DialogButton';

interface Props {
    absences: AbsenceRow[];
    kept: ProtectedHoursRow[];
    on: string;
}

/** The hours that one keeps, and the days on which one is away. */
export function OwnHours({ absences, kept, on }: Props) {
    const now = absences.find((absence) => absence.first <= on);

    return (
        <DialogButton words={now === undefined ? 'My hours' : `Away until ${dateWords(now.last)}`} kind="quiet" title="My hours">
            {() => (
                <div className="space-y-6">
                    <ProtectedHours kept={kept} />
                    <Absences absences={absences} on={on} />
                </div>
            )}
        </DialogButton>
    );
}

function Absences({ absences, on }: { absences: AbsenceRow[]; on: string }) {
    const form = useForm('absence', { first: on, last: on });

    return (
        <Section title="Days away" aside="Habits are paused: these days do not count as missed.">
            <ul className="divide-y divide-hairline">
                {absences.map((absence) => (
                    <li key={absence.id} className="flex min-h-9 items-center justify-between gap-3">
                        {dateWords(absence.first)} to {dateWords(absence.last)}
                        <Button
                            kind="quiet"
                            aria-label={`Delete the days from ${dateWords(absence.first)}`}
                            onClick={() => {
                                act('delete', route('absences.destroy', absence.id));
                            }}
                        >
                            Delete
                        </Button>
                    </li>
                ))}
            </ul>
            <form
                className="mt-2 flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(route('absences.store'), {
                        onSuccess: () => {
                            form.reset();
                        },
                    });
                }}
            >
                <DateField label="First day" className="w-40" {...bind(form, 'first')} />
                <DateField label="Last day" className="w-40" {...bind(form, 'last')} />
                <Button type="submit" disabled={form.processing}>
                    Add
                </Button>
            </form>
        </Section>
    );
}
