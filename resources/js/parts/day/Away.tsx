import { useForm } from '../../lib/kept/useForm';
import type { AbsenceRow } from '../../generated/props';
import { act } from '../../lib/act';
import { dateWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { DialogButton } from '../../ui/DialogButton';

/** Days on which one is away: habits rest on them. */
export function Away({ absences, on }: { absences: AbsenceRow[]; on: string }) {
    const now = absences.find((absence) => absence.first <= on);
    const form = useForm('absence', { first: on, last: on });

    return (
        <DialogButton
            words={now === undefined ? 'Days away' : `Away until ${dateWords(now.last)}`}
            kind="quiet"
            title="Days away"
            hint="Holidays, illness: your habits rest, and neither count nor break."
        >
            {(close) => (
                <>
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
                        className="mt-3 flex flex-wrap items-end gap-3"
                        onSubmit={(event) => {
                            event.preventDefault();
                            form.post(route('absences.store'), {
                                preserveScroll: true,
                                onSuccess: () => {
                                    form.reset();
                                    close();
                                },
                            });
                        }}
                    >
                        <DateField label="First day" className="w-40" {...bind(form, 'first')} />
                        <DateField label="Last day" className="w-40" {...bind(form, 'last')} />
                        <Button kind="main" type="submit" disabled={form.processing}>
                            Save
                        </Button>
                    </form>
                </>
            )}
        </DialogButton>
    );
}
