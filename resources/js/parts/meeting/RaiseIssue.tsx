import { useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import type { Option, SeriesRow } from '../../generated/props';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { SelectField, TextArea, TextField } from '../../ui/Field';
import { Grouped } from '../Grouped';
import { Section } from '../Section';

/** Raises an issue without interrupting anyone: a title is enough. */
export function RaiseIssue({ series, projects }: { series: Pick<SeriesRow, 'id' | 'title'>; projects: Option[] }) {
    const form = useForm({ title: '', context: '', need: 'decision', rank: '', minutes: '', project: '' });

    const raise = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('issues.store', series.id), {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <Section title="Raise an issue">
            <form onSubmit={raise} className="space-y-3 pt-1">
                <TextField
                    label="Issue"
                    isLabelHidden
                    placeholder="What should be dealt with?"
                    maxLength={200}
                    value={form.data.title}
                    error={form.errors.title}
                    onChange={(event) => {
                        form.setData('title', event.target.value);
                    }}
                />
                {form.data.title !== '' && (
                    <>
                        <TextArea
                            label="Context"
                            rows={2}
                            value={form.data.context}
                            error={form.errors.context}
                            onChange={(event) => {
                                form.setData('context', event.target.value);
                            }}
                        />
                        <div className="grid grid-cols-2 gap-3">
                            <SelectField
                                label="You need"
                                value={form.data.need}
                                error={form.errors.need}
                                onChange={(event) => {
                                    form.setData('need', event.target.value);
                                }}
                            >
                                <option value="decision">a decision</option>
                                <option value="input">input</option>
                                <option value="information">to inform</option>
                                <option value="help">help</option>
                            </SelectField>
                            <SelectField
                                label="Waiting costs"
                                value={form.data.rank}
                                error={form.errors.rank}
                                onChange={(event) => {
                                    form.setData('rank', event.target.value);
                                }}
                            >
                                <option value="">nobody said</option>
                                <option value="A">more each week</option>
                                <option value="B">something</option>
                                <option value="C">nothing</option>
                            </SelectField>
                            <TextField
                                label="Min"
                                inputMode="numeric"
                                placeholder="5"
                                value={form.data.minutes}
                                error={form.errors.minutes}
                                onChange={(event) => {
                                    form.setData('minutes', event.target.value);
                                }}
                            />
                            <SelectField
                                label="About"
                                value={form.data.project}
                                error={form.errors.project}
                                onChange={(event) => {
                                    form.setData('project', event.target.value);
                                }}
                            >
                                <option value="">no project</option>
                                <Grouped options={projects} />
                            </SelectField>
                        </div>
                    </>
                )}
                <Button type="submit" disabled={form.processing || form.data.title.trim() === ''}>
                    Raise it
                </Button>
            </form>
        </Section>
    );
}
