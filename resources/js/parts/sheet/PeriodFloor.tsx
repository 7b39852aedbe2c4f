import { clsx } from 'clsx';
import { useState } from 'react';
import { Beam } from './Beam';
import { Floor } from './Floor';
import type { SheetColumn } from '../../generated/props';
import { daysBetween } from '../../lib/dates';
import { Button } from '../../ui/Button';

/** How many goals of a period are drawn before the rest folds, worst first. */
const SHOWN = 8;

export function PeriodFloor({ title, columns }: { title: string; columns: SheetColumn[] }) {
    const now = columns.find((column) => column.isNow);
    const behind = now?.goals.filter((goal) => goal.gauge.band.endsWith('behind')).length ?? 0;
    const aside =
        now === undefined
            ? ''
            : `${now.period.words}: ${String(now.goals.length)} goals, ${behind === 0 ? 'none' : String(behind)} behind.`;

    return (
        <Floor title={title} aside={aside}>
            <div className="flex">
                {columns.map((column, index) => (
                    <div
                        key={column.period.name}
                        style={{ flexGrow: daysBetween(column.period.first, column.period.last) + 1, flexBasis: 0 }}
                        className={clsx('min-w-0 pb-4', index > 0 && 'border-l border-hairline')}
                    >
                        <Column column={column} />
                    </div>
                ))}
            </div>
        </Floor>
    );
}

function Column({ column }: { column: SheetColumn }) {
    const [isOpen, setOpen] = useState(false);
    const shown = isOpen ? column.goals : column.goals.slice(0, SHOWN);
    const folded = column.goals.length - shown.length;

    return (
        <>
            <h3 className={clsx('px-2 text-xs', column.isNow ? 'text-ink' : 'font-normal text-ink-2')}>{column.period.words}</h3>
            <ul className="space-y-2 px-2 pt-0.5">
                {shown.map((goal) => (
                    <li key={goal.id}>
                        <Beam goal={goal} />
                    </li>
                ))}
            </ul>
            {folded > 0 && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    +{folded} more
                </Button>
            )}
        </>
    );
}
