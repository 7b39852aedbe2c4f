import { DependsDialog } from './DependsDialog';
import { StepsDialog } from './StepsDialog';
import type { TemplateTaskValues } from '../../generated/props';
import { TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { SelectField } from '../../ui/Select';

interface Props {
    tasks: TemplateTaskValues[];
    stages: string[];
    errors: Partial<Record<string, string>>;
    onChange: (tasks: TemplateTaskValues[]) => void;
}

const blank = { id: null, title: '', role: '', day: '', minutes: '', steps: [], after: [] };

/** The tasks of a template, a line each: what, in which stage, by whom, by which day, how long, in which steps, after which others. */
export function TemplateTasks({ tasks, stages, errors, onChange }: Props) {
    const roles = [...new Set(tasks.map((task) => task.role).filter((role) => role !== ''))];

    return (
        <Rows
            legend="Tasks"
            hint="Each has a role, assigned when a project is started, and a day counted from the start."
            head={
                <>
                    <span className="min-w-56 flex-1">Task</span>
                    {stages.length > 0 && <span className="w-36">Stage</span>}
                    <span className="w-32">Role</span>
                    <span className="w-16">Day</span>
                    <span className="w-16">min</span>
                    <span className="w-24" />
                    <span className="w-28" />
                </>
            }
            rows={tasks}
            keyOf={(task) => task.key}
            orderOf={(task, place) => (task.title === '' ? `task ${String(place + 1)}` : `“${task.title}”`)}
            onChange={onChange}
            add={{ words: 'Add a task', row: { ...blank, key: crypto.randomUUID(), stage: tasks.at(-1)?.stage ?? stages[0] ?? '' } }}
        >
            {(task, set, place) => {
                const field = (name: 'title' | 'day' | 'minutes', label: string) => ({
                    label: `${label} of task ${String(place + 1)}`,
                    isLabelHidden: true,
                    placeholder: label,
                    value: task[name],
                    error: errors[`tasks.${String(place)}.${name}`],
                    onChange: (event: { target: { value: string } }) => {
                        set({ [name]: event.target.value });
                    },
                });

                return (
                    <TaskLineFields
                        tasks={tasks}
                        stages={stages}
                        errors={errors}
                        roles={roles}
                        task={task}
                        set={set}
                        place={place}
                        field={field}
                    />
                );
            }}
        </Rows>
    );
}

function TaskLineFields({
    tasks,
    stages,
    errors,
    roles,
    task,
    set,
    place,
    field,
}: {
    tasks: TemplateTaskValues[];
    stages: string[];
    errors: Partial<Record<string, string>>;
    roles: string[];
    task: TemplateTaskValues;
    set: (change: Partial<TemplateTaskValues>) => void;
    place: number;
    field: (
        name: 'title' | 'day' | 'minutes',
        label: string,
    ) => {
        label: string;
        isLabelHidden: boolean;
        placeholder: string;
        value: string;
        error: string | undefined;
        onChange: (event: { target: { value: string } }) => void;
    };
}) {
    return (
        <>
            <TextField {...field('title', 'Task')} maxLength={200} className="min-w-56 flex-1" />
            {stages.length > 0 && (
                <SelectField
                    label={`Stage of task ${String(place + 1)}`}
                    isLabelHidden
                    className="w-36"
                    value={task.stage}
                    error={errors[`tasks.${String(place)}.stage`]}
                    onChange={(value) => {
                        set({ stage: value });
                    }}
                    none="No stage"
                    options={stages.filter((stage) => stage !== '').map((stage) => ({ value: stage, label: stage }))}
                />
            )}
            <SelectField
                label={`Role of task ${String(place + 1)}`}
                isLabelHidden
                className="w-32"
                none="No role"
                mayWrite
                value={task.role}
                error={errors[`tasks.${String(place)}.role`]}
                options={roles.map((role) => ({ value: role, label: role }))}
                onChange={(role) => {
                    set({ role });
                }}
            />
            <TextField {...field('day', 'Day')} inputMode="numeric" className="w-16" />
            <TextField {...field('minutes', 'min')} inputMode="numeric" className="w-16" />
            <StepsDialog
                task={task}
                errors={errors}
                place={place}
                onChange={(steps) => {
                    set({ steps });
                }}
            />
            <DependsDialog
                task={task}
                tasks={tasks}
                onChange={(after) => {
                    set({ after });
                }}
            />
        </>
    );
}
