import { useForm } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextArea, TextField } from '../../ui/Field';

const results: [string, string][] = [
    ['met', 'Met'],
    ['partly_met', 'Partly met'],
    ['not_met', 'Not met'],
    ['dropped', 'Dropped'],
];

export function CloseGoal({ id }: { id: number }) {
    const [isOpen, setOpen] = useState(false);
    const form = useForm({ result: 'met', score: '', line: '' });

    const close = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('goals.close', id), {
            preserveScroll: true,
            onSuccess: () => {
                setOpen(false);
            },
        });
    };

    return (
        <>
            <Button
                onClick={() => {
                    setOpen(true);
                }}
            >
                Close
            </Button>
            <Dialog isOpen={isOpen} onOpenChange={setOpen} title="What became of it?" hint="As of today. It can be reopened.">
                <form onSubmit={close} className="space-y-4">
                    <SelectField label="Result" {...bind(form, 'result')}>
                        {results.map(([value, words]) => (
                            <option key={value} value={value}>
                                {words}
                            </option>
                        ))}
                    </SelectField>
                    <TextField
                        label="Score in per cent"
                        inputMode="decimal"
                        {...bind(form, 'score')}
                        hint="Left empty, met counts 100 and anything else what was computed."
                    />
                    <TextArea label="A line on it" maxLength={500} {...bind(form, 'line')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Close it
                    </Button>
                </form>
            </Dialog>
        </>
    );
}
