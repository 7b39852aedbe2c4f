import { Head, Link, usePage } from '@inertiajs/react';
import { useState } from 'react';
import type { PersonTag, TaskRow, WeekView } from '../../generated/props';
import { spanWords, wordsOf } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { ShownWeek } from '../../lib/planKeys';
import { PlanByDragging } from '../../parts/task/PlanByDragging';
import { AddTask } from '../../parts/task/AddTask';
import { GoalBlock } from '../../parts/signs/GoalLine';
import { Empty } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { AskedGoals } from '../../parts/goals/AskedGoals';
import { GoalHours } from '../../parts/week/GoalHours';
import { CarriedOver } from '../../parts/week/CarriedOver';
import { DayRow, Place, Row, WeekLineOf } from '../../parts/week/DayRow';
import { KeptWeek, Pace } from '../../parts/week/KeptWeek';
import { Passed } from '../../parts/week/Passed';
import { PlanQueue } from '../../parts/week/PlanQueue';
import { WeekLine } from '../../parts/week/WeekLine';
import { WeekRuler } from '../../parts/signs/WeekRuler';
import { InSight } from '../../parts/week/InSight';
import { WhoseWeek } from '../../parts/week/WhoseWeek';
import { ButtonLink } from '../../ui/Button';

export default function Week({ page }: { page: WeekView }) {
    const { week } = page;
    // One question at a time: what was carried over is asked in the queue.
    const [isPlanning, setPlanning] = useState(false);

    return (
        <ShownWeek value={week}>
            <div className="grid flex-1 grid-cols-[312px_1fr] max-lg:grid-cols-1">
                <Head title={wordsOf(week)} />
                <AboutTheWeek page={page} />
                <div className="min-w-0 pr-6 max-lg:pl-6 max-md:px-4">
                    <PlanByDragging tasks={tasksOf(page)}>
                        <WhatIsInIt page={page} isPlanning={isPlanning} onPlan={setPlanning} />
                    </PlanByDragging>
                </div>
            </div>
        </ShownWeek>
    );
}

function AboutTheWeek({ page }: { page: WeekView }) {
    return (
        <aside className="border-r border-hairline py-5 pr-6 pl-6 max-lg:border-0 max-md:px-4">
            <WhichWeek page={page} />
            <WeekLine page={page} />
            {page.hours !== null && <WeekRuler hours={page.hours} />}
            {page.pace !== null && <Pace pace={page.pace} />}
            {page.kept !== null && <KeptWeek kept={page.kept} />}
            <AskedGoals goals={page.asked} className="mt-4" />
            <ul className="mt-4">
                {page.goals.map((goal) => (
                    <GoalBlock key={goal.id} goal={goal}>
                        <GoalHours goal={goal} hours={page.goalHours} isOver={page.when === 'past'} />
                    </GoalBlock>
                ))}
            </ul>
            {page.goals.length === 0 && (
                <Empty>
                    {page.when === 'past'
                        ? 'No goals were set for this week.'
                        : 'No goals yet. A few are enough: firm ones that are promised, flexible ones that you can move.'}
                </Empty>
            )}
            <WhatNext page={page} />
            {page.goals.some((goal) => goal.isFirm) && (
                <p className="mt-3 text-xs text-ink-2">Double rule: firm, promised to somebody. Single rule: flexible.</p>
            )}
            <InSight parts={page.parts} />
            <WhoseWeek page={page} />
        </aside>
    );
}

function WhichWeek({ page }: { page: WeekView }) {
    const { frame } = usePage().props;

    return (
        <div className="flex flex-wrap items-baseline gap-x-2.5">
            <h1>
                {wordsOf(page.week)}
                {frame?.me.id !== page.whose.id && ` of ${page.whose.name}`}
            </h1>
            <span className="text-xs text-ink-2">
                {spanWords(page.week.first, page.week.last)}
                {page.place !== null && `, ${page.place}`}
                {page.when === 'past' && ', over'}
            </span>
        </div>
    );
}

function WhatNext({ page }: { page: WeekView }) {
    return (
        <div className="flex flex-wrap items-center gap-3 border-t border-rule pt-3">
            {page.when !== 'past' && (
                <ButtonLink href={route('goals.create', { _query: { period: page.week.name } })}>Add a week goal</ButtonLink>
            )}
            {page.when !== 'past' && (
                <ButtonLink kind="quiet" href={route('planning', `${page.week.name}+2`)}>
                    Plan two weeks
                </ButtonLink>
            )}
            <ButtonLink kind={page.when === 'past' && !page.isReviewed ? 'main' : 'quiet'} href={route('reviews.show', page.week.name)}>
                {page.isReviewed ? 'Open review' : 'Review this week'}
            </ButtonLink>
        </div>
    );
}

