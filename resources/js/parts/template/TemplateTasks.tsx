import type { ReactNode } from 'react';
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
            {(task, set, place) => (
                <TaskLineFields
                    task={task}
                    number={place + 1}
                    stages={stages}
                    roles={roles}
                    errorOf={(name) => errors[`tasks.${String(place)}.${name}`]}
                    set={set}
                >
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
                </TaskLineFields>
            )}
        </Rows>
    );
}

interface LineProps {
    task: TemplateTaskValues;
    number: number;
    stages: string[];
    roles: string[];
    errorOf: (field: string) => string | undefined;
    set: (change: Partial<TemplateTaskValues>) => void;
    children: ReactNode;
}

function TaskLineFields({ task, number, stages, roles, errorOf, set, children }: LineProps) {
    const field = (name: 'title' | 'day' | 'minutes', label: string) => ({
        label: `${label} of task ${String(number)}`,
        isLabelHidden: true,
        placeholder: label,
        value: task[name],
        error: errorOf(name),
        onChange: (event: { target: { value: string } }) => {
            set({ [name]: event.target.value });
        },
    });

    return (
        <>
            <TextField {...field('title', 'Task')} maxLength={200} className="min-w-56 flex-1" />
            {stages.length > 0 && (
                <SelectField
                    label={`Stage of task ${String(number)}`}
                    isLabelHidden
                    className="w-36"
                    value={task.stage}
                    error={errorOf('stage')}
                    onChange={(value) => {
                        set({ stage: value });
                    }}
                    none="No stage"
                    options={stages.filter((stage) => stage !== '').map((stage) => ({ value: stage, label: stage }))}
                />
            )}
            <SelectField
                label={`Role of task ${String(number)}`}
                isLabelHidden
                className="w-32"
                none="No role"
                mayWrite
                value={task.role}
                error={errorOf('role')}
                options={roles.map((role) => ({ value: role, label: role }))}
                onChange={(role) => {
                    set({ role });
                }}
            />
            <TextField {...field('day', 'Day')} inputMode="numeric" className="w-16" />
            <TextField {...field('minutes', 'min')} inputMode="numeric" className="w-16" />
            {children}
        </>
    );
}
