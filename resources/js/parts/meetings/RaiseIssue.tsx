import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { Grouped } from '../Grouped';
import { Section } from '../Section';
import type { Option, SeriesRow } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { SelectField, TextArea, TextField } from '../../ui/Field';

/** Raises an issue without interrupting anyone: a title is enough. */
export function RaiseIssue({ series, projects }: { series: Pick<SeriesRow, 'id' | 'title'>; projects: Option[] }) {
    const form = useForm(`issue for series ${String(series.id)}`, {
        title: '',
        context: '',
        need: 'decision',
        rank: '',
        minutes: '',
        project: '',
    });

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
                <TextField label="Issue" isLabelHidden placeholder="What needs discussing?" maxLength={200} {...bind(form, 'title')} />
                {form.data.title !== '' && (
                    <>
                        <TextArea label="Context" rows={2} {...bind(form, 'context')} />
                        <div className="grid grid-cols-2 gap-3">
                            <SelectField label="Should end in" {...bind(form, 'need')}>
                                <option value="decision">a decision</option>
                                <option value="an answer">an answer</option>
                                <option value="information">everybody knows</option>
                                <option value="help">help</option>
                            </SelectField>
                            <SelectField label="Cost of waiting" {...bind(form, 'rank')}>
                                <option value="">not ranked</option>
                                <option value="A">gets worse each week</option>
                                <option value="B">costs something</option>
                                <option value="C">costs nothing</option>
                            </SelectField>
                            <TextField label="Min" inputMode="numeric" placeholder="5" {...bind(form, 'minutes')} />
                            <SelectField label="Project" {...bind(form, 'project')}>
                                <option value="">no project</option>
                                <Grouped options={projects} />
                            </SelectField>
                        </div>
                    </>
                )}
                <Button type="submit" disabled={form.processing || form.data.title.trim() === ''}>
                    Raise issue
                </Button>
            </form>
        </Section>
    );
}
