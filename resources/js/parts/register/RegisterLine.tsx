import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { RegisterRow } from '../../generated/props';
import { dateWords } from '../../lib/dates';
import { hasNoTasks } from '../../lib/projects';
import { route } from '../../lib/routes';
import { Cord } from '../signs/Cord';
import { Initials } from '../signs/Initials';
import { Gauge, Standing } from '../signs/Gauge';

/** A project in the register: thread, status, progress against pace, the next point to reach, the next step. */
export function RegisterLine({ project }: { project: RegisterRow }) {
    const isQuiet = project.state !== 'active';
    const asides = [...(project.isPrivate ? ['restricted'] : []), ...project.collections, ...project.entries];

    return (
        <li
            data-line
            className={clsx(
                'grid grid-cols-[40px_minmax(180px,5fr)_minmax(110px,3fr)_96px_minmax(150px,4fr)_104px_28px]',
                'items-center gap-x-4 border-b border-hairline py-2 max-lg:grid-cols-[40px_1fr_auto]',
            )}
        >
            {project.cord === null ? (
                <span className="font-mono text-xs text-ink-2" title="Not linked to a goal of this year">
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
                {asides.length > 0 && (
                    <span className="block truncate text-xs text-ink-2" title={asides.join(', ')}>
                        {asides.join(', ')}
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
            <Next project={project} />
            <span className="text-right text-xs whitespace-nowrap text-ink-2 max-lg:hidden">
                {project.dueOn === null ? '' : `due ${dateWords(project.dueOn)}`}
                {project.changedOn !== null && <span className="block">changed {dateWords(project.changedOn)}</span>}
            </span>
            <Initials person={project.owner} className="text-right max-lg:hidden" />
        </li>
    );
}

function Next({ project }: { project: RegisterRow }) {
    const { milestone } = project;

    return (
        <span className="min-w-0 text-xs max-lg:col-span-2 max-lg:col-start-2">
            <NextStep project={project} />
            {milestone !== null && project.state === 'active' && (
                <span
                    title={milestone.title}
                    className={clsx('block truncate', milestone.isLate ? 'font-semibold text-persimmon' : 'text-ink-2')}
                >
                    {milestone.isLate && 'late, '}by {dateWords(milestone.on)}: {milestone.title}
                </span>
            )}
        </span>
    );
}

function NextStep({ project }: { project: RegisterRow }) {
    if (project.condition === 'stuck' && hasNoTasks(project)) {
        return <span className="block text-ink-2">no tasks yet</span>;
    }

    if (project.condition === 'stuck') {
        return <span className="block font-semibold text-persimmon">stuck: no task can be done now</span>;
    }

    if (project.condition === 'ready') {
        return <span className="block font-semibold text-spruce">ready to close</span>;
    }

    if (project.nextStep !== null) {
        return (
            <Link
                href={route('tasks.show', project.nextStep.id)}
                title={project.nextStep.title}
                className="block truncate text-ink-2 hover:underline"
            >
                {project.nextStep.title}
            </Link>
        );
    }

    return (
        <span className="block text-ink-2">
            {project.state === 'active' ? 'waiting for somebody' : `since ${dateWords(project.stateOn)}`}
        </span>
    );
}
