import { Head, Link, usePage } from '@inertiajs/react';
import { Figure } from '../../parts/goals/Figure';
import { count } from '../../lib/words';
import { PaceFigure } from '../../parts/goals/PaceFigure';
import type { GoalParts as Parts, GoalTag, GoalView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dateWords, dayWords, fullDateWords, plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { AddTask } from '../../parts/task/AddTask';
import { AsOf } from '../../parts/fields/AsOf';
import { Section } from '../../parts/signs/Section';
import { ThreadLine } from '../../parts/signs/ThreadLine';
import { TaskLine } from '../../parts/task/TaskLine';
import { Chance } from '../../parts/goals/Chance';
import { CloseGoal } from '../../parts/goals/CloseGoal';
import { GoalParts } from '../../parts/goals/GoalParts';
import { Ladder } from '../../parts/goals/Ladder';
import { Judge } from '../../parts/goals/Judge';
import { EnterReading } from '../../parts/goals/EnterReading';
import { GoalHistory } from '../../parts/goals/GoalHistory';
import { Readings } from '../../parts/goals/Readings';
import { WrittenSum } from '../../parts/goals/WrittenSum';
import { RaiseAbout } from '../../parts/meetings/RaiseAbout';
import { BringBack } from '../../parts/capture/BringBack';
import { Button, ButtonLink } from '../../ui/Button';

const addressOn = (id: number, on: string | null) =>
    on === null ? route('goals.show', id) : route('goals.show', { goal: id, _query: { on } });

export default function Goal({ page }: { page: GoalView }) {
    const { goal } = page;
    const takesReadings = page.measure === 'number' || page.measure === 'keep';

    return (
        <div className="grid flex-1 grid-cols-[224px_1fr] grid-rows-[auto_1fr] max-md:grid-cols-1 max-md:grid-rows-none">
            <Head title={goal.title} />
            <aside className="sheet-edge row-span-2 border-r border-hairline pr-5 max-md:order-2 max-md:border-0 max-md:py-0">
                <div className="max-md:hidden">
                    <Ladder page={page} />
                </div>
                <NextStep page={page} />
            </aside>
            <GoalHead page={page} takesReadings={takesReadings} />
            <div className="min-w-0 px-6 pb-10 max-md:order-3 max-md:px-4">
                {page.measure !== 'judged' && page.measure !== 'yes_no' && (
                    <div className="mt-4">
                        <PaceFigure page={page} />
                    </div>
                )}
                {page.parts !== null && (page.parts.mayChange || hasAny(page.parts)) && (
                    <div className="mt-6">
                        <GoalParts parts={page.parts} people={page.people} />
                    </div>
                )}
                <div className="mt-6 grid grid-cols-[1fr_300px] gap-9 max-lg:grid-cols-1">
                    <AboutIt page={page} takesReadings={takesReadings} />
                    <div className="space-y-6">
                        <Chance page={page} />
                        {!page.isPast && <Actions page={page} />}
                        <AsOf on={page.on} addressOf={(on) => addressOn(goal.id, on)} />
                    </div>
                </div>
            </div>
        </div>
    );
}

function GoalHead({ page, takesReadings }: { page: GoalView; takesReadings: boolean }) {
    return (
        <div className="min-w-0 px-6 pt-5 max-md:order-1 max-md:px-4">
            <p className="mb-1 flex flex-wrap items-center gap-x-2.5 text-xs text-ink-2 md:hidden">
                <ThreadLine
                    parts={page.above.map((above) => ({ value: route('goals.show', above.id), label: above.title }))}
                    cord={page.goal.cord}
                />
            </p>
            <div className="grid grid-cols-[1fr_min(300px,40%)] items-start gap-6 max-md:grid-cols-1">
                <WhatItSays page={page} />
                <div className="pt-3">
                    <Figure page={page} />
                    {takesReadings && page.closedOn === null && !page.isPast && <EnterReading page={page} />}
                </div>
            </div>
        </div>
    );
}

function WhatItSays({ page }: { page: GoalView }) {
    return (
        <div>
            {page.isPast && (
                <p className="mb-1">
                    As of {fullDateWords(page.on)}.{' '}
                    <Link href={addressOn(page.goal.id, null)} className="link">
                        Back to today
                    </Link>
                </p>
            )}
            <h1>{page.goal.title}</h1>
            <p className="mt-1 text-xs text-ink-2">
                {page.closedOn !== null
                    ? [
                          `closed ${dayWords(page.closedOn)}`,
                          page.rest !== null && `, the rest ${page.rest}`,
                          page.closingLine !== null && `: ${page.closingLine}`,
                      ]
                    : `by ${dayWords(page.period.last)}, ${count(page.daysLeft, 'working day')} left`}
                {page.goal.isPrivate && ', restricted'}
            </p>
            <Kin page={page} />
            {page.ready !== null && (
                <p className="mt-2 font-semibold">
                    {page.ready === 'done' ? 'Everything is done: ready to close.' : 'The period has ended: ready to close.'}
                </p>
            )}
            {page.why !== null && <p className="mt-2 max-w-prose whitespace-pre-line">{page.why}</p>}
        </div>
    );
}

function AboutIt({ page, takesReadings }: { page: GoalView; takesReadings: boolean }) {
    return (
        <div className="min-w-0 space-y-6">
            {page.measure === 'judged' && <Judge page={page} />}
            <WrittenSum page={page} />
            {takesReadings && <Readings page={page} />}
            {!page.isPast &&
                (page.closedOn === null || page.tasks.length > 0) &&
                (page.measure === 'work' || page.measure === 'count' || page.tasks.length > 0) && <TasksOfIt page={page} />}
            <GoalHistory page={page} />
        </div>
    );
}

function TasksOfIt({ page }: { page: GoalView }) {
    return (
        <Section title="Tasks of this goal" aside="Tasks of its projects are on the projects’ pages.">
            <ul className="divide-y divide-hairline">
                {page.tasks.map((task) => (
                    <TaskLine key={task.id} task={task} people={[]} showsOwner showsTime />
                ))}
            </ul>
            {page.closedOn === null && <AddTask to={{ goal: page.goal.id }} words="Add a task for this goal" />}
        </Section>
    );
}

const hasAny = ({ efforts, assumptions, tradeOffs }: Parts) => efforts.length + assumptions.length + tradeOffs.length > 0;

/** What it carries on, and what carries it on. */
function Kin({ page }: { page: GoalView }) {
    const link = (goal: GoalTag) => (
        <Link href={route('goals.show', goal.id)} className="link">
            {goal.title === page.goal.title ? plannedWords(goal.period) : `“${goal.title}” (${plannedWords(goal.period)})`}
        </Link>
    );

    return (
        <>
            {page.predecessor !== null && <p className="mt-1 text-xs text-ink-2">continues {link(page.predecessor)}</p>}
            {page.successors.map((goal) => (
                <p key={goal.id} className="mt-1 text-xs text-ink-2">
                    continued in {link(goal)}
                </p>
            ))}
        </>
    );
}

function NextStep({ page }: { page: GoalView }) {
    const { nextStep } = page;

    if (page.isPast) {
        return null;
    }

    return (
        <div className="mt-8 border-t border-rule pt-4 max-md:mt-2">
            <h2 className="text-sm">Next step</h2>
            {nextStep === null ? (
                <p className="mt-1 text-xs text-ink-2">
                    {page.closedOn === null ? 'Nothing can be done now. Add a task, or link a project to this goal.' : 'Closed.'}
                </p>
            ) : (
                <>
                    <Link href={route('tasks.show', nextStep.id)} className="mt-1 block hover:underline">
                        {nextStep.title}
                    </Link>
                    <p className="text-xs text-ink-2">
                        {nextStep.owner.name}
                        {nextStep.dueOn !== null && `, due ${dateWords(nextStep.dueOn)}`}
                        {nextStep.for !== null && nextStep.for !== page.goal.title && `, in ${nextStep.for}`}
                    </p>
                </>
            )}
            <p className="mt-6 text-xs text-ink-2 max-md:mt-2">{page.goal.owner.name} is the owner.</p>
        </div>
    );
}

function Actions({ page }: { page: GoalView }) {
    const { goal } = page;
    const { frame } = usePage().props;

    return (
        <Section title="Actions">
            <div className="flex flex-wrap gap-2 pt-1">
                {page.closedOn === null && (
                    <>
                        <ButtonLink href={route('goals.create', { _query: { parent: String(goal.id) } })}>Add a goal below</ButtonLink>
                        <ButtonLink href={route('projects.create', { _query: { goal: String(goal.id) } })}>Add a project</ButtonLink>
                    </>
                )}
                {frame?.me.id !== goal.owner.id && (
                    <Button
                        aria-pressed={page.followedBy.isMe}
                        onClick={() => {
                            act(page.followedBy.isMe ? 'delete' : 'post', route('goals.follow', goal.id));
                        }}
                    >
                        {page.followedBy.isMe ? 'Stop following' : 'Follow'}
                    </Button>
                )}
                {page.mayChange && <ButtonLink href={route('goals.edit', goal.id)}>Edit</ButtonLink>}
                <BringBack kind="plain" about={{ kind: 'goal', id: goal.id, title: goal.title }} returns={page.returns} />
                <RaiseAbout kind="plain" about={{ goal: goal.id }} />
                {page.closing !== null && <CloseGoal page={page} offer={page.closing} />}
                {page.mayChange && page.closedOn !== null && (
                    <Button
                        onClick={() => {
                            act('post', route('goals.reopen', goal.id));
                        }}
                    >
                        Reopen
                    </Button>
                )}
            </div>
        </Section>
    );
}
