import { clsx } from 'clsx';
import { type SubmitEvent, useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import type { PeriodLine } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { Pressed } from '../../ui/Pressed';

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
        <Pressed
            label={`${line.words === null ? 'Add' : 'Edit'} the ${name} of ${line.period.words}`}
            isActive={mayChange}
            onPress={() => {
                setWriting(true);
            }}
        >
            <span className={clsx('block', size === 'l' && 'text-2xl font-semibold tracking-[-0.02em]')}>
                {line.words ?? <span className="text-base font-normal tracking-normal text-ink-2">It has no {name} yet.</span>}
            </span>
            {line.why !== null && <span className="block max-w-prose whitespace-pre-line text-ink-2">{line.why}</span>}
        </Pressed>
    );
}
