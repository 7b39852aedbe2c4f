import { usePage } from '@inertiajs/react';
import { Cord } from '../signs/Cord';
import type { YearView } from '../../generated/props';
import { fullDateWords } from '../../lib/dates';

/** How many week goals are named below the drawing: more do not fit on the page. */
const NAMED = 6;

/** On paper alone: whose year it is, its motto and the day that it shows. */
export function PaperHead({ sheet }: { sheet: YearView }) {
    const { frame } = usePage().props;

    return (
        <header className="hidden items-baseline justify-between gap-6 pb-2 text-sm print:flex">
            <span className="font-semibold">
                {frame?.workspace}, {sheet.period.words}
            </span>
            {frame?.rail.motto != null && <span className="min-w-0 flex-1 truncate">{frame.rail.motto}</span>}
            <span>as of {fullDateWords(sheet.on)}</span>
        </header>
    );
}

/** On paper alone: the goals of the present week by name, with their owners. */
export function PaperWeek({ sheet }: { sheet: YearView }) {
    const week = sheet.floors.find((floor) => floor.horizon === 'week')?.columns.find((column) => column.isNow);

    if (week === undefined || week.goals.length === 0) {
        return null;
    }

    return (
        <p className="hidden flex-wrap gap-x-4 border-t border-rule pt-1 text-xs print:flex">
            <b className="font-semibold">{week.period.words}</b>
            {week.goals.slice(0, NAMED).map((goal) => (
                <span key={goal.id}>
                    <Cord cord={goal.cord} /> {goal.title} <span className="text-ink-2">{goal.owner.initials}</span>
                </span>
            ))}
        </p>
    );
}
