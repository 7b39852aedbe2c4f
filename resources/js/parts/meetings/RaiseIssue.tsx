import { IssueFields, noIssue } from './IssueFields';
import { AddLine } from '../fields/AddLine';
import { Section } from '../signs/Section';
import type { Option, SeriesRow } from '../../generated/props';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';

/** Raises an issue without interrupting anyone: a title is enough. */
export function RaiseIssue({ series, projects, goals }: { series: Pick<SeriesRow, 'id' | 'title'>; projects: Option[]; goals: Option[] }) {
    const form = useForm(`issue for series ${String(series.id)}`, noIssue);

    return (
        <Section title="Raise an issue">
            <AddLine words="What needs discussing?" maxLength={200} {...addingLines(form, 'title', route('issues.store', series.id))}>
                <IssueFields form={form} projects={projects} goals={goals} />
            </AddLine>
        </Section>
    );
}
