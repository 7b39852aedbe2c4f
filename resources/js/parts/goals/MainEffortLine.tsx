import { EditedLine } from './EditedLine';
import type { MainEffortRow, PersonTag } from '../../generated/props';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { peopleAsOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

interface Props {
    effort: MainEffortRow;
    people: PersonTag[];
    mayChange: boolean;
}

/** One of the few activities that carry a goal, with the hours a week meant for it. */
export function MainEffortLine({ effort, people, mayChange }: Props) {
    const form = useForm(`main effort ${String(effort.id)}`, {
        title: effort.title,
        hours: effort.hours ?? '',
        person: String(effort.person.id),
    });

    return (
        <EditedLine
            title={effort.title}
            mayChange={mayChange}
            form={form}
            saveAt={route('main-efforts.update', effort.id)}
            deleteAt={route('main-efforts.destroy', effort.id)}
            fields={
                <>
                    <TextField label="Main effort" autoFocus maxLength={200} {...bind(form, 'title')} />
                    <div className="grid grid-cols-2 gap-2">
                        <TextField label="Hours a week" inputMode="decimal" {...bind(form, 'hours')} />
                        <SelectField label="Person" options={peopleAsOptions(people)} {...bind(form, 'person')} />
                    </div>
                </>
            }
        >
            <span className="flex items-baseline justify-between gap-3">
                <span>{effort.title}</span>
                <span className="flex-none font-mono text-xs text-ink-2">{effort.hours === null ? '' : `${effort.hours} h`}</span>
            </span>
            <span className="block text-xs text-ink-2">{effort.person.name}</span>
            {effort.comesBack.map((words) => (
                <span key={words} className="block text-xs text-ink-2">
                    {words}
                </span>
            ))}
        </EditedLine>
    );
}
