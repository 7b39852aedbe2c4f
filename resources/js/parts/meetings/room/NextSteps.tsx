import { AddLine } from '../../fields/AddLine';
import { TaskLine } from '../../task/TaskLine';
import type { ItemRow, RoomView } from '../../../generated/props';
import { dayWords } from '../../../lib/dates';
import { addingLines, bind } from '../../../lib/forms';
import { useForm } from '../../../lib/kept/useForm';
import { grouped } from '../../../lib/options';
import { route } from '../../../lib/routes';
import { useReadLine } from '../../../lib/useReadLine';
import { DateField } from '../../../ui/DateField';
import { SelectField } from '../../../ui/Select';

/** Who does what by when: each one task, seen here, in its project and in its owner's week. */
export function NextSteps({ page, item }: { page: RoomView; item: ItemRow }) {
    return (
        <section className="mt-5">
            <h3 className="text-base">Next steps</h3>
            <ul className="divide-y divide-hairline border-t border-hairline">
                {item.nextSteps.map((task) => (
                    <TaskLine
                        key={task.id}
                        task={task}
                        people={[]}
                        showsOwner
                        beside={page.unconfirmed.includes(task.id) ? 'not confirmed' : null}
                    />
                ))}
            </ul>
            {page.mayRun && <NextStepLine page={page} item={item} />}
        </section>
    );
}

/** The next one, in plain words: "Ring the mill by Wednesday, 20 min, to Priya". Who does it is asked where it is not said. */
function NextStepLine({ page, item }: { page: RoomView; item: ItemRow }) {
    const form = useForm(`next step of item ${String(item.id)}`, { title: '', owner: '', by: '', project: '' });
    const reading = useReadLine(form.data.title);
    const errors = form.errors as Partial<Record<string, string>>;
    const lines = addingLines(form, 'title', route('items.step', item.id), {
        as: (data) => ({ ...data, ...reading.said }),
        onSent: reading.reset,
    });
    const saysWho = reading.pieces.some((piece) => piece.kind === 'owner');

    return (
        <AddLine
            words="What, who, by when?"
            reading={reading}
            {...lines}
            error={lines.error ?? errors.by ?? (saysWho ? errors.owner : undefined)}
        >
            {!saysWho && (
                <SelectField
                    label={errors.owner === undefined ? 'Who' : 'Who does it?'}
                    className="w-36"
                    {...bind(form, 'owner')}
                    none="choose"
                    options={page.people.map((person) => ({ value: person.id, label: person.name }))}
                />
            )}
            <DateField label={`By when (${dayWords(page.by)} unless said)`} className="w-52" {...bind(form, 'by')} />
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
