import { type SubmitEvent, useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import type { ProjectView } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** How it stands, in a line with its date. */
export function StatusLine({ page }: { page: ProjectView }) {
    const [isWriting, setWriting] = useState(false);
    const form = useForm(`status of project ${String(page.project.id)}`, { line: page.project.statusLine ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('projects.status', page.project.id), {
            onSuccess: () => {
                setWriting(false);
            },
        });
    };

    if (isWriting) {
        return (
            <form onSubmit={save} className="mt-2 flex flex-wrap items-start gap-3">
                <TextField
                    label="Where it stands"
                    isLabelHidden
                    autoFocus
                    maxLength={300}
                    className="min-w-60 flex-1"
                    {...bind(form, 'line')}
                />
                <Button type="submit" disabled={form.processing}>
                    Save
                </Button>
            </form>
        );
    }

    return (
        <p className="mt-2 flex flex-wrap items-baseline gap-x-3">
            {page.project.statusLine !== null && (
                <>
                    <span className="font-medium">{page.project.statusLine}</span>
                    {page.project.statusOn !== null && <span className="text-xs text-ink-2">{dayWords(page.project.statusOn)}</span>}
                </>
            )}
            {page.mayChange && (
                <Button
                    kind="quiet"
                    className="-ml-3"
                    onClick={() => {
                        setWriting(true);
                    }}
                >
                    {page.project.statusLine === null ? 'Say where it stands' : 'Where it stands'}
                </Button>
            )}
        </p>
    );
}
