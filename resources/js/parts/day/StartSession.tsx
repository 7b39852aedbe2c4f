import { useState } from 'react';
import { SaveOrCancel } from '../fields/SaveOrCancel';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { DayView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';

/** A focus session before it is started: numbers as they are typed. */
interface Session {
    intent: string;
    minutes: string;
    rounds: string;
    break: string;
}

/** Starts a focus session: asked for its intent and how long. */
export function StartSession({ page }: { page: DayView }) {
    const [isOpen, setOpen] = useState(false);
    const task = page.mainThing?.isDone === false ? page.mainThing : null;
    const form = useForm<Session>('focus session', { intent: '', minutes: '50', rounds: '1', break: '10' });
    const { intent } = form.data;
    const open = () => {
        form.setData('intent', intent === '' ? (task?.title ?? '') : intent);
        setOpen(true);
    };
    useKeys({ i: { words: 'Start a focus session', run: open } });

    if (!isOpen) {
        return (
            <Button onClick={open} keys="i">
                Start a focus session
            </Button>
        );
    }

    return (
        <form
            className="w-80 max-w-full space-y-2"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('focus-sessions.store'), {
                    as: (data) => ({
                        ...data,
                        break: data.rounds === '1' ? '0' : data.break,
                        task: intent === task?.title ? task.id : null,
                    }),
                    onSuccess: () => {
                        form.reset();
                        setOpen(false);
                    },
                });
            }}
        >
            <TextField label="Intent" autoFocus maxLength={200} placeholder="What will be done at the end?" {...bind(form, 'intent')} />
            <HowLong form={form} />
            <SaveOrCancel
                form={form}
                save="Start"
                isDisabled={intent.trim() === ''}
                onCancel={() => {
                    setOpen(false);
                }}
            />
        </form>
    );
}

function HowLong({ form }: { form: Form<Session> }) {
    const { rounds } = form.data;

    return (
        <div className="flex gap-2">
            <NumberField label="Min" min={1} max={240} {...bind(form, 'minutes')} />
            <NumberField label="Rounds" min={1} max={12} {...bind(form, 'rounds')} />
            {rounds !== '1' && rounds !== '' && <NumberField label="Break, min" min={0} max={60} {...bind(form, 'break')} />}
        </div>
    );
}
