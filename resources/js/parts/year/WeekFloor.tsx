import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { goalAddress, yearAddress } from './address';
import { useYear } from './Drawing';
import { Floor } from './Floor';
import { toneOf } from '../signs/Cord';
import type { GoalRow, YearColumn, YearFloor } from '../../generated/props';
import { daysBetween } from '../../lib/dates';

/** How many stubs of a week are drawn before a figure says how many more there are. */
const SHOWN = 8;

/** All weeks of a year, each goal a stub of its cord. */
export function WeekFloor({ floor }: { floor: YearFloor }) {
    const now = floor.columns.find((week) => week.isNow);
    const firm = now?.goals.filter((goal) => goal.isFirm).length ?? 0;
    const aside =
        now === undefined
            ? ''
            : `${now.period.words}: ${String(now.goals.length)} goals, ${String(firm)} firm. ` +
              'Whole: kept. Half: partly kept. Broken: missed.';

    return (
        <Floor title="Weeks" aside={aside}>
            <div className="flex min-h-24 pt-1 pb-8">
                {floor.columns.map((week) => (
                    <Week key={week.period.name} week={week} />
                ))}
            </div>
        </Floor>
    );
}

function Week({ week }: { week: YearColumn }) {
    const sheet = useYear();
    const stubs = week.goals.toSorted((a, b) => (a.cord?.mark ?? '').localeCompare(b.cord?.mark ?? ''));

    return (
        <div
            style={{ flexGrow: daysBetween(week.period.first, week.period.last) + 1, flexBasis: 0 }}
            className={clsx('min-w-0 space-y-2 border px-[3px] pt-1.5 pb-2', week.isNow ? 'border-ink' : 'border-transparent')}
        >
            {stubs.slice(0, SHOWN).map((goal) => (
                <Stub key={goal.id} goal={goal} />
            ))}
            {stubs.length > SHOWN && (
                <Link
                    href={yearAddress(sheet, { period: week.period.name })}
                    data-cell=""
                    className="block font-mono text-xs text-ink-2"
                    aria-label={`${String(stubs.length - SHOWN)} more goals of ${week.period.words}`}
                >
                    +{stubs.length - SHOWN}
                </Link>
            )}
        </div>
    );
}

/** A week goal as a stub of its cord: whole when kept, half when partly, broken when missed, thin while open. */
function Stub({ goal }: { goal: GoalRow }) {
    const sheet = useYear();
    const { band } = goal.gauge;
    const kept = ['met', 'reached'].includes(band);

    return (
        <Link
            href={goalAddress(sheet, goal.id)}
            data-goal={goal.id}
            data-cell=""
            data-why={goal.gauge.why}
            aria-label={`${goal.title}: ${goal.gauge.standing}`}
            title={`${goal.title}: ${goal.gauge.standing}`}
            className={clsx('relative block h-2.5', toneOf(goal.cord))}
        >
            <span aria-hidden className={clsx('absolute inset-y-0 left-0 bg-current', goal.isFirm ? 'w-[3px]' : 'w-px')} />
            <span
                aria-hidden
                className={clsx(
                    'absolute top-1/2 left-0 -translate-y-1/2 border-current',
                    kept && 'w-full border-t-4',
                    band === 'in_part' && 'w-1/2 border-t-4',
                    (band === 'not_met' || band === 'stopped') && 'w-full border-t border-dashed',
                    !goal.isClosed && !kept && 'w-full border-t',
                )}
            />
            {!goal.isClosed && !kept && (
                <span
                    aria-hidden
                    className="absolute top-1/2 left-0 -translate-y-1/2 border-t-4 border-current"
                    style={{ width: `${String(goal.gauge.progress ?? 0)}%` }}
                />
            )}
        </Link>
    );
}
