import { Head, Link } from '@inertiajs/react';
import { type ReactNode, useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import type { AreaView, PersonTag, RegisterRow, TaskRow } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { addingLine } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Cord } from '../../parts/signs/Cord';
import { GaugeLine } from '../../parts/signs/Gauge';
import { GoalBlock } from '../../parts/signs/GoalLine';
import { AddLine } from '../../parts/fields/AddLine';
import { Empty, Section } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { AreaForm, kindWords } from '../../parts/direction/AreaForm';
import { HoursRuler } from '../../parts/direction/HoursRuler';
import { MeetingsBeside } from '../../parts/meetings/MeetingsBeside';
import { Contacts } from '../../parts/direction/Contacts';
import { WorkRecurringTasks } from '../../parts/recurring/WorkRecurringTasks';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';

/** What runs in an area, what comes in, what was done, and how much of the time moved it forward. */
export default function Area({ page }: { page: AreaView }) {
    const { area } = page;

    return (
        <div className="sheet-edge">
            <Head title={area.name} />
            <Title page={page} />
            <div className="mt-5 grid grid-cols-[1fr_320px] gap-x-10 gap-y-8 max-lg:grid-cols-1">
                <div className="min-w-0 space-y-7">
                    {page.goals.length > 0 && (
                        <Section title="Goals">
                            <ul className="grid grid-cols-2 gap-x-8 max-md:grid-cols-1">
                                {page.goals.map((goal) => (
                                    <GoalBlock key={goal.id} goal={goal} />
                                ))}
                            </ul>
                        </Section>
                    )}
                    {page.thisWeek.length > 0 && (
                        <Section title="This week" aside="Open tasks planned or due this week, by rank.">
                            <Few tasks={page.thisWeek} people={page.people} showsTime>
                                {page.thisWeekMore > 0 && (
                                    <Link
                                        href={route('saved.build', {
                                            _query: { conditions: [{ field: 'area', value: String(area.id) }], sort: 'planned' },
                                        })}
                                        className="text-sm link"
                                    >
                                        {page.thisWeekMore} more in the list of all open tasks
                                    </Link>
                                )}
                            </Few>
                        </Section>
                    )}
                    {page.projects.length > 0 && (
                        <Section title="Active projects">
                            <ul className="divide-y divide-hairline">
                                {page.projects.map((project) => (
                                    <Project key={project.id} project={project} />
                                ))}
                            </ul>
                        </Section>
                    )}
                    <ItsTray page={page} />
                    {page.done.length > 0 && (
                        <Section title="Done in the last four weeks">
                            <Few tasks={page.done} people={page.people} />
                        </Section>
                    )}
                    <WhatIsNot page={page} />
                </div>
                <div className="space-y-7">
                    <TimeSpent page={page} />
                    <WorkRecurringTasks recurringTasks={page.recurringTasks} to={{ area: area.id }} />
                    <Contacts page={page} />
                    <MeetingsBeside meetings={page.meetings} />
                    {page.notes !== '' && (
                        <Section title="Notes">
                            <p className="whitespace-pre-line">{page.notes}</p>
                        </Section>
                    )}
                </div>
            </div>
        </div>
    );
}

/** What there is nothing of, in one sentence. */
function WhatIsNot({ page }: { page: AreaView }) {
    const missing = [
        page.goals.length === 0 && 'no open goals',
        page.thisWeek.length === 0 && 'nothing planned this week',
        page.projects.length === 0 && 'no active projects',
        page.done.length === 0 && 'nothing done in the last four weeks',
    ].filter((words) => words !== false);

    return missing.length > 0 && <Empty>{`${missing.join(', ').replace(/^./, (letter) => letter.toUpperCase())}.`}</Empty>;
}

/** How many tasks are listed before the rest folds. */
const FEW = 6;

interface FewProps {
    tasks: TaskRow[];
    people: PersonTag[];
    showsTime?: boolean;
    children?: ReactNode;
}

/** The first of some tasks; the others, and where there are yet more, unfold. */
function Few({ tasks, people, showsTime = false, children }: FewProps) {
    const [isOpen, setOpen] = useState(false);
    const shown = isOpen ? tasks : tasks.slice(0, FEW);

    return (
        <>
            <ul className="divide-y divide-hairline">
                {shown.map((task) => (
                    <TaskLine key={task.id} task={task} people={people} showsOwner showsTime={showsTime} />
                ))}
            </ul>
            {tasks.length > shown.length && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    {tasks.length - shown.length} more
                </Button>
            )}
            {isOpen && children}
        </>
    );
}

function Title({ page }: { page: AreaView }) {
    const [isOpen, setOpen] = useState(false);
    const { area } = page;

    return (
        <div className="flex items-baseline justify-between gap-4">
            <div>
                <h1>{area.name}</h1>
                <p className="text-xs text-ink-2">
                    {kindWords[area.kind]}
                    {area.owner !== null && `, ${area.owner.name} is responsible`}
                </p>
            </div>
            {page.mayChange && (
                <Button
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    Edit
                </Button>
            )}
            <Dialog isOpen={isOpen} onOpenChange={setOpen} title={`Edit ${area.name}`}>
                <AreaForm
                    area={area}
                    notes={page.notes}
                    people={page.people}
                    mayRemove
                    onDone={() => {
                        setOpen(false);
                    }}
                />
            </Dialog>
        </div>
    );
}

function Project({ project }: { project: RegisterRow }) {
    return (
        <li className="grid grid-cols-[1fr_200px] items-center gap-4 py-2">
            <div className="min-w-0">
                <Link href={route('projects.show', project.id)} className="font-semibold hover:underline">
                    {project.title}
                </Link>{' '}
                <Cord cord={project.cord} />
                <p className="truncate text-xs text-ink-2">
                    {project.owner.name}
                    {project.condition === 'stuck' ? ', stuck' : project.nextStep === null ? '' : `, next: ${project.nextStep.title}`}
                </p>
            </div>
            <GaugeLine gauge={project.gauge} />
        </li>
    );
}

function ItsTray({ page }: { page: AreaView }) {
    const form = useForm(`jot for area ${String(page.area.id)}`, { words: '' });

    return (
        <Section title="Tray" aside="What has come in for this area. Anyone can sort it.">
            <AddLine words="A request or an idea" maxLength={2000} {...addingLine(form, 'words', route('areas.jot', page.area.id))} />
            <ul className="divide-y divide-hairline border-t border-hairline">
                {page.tray.map((words, place) => (
                    <li key={place} className="two-lines py-1">
                        {words}
                    </li>
                ))}
            </ul>
            {page.tray.length > 0 && (
                <Link href={route('areas.tray', page.area.id)} className="link">
                    Sort {page.tray.length === 1 ? 'it' : `all ${String(page.tray.length)}`}
                </Link>
            )}
        </Section>
    );
}

function TimeSpent({ page }: { page: AreaView }) {
    const all = page.forward + page.upkeep;

    return (
        <Section title="Where the time went" aside="the last four weeks">
            {all === 0 ? (
                <Empty>Nothing was done.</Empty>
            ) : (
                <>
                    <HoursRuler forward={page.forward} upkeep={page.upkeep} />
                    <p className="mt-1 flex justify-between text-sm">
                        <span>{hoursWords(page.forward)} for goals</span>
                        <span className="text-ink-2">{hoursWords(page.upkeep)} not linked to a goal</span>
                    </p>
                </>
            )}
        </Section>
    );
}
