import { Link } from '@inertiajs/react';
import { DecisionList } from '../signs/DecisionList';
import type { DayLine, PeriodTag, WeekFacts } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** What the days say of the week: findings, days with nothing written, appointments of it and of the next. */
export function DayFacts({ week, facts }: { week: PeriodTag; facts: WeekFacts }) {
    const coming = facts.appointments.filter(({ on }) => on > week.last);

    return (
        <>
            <DecisionList decisions={facts.decisions} />
            <Lines title="What I learned, day by day" lines={facts.findings} />
            {facts.blank.length > 0 && (
                <p className="border-b border-hairline py-1.5 text-xs text-ink-2">
                    Nothing written on{' '}
                    {facts.blank.map((day, place) => (
                        <span key={day}>
                            {place > 0 && ', '}
                            <Link href={route('days.show', day)} className="hover:underline">
                                {dayWords(day)}
                            </Link>
                        </span>
                    ))}
                </p>
            )}
            <Lines title="Appointments" lines={facts.appointments.filter(({ on }) => on <= week.last)} />
            <Lines title="Appointments next week" lines={coming} />
        </>
    );
}

function Lines({ title, lines }: { title: string; lines: DayLine[] }) {
    return lines.length === 0 ? null : (
        <>
            <h2 className="mt-5 border-b border-hairline pb-1 text-base">{title}</h2>
            <ul>
                {lines.map(({ on, words }, place) => (
                    <li key={place} className="grid grid-cols-[80px_1fr] gap-x-3 border-b border-hairline py-1.5">
                        <Link href={route('days.show', on)} className="text-xs leading-5 text-ink-2 hover:underline">
                            {dayWords(on)}
                        </Link>
                        <span className="min-w-0 wrap-anywhere">{words}</span>
                    </li>
                ))}
            </ul>
        </>
    );
}
