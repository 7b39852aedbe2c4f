import { Head, Link } from '@inertiajs/react';
import type { ProjectView } from '../../generated/props';
import { hasNoTasks } from '../../lib/projects';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';
import { Cord } from '../../parts/signs/Cord';
import { Forecast } from '../../parts/signs/Forecast';
import { Section } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { Talk } from '../../parts/beside/Beside';
import { Charter } from '../../parts/projects/Charter';
import { CloseProject } from '../../parts/projects/CloseProject';
import { FirstSteps } from '../../parts/projects/FirstSteps';
import { ProjectFacts } from '../../parts/projects/ProjectFacts';
import { ProjectScale } from '../../parts/projects/ProjectScale';
import { History } from '../../parts/projects/History';
import { useOthersChanges } from '../../parts/projects/othersChanges';
import { StatusLine } from '../../parts/projects/StatusLine';
import { Stages } from '../../parts/projects/Stages';

export default function Project({ page }: { page: ProjectView }) {
    const { project } = page;
    useOthersChanges(page.history);
    const hasForecast = project.gauge.expected !== null && project.gauge.progress !== null && project.condition !== 'ready';
    const helpers = page.people.filter((person) => page.beside.helpers.includes(person.id)).map((person) => first(person.name));

    return (
        <div className="grid flex-1 grid-cols-[1fr_280px] max-lg:grid-cols-1">
            <Head title={project.title} />
            <div className="sheet-edge min-w-0">
                <div className="flex flex-wrap items-baseline justify-between gap-x-6 text-xs text-ink-2">
                    <Serves page={page} />
                    <span>
                        {project.owner.name}
                        {helpers.length > 0 && `, with ${helpers.join(', ')}`}
                        {project.isPrivate && ', restricted'}
                    </span>
                </div>
                <h1>{project.title}</h1>
                <StatusLine page={page} />
                <ProjectScale page={page} />
                {hasForecast && project.dueOn !== null && <ForecastLine page={page} />}
                <Charter page={page} />
                {project.condition === 'ready' && (
                    <div className="double-rule mt-4 flex flex-wrap items-center justify-between gap-4 border-b border-b-hairline py-3">
                        <p>
                            <strong>Ready to close.</strong> All its tasks are done.{' '}
                            {page.mayChange ? 'You decide.' : `${project.owner.name} decides.`}
                        </p>
                        {page.mayChange && <CloseProject id={project.id} learned={page.learned} />}
                    </div>
                )}
                {project.condition === 'stuck' && (
                    <p className="mt-4 border-y border-hairline py-3">
                        {hasNoTasks(project) ? (
                            <>
                                <strong>No tasks yet.</strong> Add the first one, so that there is something to begin with.
                            </>
                        ) : (
                            <>
                                <strong className="text-persimmon">Stuck.</strong> No task can be done now and none is waiting for anybody.
                                Add a task, or unblock one that the others depend on.
                            </>
                        )}
                    </p>
                )}
                {page.learned !== null && project.state === 'done' && (
                    <Section title="What we learned" className="mt-4">
                        <p className="max-w-prose whitespace-pre-line">{page.learned}</p>
                    </Section>
                )}
                {project.state === 'proposed' && <DoesItServe page={page} />}
                <Stages page={page} />
                {project.state !== 'done' && project.state !== 'dropped' && <FirstSteps page={page} />}
                <Talk beside={page.beside} />
                {page.aside.length > 0 && (
                    <details className="mt-6 border-t border-rule pt-2">
                        <summary className="cursor-pointer text-ink-2">Dropped and shelved, {page.aside.length}</summary>
                        <ul className="divide-y divide-hairline">
                            {page.aside.map((task) => (
                                <TaskLine key={task.id} task={task} people={page.people} showsOwner isAtHome />
                            ))}
                        </ul>
                    </details>
                )}
            </div>
            <aside className="sheet-edge space-y-6 border-l border-hairline max-lg:border-0">
                <ProjectFacts page={page} />
                <History page={page} />
            </aside>
        </div>
    );
}

/** Its threads: the goals it contributes to, with the weight where that is not the usual 1. */
function Serves({ page }: { page: ProjectView }) {
    if (page.serves.length === 0) {
        return <span>Not linked to a goal of this year</span>;
    }

    return (
        <span className="flex flex-wrap items-baseline gap-x-4">
            {page.serves.map((goal) => {
                const weight = page.weights.find((each) => each.goal === goal.id)?.weight ?? '1';

                return (
                    <span key={goal.id} className="flex items-baseline gap-2">
                        <Cord cord={goal.cord} /> contributes to
                        <Link href={route('goals.show', goal.id)} className="link text-ink">
                            {goal.title}
                        </Link>
                        {weight !== '1' && `weight ${weight}`}
                    </span>
                );
            })}
        </span>
    );
}

/** Pace and forecast in one sentence; how sure it is beside it, how it was worked out behind it. */
function ForecastLine({ page: { forecast } }: { page: ProjectView }) {
    if (forecast === null) {
        return <p className="mt-2 text-xs text-ink-2">Not enough data yet for a forecast: three weeks with a figure are needed.</p>;
    }

    return (
        <details className="mt-2">
            <summary className="cursor-pointer list-none">
                <span className="font-medium">{forecast.sentence}</span>{' '}
                <span className="text-xs text-ink-2">
                    <span className="text-chalk">{forecast.chance}</span> chance if nothing changes
                </span>
            </summary>
            <Forecast forecast={forecast} />
        </details>
    );
}

/** Before it is taken on: the quarter's goals beside it. */
function DoesItServe({ page }: { page: ProjectView }) {
    const served = new Set(page.serves.map((goal) => goal.id));

    return (
        <Section title="Does it contribute to this quarter?" aside="It is proposed and not counted yet." className="mt-5">
            <ul className="columns-2 gap-8 max-md:columns-1">
                {page.quarterGoals.map((goal) => (
                    <li key={goal.id} className="flex break-inside-avoid items-baseline gap-2 py-0.5">
                        <Cord cord={goal.cord} />
                        <span className={served.has(goal.id) ? 'font-semibold' : 'text-ink-2'}>{goal.title}</span>
                        {served.has(goal.id) && <span className="text-xs">linked</span>}
                    </li>
                ))}
            </ul>
        </Section>
    );
}
