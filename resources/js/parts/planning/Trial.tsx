import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import type { ResolveRow } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** A trial, and the form that ends it. */
export function Trial({ trial }: { trial: ResolveRow }) {
    const form = useForm(`trial ${String(trial.id)}`, { learned: '' });

    const end = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('resolves.end', trial.id), { preserveScroll: true });
    };

    return (
        <li className="py-2">
            <p>
                {trial.title} <span className="text-xs text-ink-2">{trial.owner.name}</span>
            </p>
            {trial.endedOn !== null ? (
                <p className="text-ink-2">What we saw: {trial.learned}</p>
            ) : (
                <form onSubmit={end} className="mt-1 flex flex-wrap items-start gap-3">
                    <TextField
                        label={`What we saw of ${trial.title}`}
                        isLabelHidden
                        placeholder="What did we see?"
                        className="min-w-60 flex-1"
                        maxLength={1000}
                        {...bind(form, 'learned')}
                    />
                    <Button type="submit" disabled={form.processing}>
                        End
                    </Button>
                </form>
            )}
        </li>
    );
}
