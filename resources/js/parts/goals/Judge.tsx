import { useForm } from '../../lib/kept/useForm';
import { AddLine } from '../fields/AddLine';
import { Section } from '../signs/Section';
import type { GoalView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { SelectField } from '../../ui/Select';

const directions: Record<string, string> = { forward: 'Forward', holding: 'Holding', backward: 'Backward' };

/** For a direction that is not a number: which way it went, in words, each time one looks. */
export function Judge({ page }: { page: GoalView }) {
    const form = useForm(`judgement of goal ${String(page.goal.id)}`, { direction: 'forward', line: '' });
    const said = page.history.filter((entry) => entry.kind === 'judgement');

    const judge = () => {
        form.post(route('judgements.store', page.goal.id), {
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
                <AddLine
                    words="What shows where it is heading?"
                    maxLength={500}
                    value={form.data.line}
                    error={form.errors.line}
                    onChange={(line) => {
                        form.setData('line', line);
                    }}
                    onAdd={judge}
                >
                    <SelectField
                        label="Direction"
                        className="w-40"
                        {...bind(form, 'direction')}
                        options={Object.entries(directions).map(([value, words]) => ({ value, label: words }))}
                    />
                </AddLine>
            )}
        </Section>
    );
}
