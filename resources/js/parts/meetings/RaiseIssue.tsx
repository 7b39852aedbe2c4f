import { needWords } from '../../lib/words';
import { grouped } from '../../lib/options';
import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { Section } from '../Section';
import type { Option, SeriesRow } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

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
                            <SelectField
                                label="Should end in"
                                {...bind(form, 'need')}
                                options={Object.entries(needWords).map(([value, label]) => ({ value, label }))}
                            />
                            <SelectField
                                label="Cost of waiting"
                                {...bind(form, 'rank')}
                                none="not ranked"
                                options={[
                                    { value: 'A', label: 'gets worse each week' },
                                    { value: 'B', label: 'costs something' },
                                    { value: 'C', label: 'costs nothing' },
                                ]}
                            />
                            <TextField label="Min" inputMode="numeric" placeholder="5" {...bind(form, 'minutes')} />
                            <SelectField label="Project" {...bind(form, 'project')} none="no project" options={grouped(projects)} />
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
