import { useState } from 'react';
import { AddTask } from '../task/AddTask';
import type { ProjectView } from '../../generated/props';
import { WordSelect } from '../../ui/Select';

/** One line to add tasks to a project, with the stage they go to. */
export function AddToStage({ page }: { page: ProjectView }) {
    const stages = page.lastIsDone ? page.stages.slice(0, -1) : page.stages;
    const now = new Set(page.now);
    const current = stages.find((stage) => stage.tasks.some((task) => now.has(task.id))) ?? stages[0];
    const [chosen, setChosen] = useState<number | null>(null);
    const stage = stages.find((each) => each.id === chosen) ?? current;

    return (
        <div className="flex items-center gap-3">
            <div className="min-w-0 flex-1">
                <AddTask
                    name={`project ${String(page.project.id)}`}
                    to={{ project: page.project.id, stage_id: stage?.id ?? null }}
                    words="Add a task"
                />
            </div>
            {stages.length > 1 && (
                <p className="flex-none text-sm text-ink-2">
                    to{' '}
                    <WordSelect
                        label="Stage of what is added"
                        value={stage?.id ?? ''}
                        options={stages.map((each) => ({ value: each.id ?? '', label: each.name ?? '' }))}
                        onChange={(id) => {
                            setChosen(Number(id));
                        }}
                    />
                </p>
            )}
        </div>
    );
}