function WhatIsInIt({ page, isPlanning, onPlan }: { page: WeekView; isPlanning: boolean; onPlan: (isOn: boolean) => void }) {
    const isEmpty = page.noDay.length === 0 && page.left.length === 0 && page.days.every((day) => day.tasks.length === 0);

    return (
        <>
            {page.carriedOver.length > 0 && !isPlanning && <CarriedOver tasks={page.carriedOver} people={page.people} />}
            {page.when !== 'past' && <PlanQueue page={page} people={page.people} isOn={isPlanning} onTurn={onPlan} />}
            {page.days.map((day) => (
                <DayRow key={day.on} day={day} people={page.people} isFolded={day.isPast && page.when === 'now'} />
            ))}
            {(page.when !== 'past' || page.noDay.length > 0) && <NoDayYet page={page} />}
            <Listed title="Due" hint="this week or earlier, with no time planned" tasks={page.due} people={page.people} />
            {page.passed !== null && <Passed passed={page.passed} />}
            <Listed
                title="Suggested"
                hint="planned for this month, quarter or year, with no week yet"
                tasks={page.offered}
                people={page.people}
                isQuiet
            />
            {page.when !== 'past' && <WeekAfter page={page} />}
            <LeftOut page={page} />
            {page.when === 'past' && isEmpty && (
                <p className="py-4 text-ink-2">
                    Nothing was completed this week.{' '}
                    <Link href={route('week.current')} className="link">
                        Go to this week
                    </Link>
                </p>
            )}
        </>
    );
}

function NoDayYet({ page }: { page: WeekView }) {
    return (
        <Place time={page.week.name} isOpen={page.when !== 'past'}>
            <Row label={<h2 className="text-base">No day yet</h2>} hint="any time this week">
                <ul>
                    {page.noDay.map((task) => (
                        <WeekLineOf key={task.id} task={task} people={page.people} />
                    ))}
                </ul>
                {page.when !== 'past' && <AddTask to={{ planned: page.week.name, owner_id: page.whose.id }} words="Add to this week" />}
            </Row>
        </Place>
    );
}

interface ListedProps {
    title: string;
    hint: string;
    tasks: TaskRow[];
    people: PersonTag[];
    isQuiet?: boolean;
}

/** Tasks that belong to the week and have no place in it; nothing where there are none. */
function Listed({ title, hint, tasks, people, isQuiet = false }: ListedProps) {
    return (
        tasks.length > 0 && (
            <Row label={<h2 className="text-base">{title}</h2>} hint={hint}>
                <ul>
                    {tasks.map((task) => (
                        <WeekLineOf key={task.id} task={task} people={people} showsTime isQuiet={isQuiet} />
                    ))}
                </ul>
            </Row>
        )
    );
}

function WeekAfter({ page }: { page: WeekView }) {
    return (
        <Place time={page.week.next} isOpen>
            <Row
                label={
                    <h2 className="text-base">
                        <Link href={route('week.show', page.week.next)} className="hover:underline">
                            The week after
                        </Link>
                    </h2>
                }
            >
                <p className="pt-1 text-xs text-ink-2 pointer-coarse:hidden">Drag a task here, or to any day above.</p>
            </Row>
        </Place>
    );
}

function LeftOut({ page }: { page: WeekView }) {
    return (
        <>
            {[...Map.groupBy(page.left, (row) => row.words)].map(([words, rows]) => (
                <Row
                    key={words}
                    label={<h2 className="text-base">{words.charAt(0).toUpperCase() + words.slice(1)}</h2>}
                    hint={`${count(rows.length, 'task')} planned for this week`}
                >
                    <ul>
                        {rows.map(({ task }) => (
                            <TaskLine key={task.id} task={task} people={page.people} showsTime isQuiet />
                        ))}
                    </ul>
                </Row>
            ))}
        </>
    );
}

/** All tasks that can be dragged about. */
const tasksOf = (page: WeekView) => [...page.days.flatMap((day) => day.tasks), ...page.noDay, ...page.due, ...page.offered];
