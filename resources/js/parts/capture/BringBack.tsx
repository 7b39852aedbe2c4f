import { usePage } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
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
}

/** Lets something come back to one's tray on a day, at a time, once or by a rule. */
export function BringBack({ about, kind = 'quiet' }: Props) {
    return (
        <DialogButton
            words="Return date"
            kind={kind}
            title="Set a return date"
            hint="It comes back to your tray on that day. Nobody else sees it."
        >
            {(close) => <Fields about={about} onDone={close} />}
        </DialogButton>
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
                    preserveScroll: true,
                    preserveState: true,
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
                label="Again (optional)"
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
