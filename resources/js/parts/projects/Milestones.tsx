import { clsx } from 'clsx';
import { type SubmitEvent, useState } from 'react';
import { SaveOrCancel } from '../fields/SaveOrCancel';
import { useForm } from '../../lib/kept/useForm';
import type { MilestoneRow, ProjectView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextField } from '../../ui/Field';
import { Tick } from '../../ui/Tick';
import { DateField } from '../../ui/DateField';

/** Dated points to reach: set, changed, reached, deleted. */
export function MilestonesButton({ page }: { page: ProjectView }) {
    return (
        <DialogButton words="Milestones" kind="quiet" title="Milestones">
            {() => <Milestones page={page} />}
        </DialogButton>
    );
}

function Milestones({ page }: { page: ProjectView }) {
    return (
        <div className="space-y-4">
            <ul className="divide-y divide-hairline">
                {page.milestones.map((milestone) => (
                    <Line key={milestone.id} milestone={milestone} mayChange={page.mayChange} />
                ))}
            </ul>
            {page.mayChange && <New project={page.project.id} />}
        </div>
    );
}

function New({ project }: { project: number }) {
    const form = useForm(`new milestone of project ${String(project)}`, { title: '', on: '' });

    const add = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('milestones.store', project), {
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <form onSubmit={add} className="grid grid-cols-[1fr_160px_auto] items-end gap-3 max-sm:grid-cols-1">
            <TextField label="Milestone" autoFocus maxLength={200} {...bind(form, 'title')} />
            <DateField label="Milestone by" {...bind(form, 'on')} />
            <Button type="submit" disabled={form.processing || form.data.title.trim() === '' || form.data.on === ''}>
                Add
            </Button>
        </form>
    );
}

function Line({ milestone, mayChange }: { milestone: MilestoneRow; mayChange: boolean }) {
    const [isChanging, setChanging] = useState(false);
    const form = useForm(`milestone ${String(milestone.id)}`, { title: milestone.title, on: milestone.on });
    const isReached = milestone.reachedOn !== null;

    const change = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('milestones.update', milestone.id), {
            onSuccess: () => {
                setChanging(false);
            },
        });
    };

    if (isChanging) {
        return (
            <li>
                <form onSubmit={change} className="grid grid-cols-[1fr_160px_auto] items-start gap-3 py-1.5 max-sm:grid-cols-1">
                    <TextField label="Name of the milestone" isLabelHidden autoFocus maxLength={200} {...bind(form, 'title')} />
                    <DateField label="Date of the milestone" isLabelHidden {...bind(form, 'on')} />
                    <SaveOrCancel
                        form={form}
                        isQuiet
                        isDisabled={form.data.title.trim() === '' || form.data.on === ''}
                        onCancel={() => {
                            setChanging(false);
                        }}
                    />
                </form>
            </li>
        );
    }

    return (
        <li className="flex items-start gap-3 py-1.5">
            <Tick
                label={`Reached: ${milestone.title}`}
                isOn={isReached}
                disabled={!mayChange}
                onToggle={() => {
                    act('put', route('milestones.reach', milestone.id), { reached: !isReached });
                }}
            />
            <span className="min-w-0 flex-1">
                <span className={clsx('block', isReached && 'text-ink-2')}>{milestone.title}</span>
                <span className={clsx('block text-xs', milestone.isLate ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                    {milestone.reachedOn !== null
                        ? `reached ${dayWords(milestone.reachedOn)}`
                        : `${milestone.isLate ? 'late, ' : ''}by ${dayWords(milestone.on)}`}
                </span>
            </span>
            {mayChange && <EditOrDelete milestone={milestone} setChanging={setChanging} />}
        </li>
    );
}

function EditOrDelete({ milestone, setChanging }: { milestone: MilestoneRow; setChanging: (value: boolean) => void }) {
    return (
        <span className="flex">
            <Button
                kind="quiet"
                aria-label={`Edit the milestone ${milestone.title}`}
                onClick={() => {
                    setChanging(true);
                }}
            >
                Edit
            </Button>
            <Button
                kind="quiet"
                aria-label={`Delete the milestone ${milestone.title}`}
                onClick={() => {
                    act('delete', route('milestones.destroy', milestone.id));
                }}
            >
                Delete
            </Button>
        </span>
    );
}
