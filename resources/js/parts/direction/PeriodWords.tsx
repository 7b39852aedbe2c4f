import { useForm } from '../../lib/kept/useForm';
import { type SubmitEvent, useState } from 'react';
import type { PeriodLine } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';

interface Props {
    line: PeriodLine;
    /** What the line is called here: "motto", "line". */
    name: string;
    size?: 'm' | 'l';
    mayChange: boolean;
}

/** What is said of a period and why, changed in place. */
export function PeriodWords({ line, name, size = 'm', mayChange }: Props) {
    const [isWriting, setWriting] = useState(false);
    const form = useForm(`line of ${line.period.name}`, { words: line.words ?? '', why: line.why ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('periods.say', line.period.name), {
            preserveScroll: true,
            onSuccess: () => {
                setWriting(false);
            },
        });
    };

    if (isWriting) {
        return (
            <form onSubmit={save} className="space-y-3 py-1">
                <TextField label={`The ${name} of ${line.period.words}`} maxLength={200} autoFocus {...bind(form, 'words')} />
                <TextArea label="Why we chose it" rows={2} maxLength={2000} {...bind(form, 'why')} />
                <Button kind="main" type="submit" disabled={form.processing}>
                    Save
                </Button>
            </form>
        );
    }

    return (
        <div className="flex items-baseline justify-between gap-3 max-md:flex-wrap">
            <div className="min-w-0">
                <p className={size === 'l' ? 'text-xl font-semibold' : ''}>
                    {line.words ?? <span className="text-base font-normal text-ink-2">It has no {name} yet.</span>}
                </p>
                {line.why !== null && <p className="max-w-prose whitespace-pre-line text-ink-2">{line.why}</p>}
            </div>
            {mayChange && (
                <Button
                    kind="quiet"
                    aria-label={`Edit the ${name} of ${line.period.words}`}
                    onClick={() => {
                        setWriting(true);
                    }}
                >
                    {line.words === null ? 'Add it' : 'Edit'}
                </Button>
            )}
        </div>
    );
}
