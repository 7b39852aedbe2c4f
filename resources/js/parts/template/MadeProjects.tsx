import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { Section } from '../Section';
import type { MadeProject } from '../../generated/props';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';

/** The open projects made from a template, each with what has changed since: to take or to leave. */
export function MadeProjects({ projects }: { projects: MadeProject[] }) {
    const behind = projects.filter((project) => project.changes.length > 0);

    return (
        <Section
            title={behind.length === 0 ? 'Projects made from it' : 'The template has changed. Choose what these projects take over.'}
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
                        </span>
                        {project.changes.length > 0 && (
                            <Differences
                                key={project.changes.map((change) => `${String(change.id)} ${change.words}`).join()}
                                project={project}
                            />
                        )}
                    </li>
                ))}
            </ul>
        </Section>
    );
}

function Differences({ project }: { project: MadeProject }) {
    const open = project.changes.filter((change) => !change.isOver);
    const [taken, setTaken] = useState(open.map((change) => change.id));

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
                                    {change.title}{' '}
                                    <span className="text-xs text-ink-2">
                                        {change.words}
                                        {change.isOver && '; already done here, so it stays'}
                                    </span>
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
                        Take {taken.length === open.length ? 'all' : taken.length}
                        {taken.length < open.length && `, leave ${String(open.length - taken.length)}`}
                    </Button>
                    <Button
                        kind="quiet"
                        onClick={() => {
                            act('put', route('projects.take', project.id), { tasks: [] });
                        }}
                    >
                        Leave all
                    </Button>
                </span>
            )}
        </div>
    );
}
