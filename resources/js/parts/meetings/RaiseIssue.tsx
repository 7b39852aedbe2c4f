import { needWords } from '../../lib/words';
import { grouped } from '../../lib/options';
import { useForm } from '../../lib/kept/useForm';
import { AddLine } from '../AddLine';
import { Section } from '../Section';
import type { Option, SeriesRow } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { NumberField } from '../../ui/NumberField';
import { TextArea } from '../../ui/Field';
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

    return (
        <Section title="Raise an issue">
            <AddLine
                words="What needs discussing?"
                maxLength={200}
                value={form.data.title}
                error={form.errors.title}
                isSending={form.processing}
                onChange={(title) => {
                    form.setData('title', title);
                }}
                onAdd={() => {
                    form.post(route('issues.store', series.id), {
                        preserveScroll: true,
                        preserveState: true,
                        onSuccess: () => {
                            form.reset();
                        },
                    });
                }}
            >
                <TextArea label="Context" rows={2} className="w-full" {...bind(form, 'context')} />
                <SelectField
                    label="Should end in"
                    className="w-40"
                    {...bind(form, 'need')}
                    options={Object.entries(needWords).map(([value, label]) => ({ value, label }))}
                />
                <SelectField
                    label="Cost of waiting"
                    className="w-44"
                    {...bind(form, 'rank')}
                    none="not ranked"
                    options={[
                        { value: 'A', label: 'gets worse each week' },
                        { value: 'B', label: 'costs something' },
                        { value: 'C', label: 'costs nothing' },
                    ]}
                />
                <SelectField label="Project" className="w-48" {...bind(form, 'project')} none="no project" options={grouped(projects)} />
                <NumberField
                    label="Min"
                    min={1}
                    max={600}
                    className="w-20"
                    placeholder="5"
                    value={form.data.minutes}
                    error={form.errors.minutes}
                    onChange={(minutes) => {
                        form.setData('minutes', minutes);
                    }}
                />
            </AddLine>
        </Section>
    );
}
