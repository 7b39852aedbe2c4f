import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { Section } from '../signs/Section';
import type { MadeProject, TemplateChangeRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';

/** The open projects made from a template, each with what is otherwise there: to take or to leave, and what was left to take after all. */
export function MadeProjects({ projects }: { projects: MadeProject[] }) {
    const isAsked = projects.some((project) => project.changes.some((change) => !change.isLeft));

    return (
        <Section
            title={isAsked ? 'The template has changed. Choose what these projects take over.' : 'Projects made from it'}
            className="mb-6"
        >
            <ul className="divide-y divide-hairline">
                {projects.map((project) => (
                    <li key={project.id} className="py-2">
                        <Link href={route('projects.show', project.id)} className="font-semibold hover:underline">
                            {project.title}
                        </Link>
                        <span className="ml-2 text-xs text-ink-2">
                            {project.owner.name}
                            {project.changes.length === 0 && ', as in the template'}
                            {project.changes.length > 0 && project.changes.every((change) => change.isLeft) && ', differs on purpose'}
                        </span>
                        {project.changes.length > 0 && (
                            <Differences
                                key={project.changes
                                    .map((change) => `${String(change.id)} ${change.words} ${String(change.isLeft)}`)
                                    .join()}
                                project={project}
                            />
                        )}
                    </li>
                ))}
            </ul>
        </Section>
    );
}

/** What was begun would be dropped, and what was left was left on purpose: neither is taken unless it is chosen. */
const isProposed = (change: TemplateChangeRow) => !change.isOver && !change.isLeft && change.begun === null;

function Differences({ project }: { project: MadeProject }) {
    const asked = project.changes.filter((change) => !change.isLeft && !change.isOver);
    const [taken, setTaken] = useState(project.changes.filter(isProposed).map((change) => change.id));
    const left = asked.filter((change) => !taken.includes(change.id)).length;

    return (
        <div className="mt-1 grid grid-cols-[1fr_auto] items-end gap-4 max-md:grid-cols-1">
            <ul>
                {project.changes.map((change) => (
                    <li key={change.id}>
                        <Check
                            disabled={change.isOver || !project.mayChange}
                            checked={taken.includes(change.id)}
                            onChange={(on) => {
                                setTaken(on ? [...taken, change.id] : taken.filter((each) => each !== change.id));
                            }}
                            label={
                                <>
                                    {change.title} <span className="text-xs text-ink-2">{change.words}</span>
                                    <Aside change={change} />
                                </>
                            }
                        />
                    </li>
                ))}
            </ul>
            {project.mayChange && (
                <span className="flex gap-2">
                    <Button
                        disabled={taken.length === 0}
                        onClick={() => {
                            act('put', route('projects.take', project.id), { tasks: taken });
                        }}
                    >
                        Take {left === 0 && taken.length > 1 && taken.length === asked.length ? 'all' : taken.length}
                        {left > 0 && `, leave ${String(left)}`}
                    </Button>
                    {asked.length > 0 && (
                        <Button
                            kind="quiet"
                            onClick={() => {
                                act('put', route('projects.take', project.id), { tasks: [] });
                            }}
                        >
                            Leave all
                        </Button>
                    )}
                </span>
            )}
        </div>
    );
}

function Aside({ change }: { change: TemplateChangeRow }) {
    if (change.begun !== null && !change.isOver) {
        return <span className="text-xs font-medium text-persimmon"> begun here ({change.begun}): taking this drops it</span>;
    }

    const words = change.isOver ? 'already done here, so it stays' : change.isLeft ? 'left on purpose' : null;

    return words === null ? null : <span className="text-xs text-ink-2">; {words}</span>;
}
