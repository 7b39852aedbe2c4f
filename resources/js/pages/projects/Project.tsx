import { Head, Link } from '@inertiajs/react';
import type { ProjectState, ProjectView, ServingValues } from '../../generated/props';
import { act } from '../../lib/act';
import { dateWords, dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Cord } from '../../parts/Cord';
import { Forecast } from '../../parts/Forecast';
import { Gauge, Standing } from '../../parts/Gauge';
import { Section } from '../../parts/Section';
import { TaskLine } from '../../parts/TaskLine';
import { Beside, Talk } from '../../parts/beside/Beside';
import { WorkRecurringTasks } from '../../parts/recurring/WorkRecurringTasks';
import { Charter } from '../../parts/projects/Charter';
import { CloseProject } from '../../parts/projects/CloseProject';
import { FirstSteps } from '../../parts/projects/FirstSteps';
import { History } from '../../parts/projects/History';
import { useOthersChanges } from '../../parts/projects/othersChanges';
import { Milestones } from '../../parts/projects/Milestones';
import { StatusLine } from '../../parts/projects/StatusLine';
import { OwnFields } from '../../parts/projects/OwnFields';
import { Stages } from '../../parts/projects/Stages';
import { Button, ButtonLink } from '../../ui/Button';
import { SelectField } from '../../ui/Select';

const states: [ProjectState, string][] = [
    ['proposed', 'Proposed'],
    ['active', 'Active'],
    ['paused', 'Paused'],
    ['done', 'Done'],
    ['shelved', 'Shelved'],
    ['dropped', 'Dropped'],
];

export default function Project({ page }: { page: ProjectView }) {
    const { project } = page;
    useOthersChanges(page.history);
    const hasForecast = project.gauge.expected !== null && project.gauge.progress !== null && !project.isReady;
    const setState = (state: string) => {
        act('put', route('projects.state', project.id), { state });
    };

    return (
        <div className="grid flex-1 grid-cols-[1fr_280px] max-lg:grid-cols-1">
            <Head title={project.title} />
            <div className="min-w-0 px-6 py-5 max-md:px-4">
                <div className="grid grid-cols-[1fr_min(280px,36%)] items-start gap-6 max-md:grid-cols-1">
                    <div>
                        <p className="flex flex-wrap items-center gap-3 text-xs text-ink-2">
                            <Cord cord={project.cord} /> {project.owner.name}
                            {page.area !== null && `, ${page.area}`}
                        </p>
                        <h1>{project.title}</h1>
                        <StatusLine page={page} />
                        <Charter page={page} />
                    </div>
                    <div className="pt-4">
                        {project.gauge.progress !== null && <Gauge gauge={project.gauge} size="l" />}
                        <div className="mt-2 flex justify-between gap-3 text-md font-semibold">
                            <span>{project.gauge.terms}</span>
                            <Standing gauge={project.gauge} />
                        </div>
                        <p className="text-xs text-ink-2">{page.sum}</p>
                        {hasForecast && project.dueOn !== null && (
                            <Section title={`Will it be done by ${dayWords(project.dueOn)}?`} className="mt-4">
                                <Forecast forecast={page.forecast} />
                            </Section>
                        )}
                    </div>
                </div>
                {project.isReady && (
                    <div className="double-rule mt-4 flex flex-wrap items-center justify-between gap-4 border-b border-b-hairline py-3">
                        <p>
                            <strong>Ready to close.</strong> All its tasks are done.{' '}
                            {page.mayChange ? 'You decide.' : `${project.owner.name} decides.`}
                        </p>
                        {page.mayChange && <CloseProject id={project.id} learned={page.learned} />}
                    </div>
                )}
                {project.isStuck && (
                    <p className="mt-4 border-y border-hairline py-3">
                        <strong className="text-persimmon">Stuck.</strong> No task can be done now and none is waiting for anybody. Add a
                        task, or unblock one that the others depend on.
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
                                <TaskLine key={task.id} task={task} people={page.people} showsOwner />
                            ))}
                        </ul>
                    </details>
                )}
                <History page={page} />
            </div>
            <aside className="space-y-6 border-l border-hairline px-6 py-5 max-lg:border-0 max-md:px-4">
                <Section title="Contributes to">
                    {page.serves.length === 0 && <p className="text-xs text-ink-2">Not linked to a goal of this year.</p>}
                    <ul className="divide-y divide-hairline">
                        {page.serves.map((goal) => (
                            <li key={goal.id} className="py-2">
                                <span className="flex items-baseline justify-between gap-2">
                                    <Link href={route('goals.show', goal.id)} className="two-lines hover:underline">
                                        {goal.title}
                                    </Link>
                                    <Cord cord={goal.cord} />
                                </span>
                                <span className="flex justify-between gap-3 text-xs">
                                    <Standing gauge={goal.gauge} />
                                    <Weight of={page.weights.find((each) => each.goal === goal.id)} />
                                </span>
                            </li>
                        ))}
                    </ul>
                </Section>
                <Milestones page={page} />
                <OwnFields page={page} />
                <WorkRecurringTasks recurringTasks={page.recurringTasks} to={{ project: project.id }} />
                <Beside beside={page.beside} people={page.people} />
                <Section title="Time">
                    <p>
                        {page.startsOn !== null && project.dueOn !== null
                            ? `${dateWords(page.startsOn)} to ${dayWords(project.dueOn)}`
                            : project.dueOn !== null
                              ? `due ${dayWords(project.dueOn)}`
                              : 'no due date'}
                    </p>
                    <p className="text-xs text-ink-2">{page.order === 'staged' ? 'Tasks stage by stage.' : 'Tasks in any order.'}</p>
                    {(page.rank !== null || page.attention !== null) && (
                        <p className="text-xs text-ink-2">
                            {[
                                page.rank === null ? null : `Rank ${page.rank}`,
                                page.attention === null ? null : `${page.attention} focus needed`,
                            ]
                                .filter(Boolean)
                                .join(', ')}
                            .
                        </p>
                    )}
                </Section>
                <Section title="State" aside={`since ${dateWords(project.stateOn)}`}>
                    {page.mayChange ? (
                        <div className="space-y-3 pt-1">
                            <SelectField
                                label="State"
                                isLabelHidden
                                value={project.state}
                                onChange={(value) => {
                                    setState(value);
                                }}
                                options={states.map(([state, words]) => ({ value: state, label: words }))}
                            />
                            <ButtonLink href={route('projects.edit', project.id)}>Edit the project</ButtonLink>
                            {page.template === null ? (
                                <Button
                                    onClick={() => {
                                        act('post', route('projects.template', project.id));
                                    }}
                                >
                                    Save as template
                                </Button>
                            ) : (
                                <p className="text-xs text-ink-2">
                                    Made from the template{' '}
                                    <Link href={route('templates.show', Number(page.template.value))} className="link">
                                        {page.template.label}
                                    </Link>
                                    {page.templateChanged && ', which has changed since'}.
                                </p>
                            )}
                        </div>
                    ) : (
                        <p>{states.find(([state]) => state === project.state)?.[1]}</p>
                    )}
                </Section>
            </aside>
        </div>
    );
}

/** How much it counts there, where that is not the usual 1. */
function Weight({ of }: { of: ServingValues | undefined }) {
    return of === undefined || of.weight === '1' ? null : <span className="text-ink-2">weight {of.weight}</span>;
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
