import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { DayView, TaskRow } from '../../generated/props';
import { addDays, hoursWords, longDayWords, weekdayNumber } from '../../lib/dates';
import { route } from '../../lib/routes';
import { weekdays } from '../../lib/weekdays';
import { AddTask } from '../../parts/task/AddTask';
import { Alerts } from '../../parts/day/Alerts';
import { DueNow } from '../../parts/day/DueNow';
import { Evening } from '../../parts/day/Evening';
import { Habits } from '../../parts/day/Habits';
import { HoursOfDay } from '../../parts/day/HoursOfDay';
import { InTime } from '../../parts/day/InTime';
import { Log } from '../../parts/day/Log';
import { MainThing } from '../../parts/day/MainThing';
import { OwnHours } from '../../parts/day/OwnHours';
import { PickUp } from '../../parts/day/PickUp';
import { Sessions } from '../../parts/day/Sessions';
import { LongTermWords } from '../../parts/direction/LongTermWords';
import { GoalBlock } from '../../parts/signs/GoalLine';
import { Daily } from '../../parts/recurring/Daily';
import { Section } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';

/** A day: its hours to scale, its main thing, what else is planned; beside it what is due and the log; at its end the questions. */
export default function Day({ page }: { page: DayView }) {
    const others = page.tasks.filter((task) => task.id !== page.mainThing?.id);
    const [timed, loose] = [others.filter((task) => task.plannedAt !== null), others.filter((task) => task.plannedAt === null)];
    const mayWrite = page.isToday || page.isPast;

    return (
        <div className="grid flex-1 grid-cols-[1fr_372px] grid-rows-[auto_1fr] max-lg:grid-cols-1 max-lg:grid-rows-none" key={page.on}>
            <Head title={page.isToday ? 'Day' : longDayWords(page.on)} />
            {page.passes.length > 0 && (
                <div className="col-start-2 border-l border-hairline px-6 pt-5 max-lg:col-start-1 max-lg:border-0 max-md:px-4">
                    <DueNow passes={page.passes} />
                </div>
            )}
            <div className="sheet-edge col-start-1 row-span-2 row-start-1 min-w-0 max-lg:row-span-1 max-lg:row-start-auto">
                <Heading page={page} />
                <HoursOfDay hours={page.hours} kept={keptOn(page)} />
                <MainThing page={page} />
                {page.late.length > 0 && <Late page={page} />}
                {page.due.length > 0 && <DueThatDay page={page} />}
                <AlsoThatDay page={page} loose={loose} />
                <InTime on={page.on} meetings={page.meetings} appointments={page.appointments} tasks={timed} />
                <Sessions sessions={page.sessions} />
                {page.daily.length > 0 && (
                    <Section title="Daily checklist" className="mt-6" aside="Starts blank each morning.">
                        <Daily lines={page.daily} />
                    </Section>
                )}
                {page.evening.isTime && <Evening page={page} />}
                <div className="grid grid-cols-2 gap-x-8 max-md:grid-cols-1">
                    <PickUp lines={page.pickUp} today={page.on} />
                    <Habits habits={page.habits} on={page.on} mayTick={mayWrite} />
                </div>
                <div className="mt-10 border-t border-hairline pt-3">
                    <LongTermWords longTerm={page.longTerm} />
                </div>
            </div>
            <BesideTheDay page={page} mayWrite={mayWrite} />
        </div>
    );
}

function Late({ page }: { page: DayView }) {
    return (
        <Section title="Late" className="mt-6" aside="Do it, change its date or drop it.">
            <ul className="divide-y divide-hairline">
                {page.late.map((task) => (
                    <TaskLine key={task.id} task={task} people={[]} showsTime />
                ))}
            </ul>
        </Section>
    );
}

function DueThatDay({ page }: { page: DayView }) {
    return (
        <Section title={page.isToday ? 'Due today' : 'Due on this day'} className="mt-6" aside="With no time planned.">
            <ul className="divide-y divide-hairline">
                {page.due.map((task) => (
                    <TaskLine key={task.id} task={task} people={[]} showsTime />
                ))}
            </ul>
        </Section>
    );
}

function AlsoThatDay({ page, loose }: { page: DayView; loose: TaskRow[] }) {
    return (
        <Section title={page.isToday ? 'Also today' : 'Also on this day'} className="mt-6">
            <ul className="divide-y divide-hairline">
                {loose.map((task) => (
                    <TaskLine key={task.id} task={task} people={[]} />
                ))}
            </ul>
            {page.isPast ? (
                <AddTask to={{ done_on: page.on }} words="Enter work that was done" />
            ) : (
                <AddTask to={{ planned: page.on }} words={page.isToday ? 'Add to today' : 'Add to this day'} />
            )}
        </Section>
    );
}

function BesideTheDay({ page, mayWrite }: { page: DayView; mayWrite: boolean }) {
    return (
        <aside
            className={clsx(
                'col-start-2 row-end-3 border-l border-hairline px-6 pb-5',
                'max-lg:col-start-1 max-lg:row-end-auto max-lg:border-0 max-md:px-4',
            )}
        >
            {page.alerts.length > 0 && <Alerts alerts={page.alerts} today={page.on} />}
            <Log on={page.on} lines={page.log} mayWrite={mayWrite} />
            <Section
                title={
                    <Link href={route('week.show', page.week.name)} className="hover:underline">
                        {page.week.words}
                    </Link>
                }
                className="mt-8"
            >
                <p className="mb-2 text-ink-2">{page.words}</p>
                <ul>
                    {page.weekGoals.map((goal) => (
                        <GoalBlock key={goal.id} goal={goal} />
                    ))}
                </ul>
                {page.weekGoals.length === 0 && <p className="text-xs text-ink-2">No goals for this week.</p>}
            </Section>
        </aside>
    );
}

/** The hours that are kept on the weekday of the page. */
const keptOn = (page: DayView) => page.kept.filter((hours) => hours.weekday === weekdays[weekdayNumber(page.on) - 1]?.value);

function Heading({ page }: { page: DayView }) {
    const step = 'flex size-8 items-center justify-center text-ink-2 hover:text-ink pointer-coarse:size-11';

    return (
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <div className="flex flex-wrap items-baseline gap-x-2">
                <h1>{longDayWords(page.on)}</h1>
                <span className="flex self-center">
                    <Link href={route('days.show', addDays(page.on, -1))} aria-label="The day before" className={step}>
                        ‹
                    </Link>
                    <Link href={route('days.show', addDays(page.on, 1))} aria-label="The day after" className={step}>
                        ›
                    </Link>
                </span>
                {!page.isToday && (
                    <Link href={route('day')} className="link text-xs">
                        Go to today
                    </Link>
                )}
                <OwnHours absences={page.absences} kept={page.kept} on={page.on} />
            </div>
            <FreeTime page={page} />
        </div>
    );
}

/** What is left of the day's hours: the same figure as on every other screen. */
function FreeTime({ page }: { page: DayView }) {
    const { available, free, isPast } = page;

    if (isPast || (available === 0 && free === 0)) {
        return null;
    }

    return (
        <p className={clsx('text-sm', free < 0 ? 'font-semibold text-persimmon' : 'text-ink-2')}>
            {free < 0 ? `${hoursWords(-free)} over` : `${hoursWords(free)} free of ${hoursWords(available)}`}
        </p>
    );
}
