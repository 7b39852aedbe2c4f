import { useForm } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
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
                    <SelectField
                        label="Result"
                        value={form.data.result}
                        error={form.errors.result}
                        onChange={(event) => {
                            form.setData('result', event.target.value);
                        }}
                    >
                        {results.map(([value, words]) => (
                            <option key={value} value={value}>
                                {words}
                            </option>
                        ))}
                    </SelectField>
                    <TextField
                        label="Score in per cent"
                        inputMode="decimal"
                        value={form.data.score}
                        error={form.errors.score}
                        hint="Left empty, met counts 100 and anything else what was computed."
                        onChange={(event) => {
                            form.setData('score', event.target.value);
                        }}
                    />
                    <TextArea
                        label="A line on it"
                        maxLength={500}
                        value={form.data.line}
                        error={form.errors.line}
                        onChange={(event) => {
                            form.setData('line', event.target.value);
                        }}
                    />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Close it
                    </Button>
                </form>
            </Dialog>
        </>
    );
}
