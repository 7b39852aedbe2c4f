import { clsx } from 'clsx';
import { type SubmitEvent, useState } from 'react';
import { SaveOrCancel } from '../fields/SaveOrCancel';
import { useForm } from '../../lib/kept/useForm';
import { PasteReadings } from './PasteReadings';
import { Section } from '../signs/Section';
import type { GoalView, ReadingRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { DateField } from '../../ui/DateField';

/** How many readings are listed before the rest folds. */
const SHOWN = 6;

/** What was read so far, newest first; the next is entered beside the figure. */
export function Readings({ page }: { page: GoalView }) {
    const [isOpen, setOpen] = useState(false);
    const shown = isOpen ? page.readings : page.readings.slice(0, SHOWN);

    return (
        <Section title="Readings" aside={page.unit ?? undefined}>
            {page.closedOn === null && !page.isPast && (
                <div className="flex justify-end">
                    <PasteReadings goal={page.goal.id} />
                </div>
            )}
            <ul className="divide-y divide-hairline">
                {shown.map((reading) => (
                    <Line key={reading.id} reading={reading} mayChange={page.mayChange} />
                ))}
            </ul>
            {page.readings.length > shown.length && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    {page.readings.length - shown.length} earlier
                </Button>
            )}
        </Section>
    );
}

function Line({ reading, mayChange }: { reading: ReadingRow; mayChange: boolean }) {
    const [isChanging, setChanging] = useState(false);
    const form = useForm(`reading ${String(reading.id)}`, { on: reading.on, value: reading.plain });

    const correct = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('readings.update', reading.id), {
            onSuccess: () => {
                setChanging(false);
            },
        });
    };

    if (isChanging) {
        return (
            <li>
                <form onSubmit={correct} className="flex flex-wrap items-start gap-3 py-1">
                    <DateField label="Day" isLabelHidden {...bind(form, 'on')} />
                    <TextField label="Value" isLabelHidden inputMode="decimal" autoFocus {...bind(form, 'value')} />
                    <SaveOrCancel
                        form={form}
                        isQuiet
                        onCancel={() => {
                            setChanging(false);
                        }}
                    />
                </form>
            </li>
        );
    }

    return (
        <li className="group/reading flex items-baseline gap-4 py-1">
            <span className="w-24 text-ink-2">{dayWords(reading.on)}</span>
            <span className="font-mono">{reading.value}</span>
            <span className="text-xs text-ink-2">{reading.by}</span>
            {mayChange && (
                <span
                    className={clsx(
                        'ml-auto flex opacity-0 group-focus-within/reading:opacity-100',
                        'group-hover/reading:opacity-100 pointer-coarse:opacity-100',
                    )}
                >
                    <Button
                        kind="quiet"
                        aria-label={`Edit the reading of ${dayWords(reading.on)}`}
                        onClick={() => {
                            setChanging(true);
                        }}
                    >
                        Edit
                    </Button>
                    <Button
                        kind="quiet"
                        aria-label={`Delete the reading of ${dayWords(reading.on)}`}
                        onClick={() => {
                            act('delete', route('readings.destroy', reading.id));
                        }}
                    >
                        Delete
                    </Button>
                </span>
            )}
        </li>
    );
}
