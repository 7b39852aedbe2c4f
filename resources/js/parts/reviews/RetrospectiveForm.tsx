import { usePage } from '@inertiajs/react';
import type { RetrospectivesView } from '../../generated/props';
import { bind, bindRecord } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { RecordField } from '../fields/Choose';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';
import { DateField } from '../../ui/DateField';
import { TextArea, TextField } from '../../ui/Field';

/** What is looked back on, with whom, and by which questions. */
export function RetrospectiveForm({ page }: { page: RetrospectivesView }) {
    const me = usePage().props.frame?.me.id;
    const form = useForm('new retrospective', {
        title: '',
        project: null as number | null,
        from: '',
        until: '',
        people: [] as number[],
        questions: page.questions.join('\n'),
    });
    const { people } = form.data;

    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('retrospectives.store'), { as: (data) => data });
            }}
        >
            <TextField label="Retrospective of" placeholder="The autumn rollout" maxLength={200} {...bind(form, 'title')} />
            <div className="grid grid-cols-[1fr_140px_140px] gap-3 max-md:grid-cols-1">
                <RecordField label="Project" options={page.projects} none="no project" {...bindRecord(form, 'project')} />
                <DateField label="From" placeholder="any day" {...bind(form, 'from')} />
                <DateField label="Until" {...bind(form, 'until')} />
            </div>
            <fieldset>
                <legend className="mb-1 text-sm font-semibold">Who takes part besides you</legend>
                <div className="grid grid-cols-3 gap-x-4 max-md:grid-cols-1">
                    {page.people
                        .filter(({ id }) => id !== me)
                        .map((person) => (
                            <Check
                                key={person.id}
                                label={person.name}
                                checked={people.includes(person.id)}
                                onChange={(on) => {
                                    form.setData('people', on ? [...people, person.id] : people.filter((id) => id !== person.id));
                                }}
                            />
                        ))}
                </div>
            </fieldset>
            <TextArea label="Questions" hint="one on each line" rows={5} maxLength={4000} {...bind(form, 'questions')} />
            <Button kind="main" type="submit" disabled={form.processing || form.data.title.trim() === ''}>
                Start
            </Button>
        </form>
    );
}
