import { Head } from '@inertiajs/react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { ProjectFormView, ProjectValues } from '../../generated/props';
import { bind, bindOptional, saving } from '../../lib/forms';
import { focusOptions, rankOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { OwnerAndArea } from '../../parts/fields/OwnerAndArea';
import { SaveLine } from '../../parts/fields/SaveLine';
import { SeenBy } from '../../parts/fields/SeenBy';
import { HowItRuns } from '../../parts/projects/HowItRuns';
import { LastStage } from '../../parts/projects/LastStage';
import { ServesFields } from '../../parts/projects/ServesFields';
import { StageFields } from '../../parts/projects/StageFields';
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
                    onChange={form.setData}
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
            <HowItRuns order={form.data.order} weighing={form.data.weighing} onChange={form.setData} />
            <DateField label="Starts" {...bindOptional(form, 'startsOn')} />
            <DateField label="Due" {...bindOptional(form, 'dueOn')} hint="With both dates it has a pace." />
            <OwnerAndArea form={form} people={page.people} areas={page.areas} />
            <RankFocusState form={form} />
        </div>
    );
}

function RankFocusState({ form }: { form: Form<ProjectValues> }) {
    return (
        <>
            <SelectField label="Rank" {...bindOptional(form, 'rank')} none="None" options={rankOptions} />
            <SelectField label="Focus needed" {...bindOptional(form, 'focus')} none="Not set" options={focusOptions} />
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
