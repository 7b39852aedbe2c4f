import { Head } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import type { Attention, ProjectFormView, Rank } from '../../generated/props';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { OwnerAndArea } from '../../parts/OwnerAndArea';
import { ServesFields } from '../../parts/projects/ServesFields';
import { StageFields } from '../../parts/projects/StageFields';
import { HowItRuns } from '../../parts/projects/HowItRuns';
import { Button, ButtonLink } from '../../ui/Button';
import { Check, SelectField, TextArea, TextField } from '../../ui/Field';

/** The title is enough; the rest when wanted. */
export default function ProjectForm({ page }: { page: ProjectFormView }) {
    const { project } = page;
    const form = useForm(`project ${String(project.id)}`, project);
    const { data, errors } = form;

    const save = saving(form, project.id, route('projects.store'), (id) => route('projects.update', id));

    return (
        <div className="mx-auto w-full max-w-2xl px-6 py-6 max-md:px-4">
            <Head title={project.id === null ? 'New project' : `Edit ${project.title}`} />
            <h1 className="mb-5">{project.id === null ? 'New project' : 'Edit the project'}</h1>
            <form onSubmit={save} className="space-y-5">
                <TextField label="Name" autoFocus={project.id === null} maxLength={200} {...bind(form, 'title')} />
                <TextArea
                    label="Result and how it is accepted"
                    hint="What will exist, and how will we know it is good enough?"
                    maxLength={5000}
                    {...bind(form, 'outcome')}
                />
                <ServesFields
                    serves={data.serves}
                    goals={page.goals}
                    errors={errors}
                    onChange={(serves) => {
                        form.setData('serves', serves);
                    }}
                />
                <StageFields
                    stages={data.stages}
                    errors={errors}
                    onChange={(stages) => {
                        form.setData('stages', stages);
                    }}
                />
                {data.stages.length > 1 && (
                    <div>
                        <Check
                            label={`${(data.stages.at(-1)?.name ?? '') === '' ? 'The last stage' : `“${data.stages.at(-1)?.name ?? ''}”`} means done: a task moved there is ticked`}
                            checked={data.lastIsDone}
                            onChange={(on) => {
                                form.setData('lastIsDone', on);
                            }}
                        />
                        {errors.lastIsDone !== undefined && <p className="text-sm font-medium text-persimmon">{errors.lastIsDone}</p>}
                    </div>
                )}
                <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                    <HowItRuns
                        order={data.order}
                        weighing={data.weighing}
                        onChange={(change) => {
                            form.setData({ ...data, ...change });
                        }}
                    />
                    <TextField
                        label="Starts"
                        type="date"
                        value={data.startsOn ?? ''}
                        error={errors.startsOn}
                        onChange={(event) => {
                            form.setData('startsOn', event.target.value === '' ? null : event.target.value);
                        }}
                    />
                    <TextField
                        label="Due"
                        type="date"
                        value={data.dueOn ?? ''}
                        error={errors.dueOn}
                        hint="With both dates it has a pace."
                        onChange={(event) => {
                            form.setData('dueOn', event.target.value === '' ? null : event.target.value);
                        }}
                    />
                    <OwnerAndArea
                        owner={data.owner}
                        area={data.area}
                        people={page.people}
                        areas={page.areas}
                        errors={errors}
                        onChange={(change) => {
                            form.setData({ ...data, ...change });
                        }}
                    />
                    <SelectField
                        label="Rank"
                        value={data.rank ?? ''}
                        error={errors.rank}
                        onChange={(event) => {
                            form.setData('rank', event.target.value === '' ? null : (event.target.value as Rank));
                        }}
                    >
                        <option value="">None</option>
                        <option>A</option>
                        <option>B</option>
                        <option>C</option>
                    </SelectField>
                    <SelectField
                        label="Focus needed"
                        value={data.attention ?? ''}
                        error={errors.attention}
                        onChange={(event) => {
                            form.setData('attention', event.target.value === '' ? null : (event.target.value as Attention));
                        }}
                    >
                        <option value="">Not set</option>
                        <option value="full">Full</option>
                        <option value="normal">Normal</option>
                        <option value="little">Little</option>
                    </SelectField>
                    <SelectField label="State" {...bind(form, 'state')}>
                        <option value="proposed">Proposed</option>
                        <option value="active">Active</option>
                        <option value="paused">Paused</option>
                        <option value="done">Done</option>
                        <option value="shelved">On the shelf</option>
                        <option value="dropped">Dropped</option>
                    </SelectField>
                </div>
                <div className="flex gap-3 border-t border-rule pt-4">
                    <Button kind="main" type="submit" disabled={form.processing}>
                        {project.id === null ? 'Add project' : 'Save'}
                    </Button>
                    <ButtonLink kind="quiet" href={project.id === null ? route('projects.index') : route('projects.show', project.id)}>
                        Cancel
                    </ButtonLink>
                </div>
            </form>
        </div>
    );
}
