import { clsx } from 'clsx';
import { type SubmitEvent, useState } from 'react';
import { SaveOrCancel } from '../fields/SaveOrCancel';
import { EditedLine } from './EditedLine';
import type { AssumptionRow, PersonTag } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { peopleAsOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { DateField } from '../../ui/DateField';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

interface Props {
    assumption: AssumptionRow;
    people: PersonTag[];
    mayChange: boolean;
}

/** What a goal rests on: by when it is tested, and then what we saw. */
export function AssumptionLine({ assumption, people, mayChange }: Props) {
    const form = useForm(`assumption ${String(assumption.id)}`, {
        title: assumption.title,
        testOn: assumption.testOn,
        person: String(assumption.person.id),
    });

    return (
        <EditedLine
            title={assumption.title}
            mayChange={mayChange}
            form={form}
            saveAt={route('assumptions.update', assumption.id)}
            deleteAt={route('assumptions.destroy', assumption.id)}
            fields={
                <>
                    <TextField label="Assumption" autoFocus maxLength={200} {...bind(form, 'title')} />
                    <div className="grid grid-cols-2 gap-2">
                        <DateField label="Tested by" {...bind(form, 'testOn')} />
                        <SelectField label="Person" options={peopleAsOptions(people)} {...bind(form, 'person')} />
                    </div>
                </>
            }
        >
            <span className="flex items-baseline justify-between gap-3">
                <span>{assumption.title}</span>
                {assumption.seenOn === null && (
                    <span className={clsx('flex-none text-xs', assumption.isDue ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                        {assumption.isDue && 'late, '}
                        {dayWords(assumption.testOn)}
                    </span>
                )}
            </span>
            <Seen assumption={assumption} mayChange={mayChange} />
        </EditedLine>
    );
}

/** What we saw, or a press to say it. */
export function Seen({ assumption, mayChange }: { assumption: AssumptionRow; mayChange: boolean }) {
    const [isWriting, setWriting] = useState(false);
    const form = useForm(`seen of assumption ${String(assumption.id)}`, { words: assumption.seen ?? '' });
    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('assumptions.see', assumption.id), {
            onSuccess: () => {
                setWriting(false);
            },
        });
    };

    if (isWriting) {
        return (
            <form onSubmit={save} className="mt-1 space-y-2">
                <TextArea
                    label={`What we saw: ${assumption.title}`}
                    isLabelHidden
                    placeholder="What did we see?"
                    rows={2}
                    autoFocus
                    maxLength={2000}
                    {...bind(form, 'words')}
                />
                <SaveOrCancel
                    form={form}
                    isQuiet
                    onCancel={() => {
                        setWriting(false);
                    }}
                />
            </form>
        );
    }

    return (
        <span className="block text-xs text-ink-2">
            {assumption.person.name}
            {assumption.seen !== null && <span className="block text-sm text-ink">We saw: {assumption.seen}</span>}
            {mayChange && (
                <button
                    type="button"
                    aria-label={`${assumption.seen === null ? 'Say what we saw' : 'Change what we saw'}: ${assumption.title}`}
                    className={clsx('link', assumption.seen === null && 'ml-2')}
                    onClick={() => {
                        setWriting(true);
                    }}
                >
                    {assumption.seen === null ? 'What did we see?' : 'Change'}
                </button>
            )}
        </span>
    );
}
