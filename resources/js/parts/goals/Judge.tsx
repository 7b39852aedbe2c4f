import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { Section } from '../Section';
import type { GoalView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

const directions: Record<string, string> = { forward: 'Forward', holding: 'Holding', backward: 'Backward' };

/** For a direction that is not a number: which way it went, in words, each time one looks. */
export function Judge({ page }: { page: GoalView }) {
    const form = useForm(`judgement of goal ${String(page.goal.id)}`, { direction: 'forward', line: '' });
    const said = page.history.filter((entry) => entry.kind === 'judgement');

    const judge = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('judgements.store', page.goal.id), {
            preserveScroll: true,
            onSuccess: () => {
                form.reset('line');
            },
        });
    };

    return (
        <Section title="Direction" aside="Not counted in any figure.">
            {said[0] !== undefined && (
                <p className="py-1 text-md">
                    <span className="font-semibold">{directions[said[0].words]}</span>: {said[0].text}
                </p>
            )}
            {page.mayChange && page.closedOn === null && (
                <form onSubmit={judge} className="flex flex-wrap items-start gap-3 py-2">
                    <SelectField
                        label="Direction"
                        isLabelHidden
                        {...bind(form, 'direction')}
                        options={Object.entries(directions).map(([value, words]) => ({ value: value, label: words }))}
                    />
                    <TextField label="Why" isLabelHidden placeholder="What shows it" className="min-w-60 flex-1" {...bind(form, 'line')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Save
                    </Button>
                </form>
            )}
        </Section>
    );
}
