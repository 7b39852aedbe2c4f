import { Head } from '@inertiajs/react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { TemplateView, TemplateValues } from '../../generated/props';
import { bind, bindRecord, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { RecordField } from '../../parts/fields/Choose';
import { MadeProjects } from '../../parts/template/MadeProjects';
import { TemplateTasks } from '../../parts/template/TemplateTasks';
import { HowItRuns } from '../../parts/projects/HowItRuns';
import { LastStage } from '../../parts/projects/LastStage';
import { Button, ButtonLink } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { Problem } from '../../ui/Problem';

/** A template: what each project made from it begins with. Those that run are asked when it changes. */
export default function Template({ page }: { page: TemplateView }) {
    const { template } = page;
    const form = useForm(`template ${String(template.id)}`, template);
    const { data, errors } = form;
    const save = saving(form, template.id, route('templates.store'), (id) => route('templates.update', id));

    return (
        <div className="sheet-edge max-w-6xl">
            <Head title={template.id === null ? 'New template' : template.title} />
            <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <p className="text-xs text-ink-2">Template</p>
                    <h1>{template.id === null ? 'New template' : template.title}</h1>
                </div>
                {template.id !== null && <ButtonLink href={route('templates.start', template.id)}>Start a project</ButtonLink>}
            </div>
            {page.projects.length > 0 && <MadeProjects projects={page.projects} />}
            <form onSubmit={save} className="space-y-5">
                <Defaults page={page} form={form} />
                <TemplateStages form={form} />
                <LastStage
                    stages={data.stages}
                    isDone={data.lastIsDone}
                    error={errors.lastIsDone}
                    onChange={(on) => {
                        form.setData('lastIsDone', on);
                    }}
                />
                <TemplateTasks
                    tasks={data.tasks}
                    stages={data.stages}
                    errors={errors}
                    onChange={(tasks) => {
                        form.setData('tasks', tasks);
                    }}
                />
                <TemplateMilestones form={form} />
                <Save form={form} />
            </form>
        </div>
    );
}

function Defaults({ page, form }: { page: TemplateView; form: Form<TemplateValues> }) {
    return (
        <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
            <TextField label="Name" autoFocus={page.template.id === null} maxLength={200} {...bind(form, 'title')} />
            <TextField
                label="Days from start to due"
                inputMode="numeric"
                hint="Left empty, the project has no due date."
                {...bind(form, 'days')}
            />
            <TextArea
                label="Result and how it is accepted"
                rows={2}
                maxLength={5000}
                className="col-span-full"
                {...bind(form, 'outcome')}
            />
            <HowItRuns order={form.data.order} weighing={form.data.weighing} onChange={form.setData} />
            <RecordField label="Area" none="None" options={page.areas} {...bindRecord(form, 'area')} />
        </div>
    );
}

function TemplateStages({ form }: { form: Form<TemplateValues> }) {
    const errors: Partial<Record<string, string>> = form.errors;

    return (
        <Rows
            legend="Stages"
            hint="No stages: all tasks in one list."
            rows={form.data.stages.map((name) => ({ name }))}
            orderOf={(stage, place) => (stage.name === '' ? `stage ${String(place + 1)}` : `“${stage.name}”`)}
            onChange={(stages) => {
                form.setData(
                    'stages',
                    stages.map(({ name }) => name),
                );
            }}
            add={{ words: 'Add a stage', row: { name: '' } }}
        >
            {(stage, set, place) => (
                <TextField
                    label={`Stage ${String(place + 1)}`}
                    isLabelHidden
                    className="w-64 max-sm:w-44"
                    maxLength={60}
                    value={stage.name}
                    error={errors[`stages.${String(place)}`]}
                    onChange={(event) => {
                        set({ name: event.target.value });
                    }}
                />
            )}
        </Rows>
    );
}

function TemplateMilestones({ form }: { form: Form<TemplateValues> }) {
    const errors: Partial<Record<string, string>> = form.errors;

    return (
        <Rows
            legend="Milestones"
            hint="A dated point to reach, counted in days from the start."
            rows={form.data.milestones}
            keyOf={(milestone) => milestone.id}
            onChange={(milestones) => {
                form.setData('milestones', milestones);
            }}
            add={{ words: 'Add a milestone', row: { id: null, title: '', day: '' } }}
        >
            {(milestone, set, place) => (
                <>
                    <TextField
                        label={`Milestone ${String(place + 1)}`}
                        isLabelHidden
                        placeholder="Milestone"
                        className="w-80"
                        maxLength={200}
                        value={milestone.title}
                        error={errors[`milestones.${String(place)}.title`]}
                        onChange={(event) => {
                            set({ title: event.target.value });
                        }}
                    />
                    <TextField
                        label={`Day of milestone ${String(place + 1)}`}
                        isLabelHidden
                        placeholder="Day"
                        inputMode="numeric"
                        className="w-16"
                        value={milestone.day}
                        error={errors[`milestones.${String(place)}.day`]}
                        onChange={(event) => {
                            set({ day: event.target.value });
                        }}
                    />
                </>
            )}
        </Rows>
    );
}

function Save({ form }: { form: Form<TemplateValues> }) {
    return (
        <div className="sticky bottom-0 flex items-center gap-3 border-t border-rule bg-sheet py-3">
            <Button kind="main" type="submit" disabled={form.processing || !form.isDirty}>
                Save
            </Button>
            <ButtonLink kind="quiet" href={route('templates.index')}>
                Cancel
            </ButtonLink>
            <Problem isAlert words={Object.values(form.errors)[0]} />
        </div>
    );
}
