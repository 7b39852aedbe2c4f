import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Beam } from './Beam';
import { yearAddress } from './address';
import { useYear } from './Drawing';
import { Floor } from './Floor';
import { Fold } from './Fold';
import { Slip } from './Slip';
import type { YearColumn, YearFloor } from '../../generated/props';
import { daysBetween } from '../../lib/dates';

/** How many goals of a period are drawn before the rest folds, worst first. */
const SHOWN = 8;

/** Periods side by side, to the scale of time. */
export function PeriodFloor({ floor }: { floor: YearFloor }) {
    const { columns } = floor;
    const now = columns.find((column) => column.isNow);
    const behind = now?.goals.filter((goal) => goal.gauge.band.endsWith('behind')).length ?? 0;
    const aside =
        now === undefined
            ? ''
            : `${now.period.words}: ${String(now.goals.length)} goals, ${behind === 0 ? 'none' : String(behind)} behind.`;
    const title = { year: 'Year', quarter: 'Quarters', month: 'Months', week: 'Weeks' }[floor.horizon];

    return (
        <Floor title={title} aside={aside}>
            <div className="flex">
                {columns.map((column, index) => (
                    <div
                        key={column.period.name}
                        style={{ flexGrow: daysBetween(column.period.first, column.period.last) + 1, flexBasis: 0 }}
                        className={clsx('min-w-0 pb-4', index > 0 && 'border-l border-hairline')}
                    >
                        <Column column={column} isNarrow={columns.length > 4} />
                    </div>
                ))}
            </div>
        </Floor>
    );
}

function Column({ column, isNarrow }: { column: YearColumn; isNarrow: boolean }) {
    const sheet = useYear();

    return (
        <>
            <h3 className={clsx('px-2 text-xs', column.isNow ? 'text-ink' : 'font-normal text-ink-2')}>
                <Link
                    href={yearAddress(sheet, { period: column.period.name })}
                    title={`Show ${column.period.words} alone`}
                    className="hover:underline"
                >
                    {isNarrow && column.period.name.includes('W') ? column.period.words.replace('Week ', '') : column.period.words}
                </Link>
            </h3>
            <ul className="space-y-2 px-2 pt-0.5">
                <Fold goals={column.goals} shown={SHOWN}>
                    {(goal) => (isNarrow ? <Slip goal={goal} /> : <Beam goal={goal} />)}
                </Fold>
            </ul>
        </>
    );
}
