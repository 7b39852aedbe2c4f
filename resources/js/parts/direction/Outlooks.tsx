import { useForm } from '../../lib/kept/useForm';
import { useState } from 'react';
import { Empty, Section } from '../Section';
import type { DirectionView, OutlookTag } from '../../generated/props';
import { act } from '../../lib/act';
import { fullDateWords } from '../../lib/dates';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextArea, TextField } from '../../ui/Field';

/** There are no more outlooks than this. */
const MOST = 3;

/** Where we want to be beyond this year. */
export function Outlooks({ page }: { page: DirectionView }) {
    const [open, setOpen] = useState<OutlookTag | 'new' | null>(null);
    const { outlooks } = page.bearing;
    const close = () => {
        setOpen(null);
    };

    return (
        <Section title="Long-term goals" aside="Beyond this year, up to three.">
            {outlooks.length === 0 && (
                <Empty>None yet. Where should we be in three years, or in ten? Year goals can contribute to it.</Empty>
            )}
            <ul className="divide-y divide-hairline">
                {outlooks.map((outlook) => (
                    <li key={outlook.id} className="py-2">
                        <div className="flex items-baseline justify-between gap-3">
                            <span className="font-semibold">{outlook.title}</span>
                            {page.mayChange && (
                                <Button
                                    kind="quiet"
                                    aria-label={`Edit ${outlook.title}`}
                                    onClick={() => {
                                        setOpen(outlook);
                                    }}
                                >
                                    Edit
                                </Button>
                            )}
                        </div>
                        <p className="text-xs text-ink-2">by {fullDateWords(outlook.on)}</p>
                        {outlook.why !== null && <p className="mt-1 whitespace-pre-line text-ink-2">{outlook.why}</p>}
                    </li>
                ))}
            </ul>
            {page.mayChange && outlooks.length < MOST && (
                <Button
                    className="mt-2"
                    onClick={() => {
                        setOpen('new');
                    }}
                >
                    Add a long-term goal
                </Button>
            )}
            <Dialog isOpen={open !== null} onOpenChange={close} title={open === 'new' ? 'Add a long-term goal' : 'Edit long-term goal'}>
                {open !== null && <OutlookForm outlook={open === 'new' ? null : open} onDone={close} />}
            </Dialog>
        </Section>
    );
}

function OutlookForm({ outlook, onDone }: { outlook: OutlookTag | null; onDone: () => void }) {
    const form = useForm(`long-term goal ${String(outlook?.id)}`, {
        title: outlook?.title ?? '',
        on: outlook?.on ?? '',
        why: outlook?.why ?? '',
    });

    const save = saving(form, outlook?.id, route('outlooks.store'), (id) => route('outlooks.update', id), onDone);

    return (
        <form onSubmit={save} className="space-y-4">
            <TextField label="What will be true" maxLength={200} {...bind(form, 'title')} />
            <TextField label="By when" type="date" {...bind(form, 'on')} />
            <TextArea label="Why" maxLength={2000} {...bind(form, 'why')} />
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={form.processing}>
                    Save
                </Button>
                {outlook !== null && (
                    <Button
                        onClick={() => {
                            act('delete', route('outlooks.destroy', outlook.id), {}, { onDone });
                        }}
                    >
                        Delete
                    </Button>
                )}
            </div>
        </form>
    );
}
