import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Cord } from '../signs/Cord';
import { Gauge, Standing } from '../signs/Gauge';
import { DecisionList } from '../signs/DecisionList';
import { HoursByWeek } from './HoursByWeek';
import { ShareList } from './ShareList';
import type { PeriodFacts as Facts, PeriodTag, PromisedGoal } from '../../generated/props';
import { dayWords, spanWords, wordsOf } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count, resultWords } from '../../lib/words';

/** What happened in a month, quarter or year: what was promised and what became of it, the hours, what was decided. */
export function PeriodFacts({ period, facts }: { period: PeriodTag; facts: Facts }) {
    const met = facts.goals.filter(({ result, goal }) => result === 'met' || (result === null && goal.gauge.band === 'reached')).length;

    return (
        <>
            <div className="mb-3 flex flex-wrap items-baseline gap-x-2.5">
                <h1>{wordsOf(period)}</h1>
                <span className="text-xs text-ink-2">
                    {spanWords(period.first, period.last)}
                    {facts.asOf < period.last && `, as of ${dayWords(facts.asOf)}`}
                </span>
                <span className="ml-auto text-xs text-ink-2">
                    {facts.goals.length > 0 && `${String(met)} of ${count(facts.goals.length, 'goal')} met`}
                </span>
            </div>
            {facts.goals.length === 0 && <p className="border-t border-hairline py-2 text-ink-2">No goals were set for this time.</p>}
            {facts.goals.length > 0 && (
                <p
                    aria-hidden
                    className="grid grid-cols-[44px_1fr_84px_80px_108px] gap-x-3 text-xs text-ink-2 @max-lg:grid-cols-[44px_1fr_80px]"
                >
                    <span className="col-span-2" />
                    <span className="@max-lg:hidden">reached</span>
                    <span className="text-right">{facts.asOf < period.last ? 'stands at' : 'ended at'}</span>
                    <span className="text-right @max-lg:hidden">first estimate, result</span>
                </p>
            )}
            <ul>
                {facts.goals.map((each) => (
                    <Promised key={each.goal.id} each={each} />
                ))}
            </ul>
            {facts.estimates !== null && <p className="border-t border-rule py-2 font-semibold">{facts.estimates}</p>}
            <HoursByWeek facts={facts} />
            <div className="mt-4 grid grid-cols-2 gap-x-8 max-lg:grid-cols-1">
                <ShareList title="By goal" shares={facts.byGoal} />
                <ShareList title="By area" shares={facts.byArea} />
            </div>
            <div className="mt-4 grid grid-cols-3 gap-x-8 gap-y-4 max-lg:grid-cols-1">
                {facts.efforts.length > 0 && (
                    <Lines
                        title="Main efforts"
                        lines={facts.efforts.map(
                            ({ title, meant, given }) =>
                                `${title}: ${String(given)} h a week${meant === null ? '' : `, meant ${String(meant)}`}`,
                        )}
                    />
                )}
                {facts.assumptions.length > 0 && (
                    <Lines
                        title="Assumptions"
                        lines={facts.assumptions.map(({ title, seen }) => `${title}: ${seen ?? 'not looked at yet'}`)}
                    />
                )}
                {facts.tradeOffs.length > 0 && <Lines title="Trade-offs" lines={facts.tradeOffs} />}
            </div>
            <DecisionList decisions={facts.decisions} />
        </>
    );
}

function Promised({ each: { goal, estimate, result } }: { each: PromisedGoal }) {
    const became = (
        <>
            {estimate !== null && `${String(estimate)}%, `}
            {result === null ? <Standing gauge={goal.gauge} /> : resultWords[result]}
        </>
    );

    return (
        <li
            className={clsx(
                'grid grid-cols-[44px_1fr_84px_80px_108px] items-center gap-x-3',
                'border-t border-hairline py-1.5 @max-lg:grid-cols-[44px_1fr_80px]',
            )}
        >
            <Cord cord={goal.cord} />
            <span className="min-w-0">
                <Link href={route('goals.show', goal.id)} title={goal.title} className="two-lines hover:underline">
                    {goal.title}
                </Link>
                <span className="text-xs text-ink-2 @lg:hidden">{became}</span>
            </span>
            <span className="@max-lg:hidden">
                {goal.gauge.progress !== null && goal.gauge.dueOn === null && <Gauge gauge={goal.gauge} />}
            </span>
            <span className="text-right font-mono text-xs">{goal.gauge.terms}</span>
            <span className="text-right text-xs text-ink-2 @max-lg:hidden">{became}</span>
        </li>
    );
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
    return (
        <div className="min-w-0">
            <h3 className="pb-1 text-sm">{title}</h3>
            <ul className="space-y-1 text-xs text-ink-2">
                {lines.map((line, place) => (
                    <li key={place} className="wrap-anywhere">
                        {line}
                    </li>
                ))}
            </ul>
        </div>
    );
}
