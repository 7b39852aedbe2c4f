import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ProjectState, Register as RegisterProps, RegisterRow } from '../../generated/props';
import { dateWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Cord } from '../../parts/Cord';
import { Gauge, Standing } from '../../parts/Gauge';
import { Empty } from '../../parts/Section';
import { ButtonLink } from '../../ui/Button';

const states: [ProjectState, string][] = [
    ['active', 'Active'],
    ['paused', 'Paused'],
    ['proposed', 'Proposed'],
    ['shelved', 'On the shelf'],
    ['done', 'Done'],
    ['dropped', 'Dropped'],
];

export default function Register({ page }: { page: RegisterProps }) {
    const active = page.projects.filter((project) => project.state === 'active');
    const needy = active.filter((project) => project.isStuck || project.isReady || project.nextStep === null).length;

    return (
        <div className="px-6 py-5 max-md:px-4">
            <Head title="Projects" />
            <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <h1>Projects</h1>
                    <p className="text-ink-2">
                        {active.length} active
                        {needy > 0 ? `, ${String(needy)} without a next step. Those come first.` : ', each with a next step.'}
                    </p>
                </div>
                <span className="flex gap-3">
                    <ButtonLink href={route('patterns.index')}>Patterns</ButtonLink>
                    <ButtonLink kind="main" href={route('projects.create')}>
                        New project
                    </ButtonLink>
                </span>
            </div>
            {page.projects.length === 0 && <Empty>Work with an end, and what it is for. Begin with its outcome.</Empty>}
            {states.map(([state, words]) => {
                const projects = page.projects.filter((project) => project.state === state);

                return projects.length === 0 ? null : (
                    <section key={state} className="mb-6">
                        <h2 className="border-b border-rule pb-1 text-sm">
                            {words} <span className="font-mono text-xs font-normal text-ink-2">{projects.length}</span>
                        </h2>
                        <ul>
                            {projects.map((project) => (
                                <Line key={project.id} project={project} />
                            ))}
                        </ul>
                    </section>
                );
            })}
        </div>
    );
}

function Line({ project }: { project: RegisterRow }) {
    const isQuiet = project.state !== 'active';

    return (
        <li className="grid grid-cols-[40px_minmax(180px,5fr)_minmax(120px,3fr)_96px_minmax(150px,4fr)_64px_28px] items-center gap-x-4 border-b border-hairline py-2 max-lg:grid-cols-[40px_1fr_auto]">
            {project.cord === null ? (
                <span className="font-mono text-xs text-ink-2" title="Serves no goal of this year">
                    –
                </span>
            ) : (
                <Cord cord={project.cord} />
            )}
            <span className="min-w-0">
                <Link
                    href={route('projects.show', project.id)}
                    title={project.title}
                    className={clsx('two-lines hover:underline', isQuiet ? 'text-ink-2' : 'font-semibold')}
                >
                    {project.title}
                </Link>
                {project.statusLine !== null && !isQuiet && (
                    <span className="block truncate text-xs text-ink-2" title={project.statusLine}>
                        {project.statusLine}
                    </span>
                )}
            </span>
            <span className="max-lg:hidden">
                {project.gauge.progress === null ? (
                    <span className="block h-2 border-b border-dashed border-rule" />
                ) : (
                    <Gauge gauge={project.gauge} />
                )}
            </span>
            <span className="text-xs whitespace-nowrap">
                <span className="font-mono">{project.gauge.terms}</span>{' '}
                <span className="block max-lg:hidden">
                    <Standing gauge={project.gauge} />
                </span>
            </span>
            <NextStep project={project} />
            <span className="text-right text-xs text-ink-2 max-lg:hidden">{project.dueOn === null ? '' : dateWords(project.dueOn)}</span>
            <span className="text-right font-mono text-xs text-ink-2 max-lg:hidden" title={project.owner.name}>
                {project.owner.initials}
            </span>
        </li>
    );
}

function NextStep({ project }: { project: RegisterRow }) {
    const cell = 'min-w-0 text-xs max-lg:col-span-2 max-lg:col-start-2';

    if (project.isStuck) {
        return <span className={clsx(cell, 'font-semibold text-persimmon')}>stuck: nothing can be done now</span>;
    }

    if (project.isReady) {
        return <span className={clsx(cell, 'font-semibold text-spruce')}>ready to close</span>;
    }

    if (project.nextStep !== null) {
        return (
            <Link
                href={route('tasks.show', project.nextStep.id)}
                title={project.nextStep.title}
                className={clsx(cell, 'truncate text-ink-2 hover:underline')}
            >
                {project.nextStep.title}
            </Link>
        );
    }

    return (
        <span className={clsx(cell, 'text-ink-2')}>
            {project.state === 'active' ? 'waits on somebody' : `since ${dateWords(project.stateOn)}`}
        </span>
    );
}
