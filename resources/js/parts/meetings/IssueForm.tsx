import type { SubmitEvent } from 'react';
import { IssueFields } from './IssueFields';
import type { IssueView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

const text = (value: string | number | null) => (value === null ? '' : String(value));

/** Changes an issue. Who raised it, and when, stays. */
export function IssueForm({ page, address, onDone }: { page: IssueView; address: string; onDone: () => void }) {
    const { issue } = page;
    const form = useForm(`issue ${String(issue.id)}`, {
        title: issue.title,
        context: text(issue.context),
        source: text(page.source),
        need: issue.need,
        rank: text(issue.rank),
        minutes: text(page.minutes),
        project: text(page.project),
        goal: text(page.goal),
        forOn: text(page.forOn),
    });
    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(address, { onSuccess: onDone });
    };

    return (
        <form onSubmit={save} className="flex flex-wrap items-end gap-3">
            <TextField label="What needs discussing?" className="w-full" maxLength={200} {...bind(form, 'title')} />
            <IssueFields form={form} projects={page.projects} goals={page.goals} />
            <span className="w-full">
                <Button kind="main" type="submit" disabled={form.processing}>
                    Save
                </Button>
            </span>
        </form>
    );
}
