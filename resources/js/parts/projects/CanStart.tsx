import { useState } from 'react';
import { Folded } from './Folded';
import { MovableLine } from './MovableLine';
import type { ProjectView } from '../../generated/props';
import { Section } from '../signs/Section';

/** How many of them are in sight at once. */
const SHOWN = 10;

/** What somebody could start on now, whatever its stage: the first thing one looks for. */
export function CanStart({ page }: { page: ProjectView }) {
    // What is ticked stays in sight, until one comes back.
    const [before] = useState(page.now);
    const stageOf = new Map(page.stages.flatMap((stage) => stage.tasks.map((task) => [task.id, { stage, task }])));
    const lines = [...new Set([...before, ...page.now])]
        .flatMap((id) => stageOf.get(id) ?? [])
        .filter(({ task }) => task.isDone || page.now.includes(task.id));

    if (lines.length === 0) {
        return null;
    }

    return (
        <Section title="Can start now" className="mt-2">
            <Folded shown={SHOWN} rest={(more) => `${String(more)} more can start now`}>
                {lines.map(({ task, stage }) => (
                    <MovableLine key={task.id} task={task} page={page} stage={stage.id} beside={stage.name ?? undefined} />
                ))}
            </Folded>
        </Section>
    );
}
