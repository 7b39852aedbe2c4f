import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { count } from '../../lib/words';
import { Cord } from '../signs/Cord';
import { Gauge, Standing } from '../signs/Gauge';
import { DayFacts } from './DayFacts';
import { ShareList } from './ShareList';
import type { PeriodTag, WeekFacts, WorkShare, GoalRow, MovedGoal } from '../../generated/props';
import { hoursWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';

const fills = ['bg-ink', 'bg-thread-1', 'bg-thread-2', 'bg-thread-3', 'bg-thread-4'];

/** What happened in the week, as computed. */
export function Facts({ week, facts }: { week: PeriodTag; facts: WeekFacts }) {
    const moved = facts.moved.filter(({ change }) => change !== null && change !== 0);
    const still = facts.moved.filter((each) => !moved.includes(each));

    return (
        <>
            <FactsHead week={week} />
            <WorkBar facts={facts} />
            <h2 className="mt-6 border-b border-hairline pb-1 text-base">What moved</h2>
            {facts.moved.length === 0 && <p className="py-2 text-ink-2">No quarter goals were open.</p>}
            <ul>
                {moved.map(({ goal, change, tasks, more }) => (
                    <Moved key={goal.id} goal={goal} change={change} tasks={tasks} more={more} />
                ))}
            </ul>
            {still.length > 0 && <NoChange still={still} />}
            <Promised facts={facts} />
            <LeftOverCounts facts={facts} />
            <div className="mt-6 grid grid-cols-2 gap-x-8 max-lg:grid-cols-1">
                <ShareList title="By main effort" shares={facts.byEffort} />
                <ShareList title="By area" shares={facts.byArea} />
            </div>
            <DayFacts week={week} facts={facts} />
            {facts.meetings.length > 0 && <HeldMeetings facts={facts} />}
        </>
    );
}

function FactsHead({ week }: { week: PeriodTag }) {
    return (
        <div className="mb-4 flex flex-wrap items-baseline gap-x-2.5">
            <h1>
                <Link href={route('week.show', week.name)} className="hover:underline">
                    {week.words}
                </Link>
            </h1>
            <span className="text-xs text-ink-2">{spanWords(week.first, week.last)}</span>
        </div>
    );
}

function Moved({ goal, change, tasks, more }: { goal: GoalRow; change: number | null; tasks: string[]; more: number }) {
    return (
        <li
            className={clsx(
                'grid grid-cols-[44px_1fr_110px_48px_104px] items-center gap-x-3',
                'border-b border-hairline py-1.5 @max-lg:grid-cols-[44px_1fr_104px]',
            )}
        >
            <Cord cord={goal.cord} />
            <Link href={route('goals.show', goal.id)} title={goal.title} className="truncate hover:underline">
                {goal.title}
            </Link>
            <span className="@max-lg:hidden">
                {goal.gauge.progress !== null && goal.gauge.dueOn === null && <Gauge gauge={goal.gauge} />}
            </span>
            <span className="text-right font-mono text-xs @max-lg:hidden">
                {change === null ? '–' : change > 0 ? `+${String(change)}` : change}
            </span>
            <span className="text-right text-xs">
                <Standing gauge={goal.gauge} />
            </span>
            {tasks.length > 0 && (
                <span className="two-lines col-start-2 col-end-[-1] text-xs text-ink-2">
                    {tasks.join(', ')}
                    {more > 0 && ` and ${String(more)} more`}
                </span>
            )}
        </li>
    );
}

function NoChange({ still }: { still: MovedGoal[] }) {
    return (
        <p className="border-b border-hairline py-1.5 text-xs text-ink-2">
            No change:{' '}
            {still.map(({ goal }, place) => (
                <span key={goal.id}>
                    {place > 0 && ', '}
                    <Link href={route('goals.show', goal.id)} className="hover:underline">
                        {goal.title}
                    </Link>
                </span>
            ))}
        </p>
    );
}

function HeldMeetings({ facts }: { facts: WeekFacts }) {
    return (
        <>
            <h2 className="mt-6 flex items-baseline justify-between border-b border-hairline pb-1 text-base">
                Meetings
                {facts.nextSteps !== null && facts.nextSteps.agreed > 0 && (
                    <span className="text-xs font-normal text-ink-2">
                        {count(facts.nextSteps.agreed, 'next step')} agreed, {facts.nextSteps.done} done
                    </span>
                )}
            </h2>
            <ul>
                {facts.meetings.map((meeting) => (
                    <li key={`${meeting.link} ${meeting.on}`} className="flex justify-between border-b border-hairline py-1.5">
                        <Link href={meeting.link} className="hover:underline">
                            {meeting.title}
                        </Link>
                        <span className="text-xs text-ink-2">{meeting.state === 'closed' ? 'held' : meeting.state}</span>
                    </li>
                ))}
            </ul>
        </>
    );
}

function WorkBar({ facts }: { facts: WeekFacts }) {
    const before = facts.before === null ? '' : ` The four weeks before: ${String(facts.before)}%.`;
    const words =
        facts.minutes === 0
            ? 'Nothing was completed.'
            : `${hoursWords(facts.minutes)}, ${count(facts.done, 'task')}, ${String(facts.alignment ?? 0)}% for goals.${before}`;

    return (
        <>
            <h2 className="text-base">
                Where the work went <span className="text-xs font-normal text-ink-2">{words}</span>
            </h2>
            <div className="mt-1.5 flex h-5 gap-0.5">
                {facts.work.map((share) => (
                    <WorkPart key={share.title ?? share.cord?.title ?? ''} share={share} whole={facts.minutes} />
                ))}
            </div>
        </>
    );
}

function WorkPart({ share, whole }: { share: WorkShare; whole: number }) {
    const hours = (share.minutes / 60).toFixed(1).replace('.0', '');
    const isWide = share.minutes / Math.max(1, whole) > 0.12;
    const title = share.cord?.title ?? share.title ?? 'Not linked';
    const mark = share.cord?.mark ?? share.title ?? 'not linked';

    return (
        <span
            title={`${title}: ${hours} h`}
            style={{ flexGrow: share.minutes, flexBasis: 0 }}
            className={clsx(
                'min-w-1 overflow-hidden px-1 font-mono text-xs leading-5 font-semibold whitespace-nowrap',
                share.cord === null ? 'border border-rule font-normal text-ink-2' : `${fills[share.cord.tone] ?? ''} text-sheet`,
            )}
        >
            {isWide && `${mark} ${hours}`}
            {!isWide && (
                <span className="sr-only">
                    {mark} {hours}
                </span>
            )}
        </span>
    );
}

function Promised({ facts }: { facts: WeekFacts }) {
    const kept = (isFirm: boolean) => {
        const goals = facts.promised.filter((goal) => goal.isFirm === isFirm);
        const met = goals.filter((goal) => ['met', 'reached'].includes(goal.gauge.band));

        return goals.length === 0 ? [] : [`${String(met.length)} of ${String(goals.length)} ${isFirm ? 'firm' : 'flexible'}`];
    };

    return (
        <>
            <h2 className="mt-6 pb-1 text-base">
                Week goals{' '}
                <span className="text-xs font-normal text-ink-2">
                    {facts.promised.length === 0 ? 'none' : [...kept(true), ...kept(false)].join(', ')}
                </span>
            </h2>
            <ul>
                {facts.promised.map((goal) => (
                    <li
                        key={goal.id}
                        className={clsx('flex justify-between gap-4 py-1.5', goal.isFirm ? 'double-rule' : 'border-t border-hairline')}
                    >
                        <Link href={route('goals.show', goal.id)} className="min-w-0 truncate hover:underline">
                            {goal.title}
                        </Link>
                        <span className="flex-none text-xs">
                            {goal.isClosed ? <Standing gauge={goal.gauge} /> : <span className="font-mono">{goal.gauge.terms}</span>}
                        </span>
                    </li>
                ))}
            </ul>
        </>
    );
}

function LeftOverCounts({ facts }: { facts: WeekFacts }) {
    const counts: [string, number, boolean?][] = [
        ['Late', facts.late, true],
        ['Carried over', facts.carried],
        ['Stuck', facts.stuck],
        ['Waiting for others', facts.withOthers],
        ['No recent activity', facts.withoutActivity],
        ['Tray', facts.tray],
    ];

    return (
        <>
            <h2 className="mt-6 text-base">Open tasks</h2>
            <dl className="mt-1 grid grid-cols-3 gap-x-6">
                {counts.map(([words, count, isLoud]) => (
                    <div key={words} className="flex justify-between border-t border-hairline py-1.5">
                        <dt>{words}</dt>
                        <dd className={clsx('font-mono text-xs leading-5', isLoud === true && count > 0 && 'font-semibold text-persimmon')}>
                            {count}
                        </dd>
                    </div>
                ))}
            </dl>
        </>
    );
}
