import { grouped } from '../../lib/options';
import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import type { ItemRow, MeetingView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';
import { DateField } from '../../ui/DateField';

/** Who does what by when: one task, seen here, in its project and in its owner's week. */
export function NextStepForm({ page, item }: { page: MeetingView; item: ItemRow }) {
    const form = useForm(`next step of item ${String(item.id)}`, {
        title: '',
        owner: String(page.attendances[0]?.personId ?? ''),
        by: page.by,
        project: '',
    });

    const add = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('items.step', item.id), {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset('title');
            },
        });
    };

    return (
        <form onSubmit={add} className="flex flex-wrap items-start gap-3 border-t border-rule pt-2">
            <TextField
                label="Next step"
                isLabelHidden
                className="min-w-52 flex-1"
                placeholder="What needs doing?"
                maxLength={200}
                {...bind(form, 'title')}
            />
            <SelectField
                label="Who"
                isLabelHidden
                className="w-36"
                {...bind(form, 'owner')}
                options={page.attendances.map((attendance) => ({ value: attendance.personId, label: attendance.name }))}
            />
            <DateField label="By when" isLabelHidden className="w-36" {...bind(form, 'by')} />
            <SelectField
                label="For"
                isLabelHidden
                className="w-40"
                {...bind(form, 'project')}
                none={item.issue?.for ?? 'no project'}
                options={grouped(page.projects)}
            />
            <Button type="submit" disabled={form.processing || form.data.title.trim() === ''}>
                Add
            </Button>
        </form>
    );
}
