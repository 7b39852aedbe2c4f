import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { DayView, DuePass } from '../../generated/props';
import { act } from '../../lib/act';
import { hoursWords, longDayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { AddTask } from '../../parts/AddTask';
import { LongTermWords } from '../../parts/direction/LongTermWords';
import { Cord } from '../../parts/Cord';
import { GoalBlock } from '../../parts/GoalLine';
import { Empty, Section } from '../../parts/Section';
import { TaskLine } from '../../parts/TaskLine';
import { Alerts } from '../../parts/day/Alerts';
import { Daily } from '../../parts/recurring/Daily';
import { ButtonLink } from '../../ui/Button';

/** Where the day starts: what is due, the main thing, what else is planned, what is left of the time. */
export default function Day({ page }: { page: DayView }) {
    const others = page.tasks.filter((task) => task.id !== page.mainThing?.id);

    return (
        <div className="grid flex-1 grid-cols-[312px_1fr] max-lg:grid-cols-1">
            <Head title="Day" />
            <aside className="border-r border-hairline px-6 py-5 max-lg:order-2 max-lg:border-0 max-md:px-4">
                <h2 className="mb-1 text-base">What is due</h2>
                <ul className="border-t border-rule">
                    {page.passes.map((pass) => (
                        <Pass key={pass.kind} pass={pass} />
                    ))}
                </ul>
                {page.alerts.length > 0 && <Alerts alerts={page.alerts} today={page.on} />}
                <h2 className="mt-8 text-base">{page.week}</h2>
                <p className="mb-3 text-ink-2">{page.words}</p>
                <ul>
                    {page.weekGoals.map((goal) => (
                        <GoalBlock key={goal.id} goal={goal} />
                    ))}
                </ul>
                {page.weekGoals.length === 0 && <p className="text-xs text-ink-2">No goals for this week yet.</p>}
            </aside>
            <div className="min-w-0 px-7 py-5 max-md:px-4">
                <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                    <h1>{longDayWords(page.on)}</h1>
                    {page.available > 0 && (
                        <p className={clsx('text-sm', page.free < 0 ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                            {page.free < 0
                                ? `${hoursWords(-page.free)} over`
                                : `${hoursWords(page.free)} free of ${hoursWords(page.available)}`}
                        </p>
                    )}
                </div>
                <MainThing page={page} />
                {page.late.length > 0 && (
                    <Section title="Late" className="mt-6" aside="Do it, change its date or drop it.">
                        <ul className="divide-y divide-hairline">
                            {page.late.map((task) => (
                                <TaskLine key={task.id} task={task} people={[]} showsTime />
                            ))}
                        </ul>
                    </Section>
                )}
                {page.meetings.length > 0 && (
                    <Section title="Meetings" className="mt-6">
                        <ul className="divide-y divide-hairline">
                            {page.meetings.map((meeting) => (
                                <li key={meeting.link} className="flex min-h-8 items-center gap-4 py-1">
                                    <span className="w-12 font-mono text-xs">{meeting.time}</span>
                                    <Link href={meeting.link} className="flex-1 font-semibold hover:underline">
                                        {meeting.title}
                                        {meeting.state === 'closed' && <span className="font-normal text-ink-2">, minutes final</span>}
                                    </Link>
                                    <span className="font-mono text-xs text-ink-2">{meeting.minutes} min</span>
                                </li>
                            ))}
                        </ul>
                    </Section>
                )}
                <Section title="Also today" className="mt-6">
                    <ul className="divide-y divide-hairline">
                        {others.map((task) => (
                            <TaskLine key={task.id} task={task} people={[]} />
                        ))}
                    </ul>
                    <AddTask to={{ planned: page.on }} words="Add to today" />
                </Section>
                {page.daily.length > 0 && (
                    <Section title="Daily checklist" className="mt-6" aside="Starts blank each morning.">
                        <Daily lines={page.daily} />
                    </Section>
                )}
                <div className="mt-10 border-t border-hairline pt-3">
                    <LongTermWords longTerm={page.longTerm} />
                </div>
            </div>
        </div>
    );
}

function Pass({ pass }: { pass: DuePass }) {
    return (
        <li className="border-b border-hairline">
            <Link href={pass.link} className="group flex min-h-11 items-center justify-between gap-3 py-1.5">
                <span className="min-w-0">
                    <span className={clsx('block group-hover:underline', pass.isDue ? 'font-semibold' : 'text-ink-2')}>{pass.title}</span>
                    <span className="block text-xs text-ink-2">{pass.detail}</span>
                </span>
                <span className={clsx('flex-none font-mono text-xs', pass.isDue ? 'font-semibold' : 'text-ink-2')}>
                    {pass.isDue ? 'due' : 'not due'}
                </span>
            </Link>
        </li>
    );
}

function MainThing({ page }: { page: DayView }) {
    const { mainThing } = page;

    if (mainThing === null) {
        return (
            <Empty action={<ButtonLink href={route('week.current')}>Choose from the week</ButtonLink>}>
                {page.tasks.length > 0 ? 'All that was planned for today is done.' : 'Nothing is planned for today yet.'}
            </Empty>
        );
    }

    return (
        <div className="double-rule mt-3 border-b border-b-hairline py-4">
            <p className="flex items-center gap-3 text-xs text-ink-2">
                {page.isChosen ? 'The main thing' : 'The first of today'} <Cord cord={mainThing.cord} /> {mainThing.for}
                {!page.isChosen && (
                    <button
                        type="button"
                        className="link"
                        onClick={() => {
                            act('put', route('tasks.main', mainThing.id));
                        }}
                    >
                        Make it the main thing
                    </button>
                )}
            </p>
            <ul className="text-lg">
                <TaskLine task={mainThing} people={[]} />
            </ul>
        </div>
    );
}
