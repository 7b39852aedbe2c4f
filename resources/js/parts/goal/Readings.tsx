import { useForm, usePage } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
import { Section } from '../Section';
import type { GoalView } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** How many readings are listed before the rest folds. */
const SHOWN = 6;

export function Readings({ page }: { page: GoalView }) {
    const { frame } = usePage().props;
    const [isOpen, setOpen] = useState(false);
    const form = useForm({ on: frame?.today ?? '', value: '' });
    const shown = isOpen ? page.readings : page.readings.slice(0, SHOWN);

    const enter = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('readings.store', page.goal.id), {
            preserveScroll: true,
            onSuccess: () => {
                form.reset('value');
            },
        });
    };

    return (
        <Section title="Readings" aside={page.unit ?? undefined}>
            {page.closedOn === null && (
                <form onSubmit={enter} className="flex flex-wrap items-start gap-3 py-2">
                    <TextField label="Day" isLabelHidden type="date" {...bind(form, 'on')} max={frame?.today} />
                    <TextField label="Value" isLabelHidden inputMode="decimal" placeholder="New value" {...bind(form, 'value')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Enter
                    </Button>
                </form>
            )}
            <ul className="divide-y divide-hairline">
                {shown.map((reading) => (
                    <li key={reading.id} className="group flex items-baseline gap-4 py-1">
                        <span className="w-24 text-ink-2">{dayWords(reading.on)}</span>
                        <span className="font-mono">{reading.value}</span>
                        <span className="text-xs text-ink-2">{reading.by}</span>
                        {page.mayChange && (
                            <Button
                                kind="quiet"
                                className="ml-auto"
                                aria-label={`Remove the reading of ${dayWords(reading.on)}`}
                                onClick={() => {
                                    act('delete', route('readings.destroy', reading.id));
                                }}
                            >
                                Remove
                            </Button>
                        )}
                    </li>
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
