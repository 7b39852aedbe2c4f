import { grouped } from '../../lib/options';
import { useForm } from '../../lib/kept/useForm';
import type { ItemRow, MeetingView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { SelectField } from '../../ui/Select';
import { DateField } from '../../ui/DateField';
import { AddLine } from '../AddLine';

/** Who does what by when: one task, seen here, in its project and in its owner's week. */
export function NextStepForm({ page, item }: { page: MeetingView; item: ItemRow }) {
    const form = useForm(`next step of item ${String(item.id)}`, {
        title: '',
        owner: String(page.attendances[0]?.personId ?? ''),
        by: page.by,
        project: '',
    });

    return (
        <AddLine
            words="What needs doing?"
            maxLength={200}
            value={form.data.title}
            error={form.errors.title}
            isSending={form.processing}
            onChange={(title) => {
                form.setData('title', title);
            }}
            onAdd={() => {
                form.post(route('items.step', item.id), {
                    preserveScroll: true,
                    preserveState: true,
                    onSuccess: () => {
                        form.reset('title');
                    },
                });
            }}
        >
            <SelectField
                label="Who"
                className="w-36"
                {...bind(form, 'owner')}
                options={page.attendances.map((attendance) => ({ value: attendance.personId, label: attendance.name }))}
            />
            <DateField label="By when" className="w-36" {...bind(form, 'by')} />
            <SelectField
                label="For"
                className="w-44"
                {...bind(form, 'project')}
                none={item.issue?.for ?? 'no project'}
                options={grouped(page.projects)}
            />
        </AddLine>
    );
}
