import { SaveOrCancel } from '../fields/SaveOrCancel';
import { useState } from 'react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { DayView } from '../../generated/props';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';

export function StartSession({ page }: { page: DayView }) {
    const [isOpen, setOpen] = useState(false);
    const task = page.mainThing?.isDone === false ? page.mainThing : null;
    const form = useForm('focus session', { intent: '', minutes: '50', rounds: '1', break: '10' });
    const { intent, minutes, rounds } = form.data;
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
            <TextField
                label="Intent"
                autoFocus
                maxLength={200}
                placeholder="What will be done at the end?"
                value={intent}
                error={form.errors.intent}
                onChange={(event) => {
                    form.setData('intent', event.target.value);
                }}
            />
            <HowLong form={form} minutes={minutes} rounds={rounds} />
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

function HowLong({
    form,
    minutes,
    rounds,
}: {
    form: Form<{ intent: string; minutes: string; rounds: string; break: string }>;
    minutes: string;
    rounds: string;
}) {
    return (
        <div className="flex gap-2">
            <NumberField
                label="Min"
                min={1}
                max={240}
                value={minutes}
                error={form.errors.minutes}
                onChange={(value) => {
                    form.setData('minutes', value);
                }}
            />
            <NumberField
                label="Rounds"
                min={1}
                max={12}
                value={rounds}
                error={form.errors.rounds}
                onChange={(value) => {
                    form.setData('rounds', value);
                }}
            />
            {rounds !== '1' && rounds !== '' && (
                <NumberField
                    label="Break, min"
                    min={0}
                    max={60}
                    value={form.data.break}
                    error={form.errors.break}
                    onChange={(value) => {
                        form.setData('break', value);
                    }}
                />
            )}
        </div>
    );
}
