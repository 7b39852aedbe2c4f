import { Head } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import type { Focus, ProjectFormView, Rank } from '../../generated/props';
import { bind, saving } from '../../lib/forms';
import { lastMeansDone } from '../../lib/projects';
import { focusOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { OwnerAndArea } from '../../parts/fields/OwnerAndArea';
import { SeenBy } from '../../parts/fields/SeenBy';
import { ServesFields } from '../../parts/projects/ServesFields';
import { StageFields } from '../../parts/projects/StageFields';
import { HowItRuns } from '../../parts/projects/HowItRuns';
import { Button, ButtonLink } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';
import { DateField } from '../../ui/DateField';
import { Check } from '../../ui/Check';

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
                            label={lastMeansDone(data.stages.at(-1)?.name ?? '')}
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
                    <DateField
                        label="Starts"
                        value={data.startsOn ?? ''}
                        error={errors.startsOn}
                        onChange={(value) => {
                            form.setData('startsOn', value === '' ? null : value);
                        }}
                    />
                    <DateField
                        label="Due"
                        value={data.dueOn ?? ''}
                        error={errors.dueOn}
                        hint="With both dates it has a pace."
                        onChange={(value) => {
                            form.setData('dueOn', value === '' ? null : value);
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
                        onChange={(value) => {
                            form.setData('rank', value === '' ? null : (value as Rank));
                        }}
                        none="None"
                        options={[
                            { value: 'A', label: 'A' },
                            { value: 'B', label: 'B' },
                            { value: 'C', label: 'C' },
                        ]}
                    />
                    <SelectField
                        label="Focus needed"
                        value={data.focus ?? ''}
                        error={errors.focus}
                        onChange={(value) => {
                            form.setData('focus', value === '' ? null : (value as Focus));
                        }}
                        none="Not set"
                        options={focusOptions}
                    />
                    <SelectField
                        label="State"
                        {...bind(form, 'state')}
                        options={[
                            { value: 'proposed', label: 'Proposed' },
                            { value: 'active', label: 'Active' },
                            { value: 'paused', label: 'Paused' },
                            { value: 'done', label: 'Done' },
                            { value: 'shelved', label: 'On the shelf' },
                            { value: 'dropped', label: 'Dropped' },
                        ]}
                    />
                </div>
                <SeenBy
                    viewing={data}
                    groups={page.groups}
                    people={page.people}
                    errors={errors}
                    countsIn={data.serves.length === 0 ? null : data.serves.length === 1 ? 'its goal' : 'its goals'}
                    onChange={(change) => {
                        form.setData({ ...data, ...change });
                    }}
                />
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
