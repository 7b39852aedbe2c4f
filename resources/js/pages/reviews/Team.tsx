import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { TeamGoal, TeamWeek, PeriodTag } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dateWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { weekdays } from '../../lib/weekdays';
import { first } from '../../lib/words';
import { Cord } from '../../parts/signs/Cord';
import { Gauge, Standing } from '../../parts/signs/Gauge';
import { SayChance } from '../../parts/goals/OwnersEstimate';
import { Empty, Section } from '../../parts/signs/Section';
import { WordSelect } from '../../ui/Select';

/** The team's week: every goal of the quarter, what changed first, and who has said nothing yet. */
export default function Team({ page }: { page: TeamWeek }) {
    const { week } = page;

    return (
        <div className="sheet-edge">
            <Head title={`The team’s ${week.words.toLowerCase()}`} />
            <TeamHead week={week} />
            <WhoHasSaid page={page} />
            {page.differing.length > 0 && <Differing page={page} />}
            {page.reviewed !== null && (
                <p className="mb-4 text-xs text-ink-2">
                    {page.reviewed.length === 0
                        ? 'Nobody has finished their own review of this week yet.'
                        : `Finished their own review of this week: ${page.reviewed.map(first).join(', ')}. Only they can read it.`}
                </p>
            )}
            {page.changed.length + page.others.length === 0 && <Empty>No goals of this quarter were open.</Empty>}
            {page.changed.length > 0 && (
                <Section title="Changed this week">
                    <Goals goals={page.changed} />
                </Section>
            )}
            {page.others.length > 0 && (
                <Section title="No change" className="mt-6">
                    <Goals goals={page.others} />
                </Section>
            )}
        </div>
    );
}

function TeamHead({ week }: { week: PeriodTag }) {
    return (
        <div className="flex flex-wrap items-baseline gap-x-4">
            <h1>The team’s {week.words.toLowerCase()}</h1>
            <span className="text-xs text-ink-2">{spanWords(week.first, week.last)}</span>
            <span className="flex gap-x-3 text-xs">
                <Link href={route('reviews.team', week.previous)} className="link">
                    the week before
                </Link>
                <Link href={route('reviews.team', week.next)} className="link">
                    the week after
                </Link>
            </span>
        </div>
    );
}

function WhoHasSaid({ page }: { page: TeamWeek }) {
    return (
        <p className="mb-4 flex flex-wrap items-baseline gap-x-4">
            <span className={page.silent.length > 0 ? 'font-semibold' : 'text-ink-2'}>
                {page.silent.length === 0
                    ? 'Every owner has said how their goals stand.'
                    : `Nothing said yet this week: ${page.silent.map(first).join(', ')}.`}
            </span>
            <span className="text-xs text-ink-2">
                Owners are asked from{' '}
                {page.mayChange ? (
                    <WordSelect
                        label="The day from which owners are asked"
                        value={page.asksOn}
                        options={weekdays.map(({ value }) => ({ value, label: value.replace(/^./, (letter) => letter.toUpperCase()) }))}
                        onChange={(on) => {
                            act('put', route('reviews.ask'), { on });
                        }}
                    />
                ) : (
                    page.asksOn.replace(/^./, (letter) => letter.toUpperCase())
                )}
            </span>
        </p>
    );
}

function Differing({ page }: { page: TeamWeek }) {
    return (
        <p className="mb-2">
            Owner and forecast differ most:{' '}
            {page.differing.map((each, place) => (
                <span key={each.goal}>
                    {place > 0 && ', '}
                    <Link href={route('goals.show', each.goal)} className="link">
                        {each.title}
                    </Link>{' '}
                    <span className="text-xs text-ink-2">
                        ({first(each.owner)} {each.said}%, forecast {each.computed}%)
                    </span>
                </span>
            ))}
        </p>
    );
}

function Goals({ goals }: { goals: TeamGoal[] }) {
    return (
        <ul>
            {goals.map((each) => (
                <Line key={each.goal.id} each={each} />
            ))}
        </ul>
    );
}

function Line({ each: { goal, change, chance, line, on, isSaid, isMine } }: { each: TeamGoal }) {
    return (
        <li
            className={clsx(
                'grid grid-cols-[44px_minmax(0,1fr)_110px_88px_112px_minmax(0,1fr)_140px] items-center',
                'gap-x-3 border-t border-hairline py-2 max-lg:grid-cols-[44px_minmax(0,1fr)_112px]',
            )}
        >
            <Cord cord={goal.cord} />
            <span className="min-w-0">
                <Link href={route('goals.show', goal.id)} className="two-lines hover:underline">
                    {goal.title}
                </Link>
                <span className="text-xs text-ink-2">{goal.owner.name}</span>
            </span>
            <span className="max-lg:hidden">
                {goal.gauge.progress !== null && goal.gauge.dueOn === null && <Gauge gauge={goal.gauge} />}
            </span>
            <span className="text-right font-mono text-xs max-lg:hidden">
                {change === null ? '–' : `${change > 0 ? '+' : ''}${String(change)} points`}
            </span>
            <span className="text-right text-xs">
                <Standing gauge={goal.gauge} />
            </span>
            <span className="min-w-0 max-lg:col-span-2 max-lg:col-start-2">
                {chance === null ? (
                    <span className="text-xs text-ink-2">no estimate yet</span>
                ) : (
                    <>
                        <span className="font-mono">{chance}%</span> <span className="two-lines text-ink-2">{line}</span>
                        {!isSaid && on !== null && <span className="text-xs text-ink-2">said {dateWords(on)}</span>}
                    </>
                )}
            </span>
            <span className="text-right max-lg:col-start-2 max-lg:text-left">{isMine && <SayChance goal={goal.id} chance={chance} />}</span>
        </li>
    );
}
