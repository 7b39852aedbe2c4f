import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { Section } from '../Section';
import type { PlanningView, ResolveKind, ResolveRow } from '../../generated/props';
import { act } from '../../lib/act';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

const kinds: { kind: ResolveKind; title: string; hint: string; words: string }[] = [
    {
        kind: 'driver',
        title: 'Main efforts',
        hint: 'The few activities that carry the goals. Tasks can be linked to one, and its share of the time is shown every week.',
        words: 'An activity that carries a goal',
    },
    {
        kind: 'trial',
        title: 'Assumptions',
        hint: 'What the goals rest on. Each ends with what we saw.',
        words: 'An assumption to test',
    },
    { kind: 'skill', title: 'Skills', hint: 'What somebody learns.', words: 'Something to learn' },
    {
        kind: 'give_up',
        title: 'Trade-offs',
        hint: 'What we leave undone to make room. Shown on the Week page.',
        words: 'Something we leave undone',
    },
];

/** How the stretch is gone about. */
export function HowStep({ page }: { page: PlanningView }) {
    return (
        <div className="grid grid-cols-2 gap-x-10 gap-y-7 max-lg:grid-cols-1">
            {kinds.map(({ kind, title, hint, words }) => (
                <Section key={kind} title={title}>
                    <p className="mb-1 text-xs text-ink-2">{hint}</p>
                    <ul className="divide-y divide-hairline">
                        {page.resolves
                            .filter((resolve) => resolve.kind === kind)
                            .map((resolve) => (
                                <Line key={resolve.id} resolve={resolve} />
                            ))}
                    </ul>
                    <NewResolve page={page} kind={kind} words={words} />
                </Section>
            ))}
        </div>
    );
}

function Line({ resolve }: { resolve: ResolveRow }) {
    return (
        <li className="flex items-baseline gap-3 py-1">
            <span className="min-w-0 flex-1">{resolve.title}</span>
            <span className="text-xs text-ink-2">{resolve.owner.name}</span>
            <Button
                kind="quiet"
                aria-label={`Delete ${resolve.title}`}
                onClick={() => {
                    act('delete', route('resolves.destroy', resolve.id));
                }}
            >
                Delete
            </Button>
        </li>
    );
}

function NewResolve({ page, kind, words }: { page: PlanningView; kind: ResolveKind; words: string }) {
    const form = useForm(`new ${kind} in ${page.stretch.name}`, { kind, title: '', owner: '' });

    const add = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('resolves.store', page.stretch.name), {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset('title');
            },
        });
    };

    return (
        <form onSubmit={add} className="mt-1 flex flex-wrap items-start gap-2">
            <TextField
                label={words}
                isLabelHidden
                placeholder={words}
                maxLength={200}
                className="min-w-40 flex-1"
                {...bind(form, 'title')}
            />
            <SelectField
                label={`Owner of ${words}`}
                isLabelHidden
                className="w-40"
                {...bind(form, 'owner')}
                none="mine"
                options={page.people.map((person) => ({ value: person.id, label: person.name }))}
            />
            <Button type="submit" disabled={form.processing || form.data.title.trim() === ''}>
                Add
            </Button>
        </form>
    );
}
