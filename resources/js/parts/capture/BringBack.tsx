import { usePage } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import type { ReturnRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { DialogButton } from '../../ui/DialogButton';
import { TextField } from '../../ui/Field';
import { TimeField } from '../../ui/TimeField';

interface Props {
    /** What it is about, if anything. */
    about?: { kind: 'task' | 'project' | 'goal' | 'contact' | 'file'; id: number; title: string };
    kind?: 'plain' | 'quiet';
    /** The days on which it comes back already. */
    returns?: ReturnRow[];
}

/** Lets something come back to one's tray on a day, at a time, once or by a rule. */
export function BringBack({ about, kind = 'quiet', returns = [] }: Props) {
    return (
        <>
            {returns.map((row) => (
                <Returns key={`${String(row.id)} ${row.on}`} row={row} />
            ))}
            <DialogButton
                words="Return date"
                kind={kind}
                title="Set a return date"
                hint="It comes back to your tray on that day. Nobody else sees it."
            >
                {(close) => <Fields about={about} onDone={close} />}
            </DialogButton>
        </>
    );
}

/** It stands on the thing itself; what one noted oneself can be taken back. */
function Returns({ row }: { row: ReturnRow }) {
    return (
        <p className="flex w-full items-baseline gap-2 px-3 py-1 text-sm">
            <span className="min-w-0 flex-1">
                {row.id === null ? 'On the shelf until ' : 'Returns to your tray on '}
                {dayWords(row.on)}
                {row.at !== null && ` at ${row.at}`}
                {row.rhythm !== null && `, again ${row.rhythm}`}
            </span>
            {row.id !== null && (
                <Button
                    kind="quiet"
                    aria-label={`Delete the return date ${dayWords(row.on)}`}
                    onClick={() => {
                        act('delete', route('shelf.go', { kind: 'idea', shelved: row.id ?? 0 }));
                    }}
                >
                    Delete
                </Button>
            )}
        </p>
    );
}

function Fields({ about, onDone }: { about: Props['about']; onDone: () => void }) {
    const today = usePage().props.frame?.today ?? '';
    const form = useForm(`return date of ${about === undefined ? 'something' : `${about.kind} ${String(about.id)}`}`, {
        words: about?.title ?? '',
        on: '',
        at: '',
        rhythm: '',
    });

    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('return-dates.store'), {
                    as: (data) => ({ ...data, ...(about !== undefined && { kind: about.kind, about: about.id }) }),
                    onSuccess: () => {
                        form.reset();
                        onDone();
                    },
                });
            }}
        >
            <TextField label="What" maxLength={200} {...bind(form, 'words')} />
            <div className="flex flex-wrap gap-3">
                <DateField label="Return date" className="w-40" min={today} {...bind(form, 'on')} />
                <TimeField label="Time (optional)" className="w-32" {...bind(form, 'at')} />
            </div>
            <TextField
                label="Repeat (optional)"
                hint="In plain words: every month, every second Friday, every 3 March."
                maxLength={200}
                {...bind(form, 'rhythm')}
            />
            <Button kind="main" type="submit" disabled={form.processing || form.data.words.trim() === '' || form.data.on === ''}>
                Save
            </Button>
        </form>
    );
}
