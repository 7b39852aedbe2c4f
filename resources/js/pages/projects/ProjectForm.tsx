import { SaveLine } from '../../parts/fields/SaveLine';
import { Head } from '@inertiajs/react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { Focus, ProjectFormView, Rank, ProjectValues } from '../../generated/props';
import { bind, saving } from '../../lib/forms';
import { LastStage } from '../../parts/projects/LastStage';
import { focusOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { OwnerAndArea } from '../../parts/fields/OwnerAndArea';
import { SeenBy } from '../../parts/fields/SeenBy';
import { ServesFields } from '../../parts/projects/ServesFields';
import { StageFields } from '../../parts/projects/StageFields';
import { HowItRuns } from '../../parts/projects/HowItRuns';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';
import { DateField } from '../../ui/DateField';

/** The title is enough; the rest when wanted. */
export default function ProjectForm({ page }: { page: ProjectFormView }) {
    const { project } = page;
    const form = useForm(`project ${String(project.id)}`, project);
    const { data, errors } = form;

    const save = saving(form, project.id, route('projects.store'), (id) => route('projects.update', id));

    return (
        <div className="sheet-edge max-w-2xl">
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
                <LastStage
                    stages={data.stages.map(({ name }) => name)}
                    isDone={data.lastIsDone}
                    error={errors.lastIsDone}
                    onChange={(on) => {
                        form.setData('lastIsDone', on);
                    }}
                />
                <HowItIsRun page={page} form={form} />
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
                <SaveLine
                    words={project.id === null ? 'Add project' : 'Save'}
                    isOff={form.processing}
                    cancel={project.id === null ? route('projects.index') : route('projects.show', project.id)}
                />
            </form>
        </div>
    );
}

function HowItIsRun({ page, form }: { page: ProjectFormView; form: Form<ProjectValues> }) {
    return (
        <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
            <HowItRuns
                order={form.data.order}
                weighing={form.data.weighing}
                onChange={(change) => {
                    form.setData({ ...form.data, ...change });
                }}
            />
            <DateField
                label="Starts"
                value={form.data.startsOn ?? ''}
                error={form.errors.startsOn}
                onChange={(value) => {
                    form.setData('startsOn', value === '' ? null : value);
                }}
            />
            <DateField
                label="Due"
                value={form.data.dueOn ?? ''}
                error={form.errors.dueOn}
                hint="With both dates it has a pace."
                onChange={(value) => {
                    form.setData('dueOn', value === '' ? null : value);
                }}
            />
            <OwnerAndArea
                owner={form.data.owner}
                area={form.data.area}
                people={page.people}
                areas={page.areas}
                errors={form.errors}
                onChange={(change) => {
                    form.setData({ ...form.data, ...change });
                }}
            />
            <RankFocusState form={form} />
        </div>
    );
}

function RankFocusState({ form }: { form: Form<ProjectValues> }) {
    return (
        <>
            <SelectField
                label="Rank"
                value={form.data.rank ?? ''}
                error={form.errors.rank}
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
                value={form.data.focus ?? ''}
                error={form.errors.focus}
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
        </>
    );
}
