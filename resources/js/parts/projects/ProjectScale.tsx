import { usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Gauge, Standing } from '../signs/Gauge';
import type { MilestoneRow, ProjectView } from '../../generated/props';
import { dateWords, daysBetween, monthWords } from '../../lib/dates';

/** How far a project is: its gauge over the whole width, and under it its milestones to the scale of time. */
export function ProjectScale({ page }: { page: ProjectView }) {
    const { project } = page;
    const { gauge } = project;

    return (
        <div className="mt-4">
            {gauge.progress !== null && <Gauge gauge={gauge} size="l" />}
            <div className="mt-1.5 flex flex-wrap items-baseline justify-between gap-x-4">
                <span className="font-mono" title={page.sum}>
                    {project.tasks === 0
                        ? 'no tasks yet'
                        : `${String(project.tasks - project.open)} of ${String(project.tasks)} tasks, ${gauge.terms}`}
                    {page.countsAlso !== null && <span className="text-ink-2"> {page.countsAlso}</span>}
                </span>
                <span className="text-sm">
                    {gauge.expected !== null && <span className="mr-3 text-xs text-ink-2">expected {Math.round(gauge.expected)}%</span>}
                    <Standing gauge={gauge} />
                </span>
            </div>
            <Milestones page={page} />
        </div>
    );
}

/** How wide a letter of a label is, in per cent of the scale: enough to keep labels apart. */
const LETTER = 0.72;

/** The rows that labels take, so that none covers another. */
const ROWS = 3;

interface Placed {
    milestone: MilestoneRow;
    at: number;
    row: number;
}

/** Milestones on a ruler from the start to the due date; each label in the first row where it has room. */
function Milestones({ page }: { page: ProjectView }) {
    const today = usePage().props.frame?.today ?? '';
    const days = [page.startsOn, page.project.dueOn, today, ...page.milestones.map((each) => each.on)].filter((day) => day !== null).sort();
    const [first, last] = [days[0] ?? today, days.at(-1) ?? today];
    const span = daysBetween(first, last);

    if (page.milestones.length === 0 || span <= 0) {
        return null;
    }

    const at = (day: string) => (daysBetween(first, day) / span) * 100;
    const placed = placedAt(page.milestones, at);
    const rows = Math.max(...placed.map(({ row }) => row)) + 1;

    return (
        <div className="mt-2">
            <ul aria-label="Milestones" className="relative max-md:hidden" style={{ height: `${String(rows * 18 + 10)}px` }}>
                {placed.map(({ milestone, at: place, row }) => (
                    <li
                        key={milestone.id}
                        className={clsx('absolute text-xs whitespace-nowrap', milestone.isLate && 'font-semibold text-persimmon')}
                        style={{
                            bottom: `${String(row * 18 + 8)}px`,
                            left: `${String(place)}%`,
                            transform: `translateX(-${String(Math.min(96, Math.max(4, place)))}%)`,
                        }}
                    >
                        {milestone.title}{' '}
                        <span className={clsx(!milestone.isLate && 'text-ink-2')}>
                            {milestone.isLate && 'late, '}
                            {dateWords(milestone.on)}
                        </span>
                    </li>
                ))}
            </ul>
            <ListedMilestones placed={placed} />
            <Ruler today={today} first={first} last={last} at={at} placed={placed} />
        </div>
    );
}

/** Each in the first row where its label has room. */
function placedAt(milestones: MilestoneRow[], at: (day: string) => number): Placed[] {
    const ends = Array.from({ length: ROWS }, () => -Infinity);

    return milestones.map((milestone) => {
        const half = ((milestone.title.length + 8) * LETTER) / 2;
        const middle = Math.min(100 - half, Math.max(half, at(milestone.on)));
        const free = ends.findIndex((end) => end < middle - half);
        const row = free === -1 ? ROWS - 1 : free;
        ends[row] = middle + half;

        return { milestone, at: at(milestone.on), row };
    });
}

function ListedMilestones({ placed }: { placed: Placed[] }) {
    return (
        <ul className="space-y-0.5 text-xs md:hidden">
            {placed.map(({ milestone }) => (
                <li key={milestone.id} className={clsx(milestone.isLate && 'font-semibold text-persimmon')}>
                    {dateWords(milestone.on)} {milestone.title}
                    {milestone.reachedOn !== null && ', reached'}
                    {milestone.isLate && ', late'}
                </li>
            ))}
        </ul>
    );
}

interface RulerProps {
    today: string;
    first: string;
    last: string;
    at: (day: string) => number;
    placed: Placed[];
}

function Ruler({ today, first, last, at, placed }: RulerProps) {
    return (
        <div aria-hidden className="relative h-7 border-t border-rule">
            {monthsIn(first, last).map((month) => (
                <span key={month} className="absolute top-0 h-1.5 border-l border-rule" style={{ left: `${String(at(month))}%` }}>
                    <span className="absolute top-2 left-0.5 font-mono text-xs whitespace-nowrap text-ink-2">
                        {monthWords(month).slice(0, 3)}
                    </span>
                </span>
            ))}
            <span className="absolute -top-1.5 h-3 w-[2px] -translate-x-1/2 bg-chalk" style={{ left: `${String(at(today))}%` }} />
            {placed.map(({ milestone, at: place }) => (
                <span
                    key={milestone.id}
                    className={clsx(
                        'absolute -top-[5px] size-[9px] -translate-x-1/2 rotate-45 border-[1.5px]',
                        milestone.isLate ? 'border-persimmon' : 'border-ink',
                        milestone.reachedOn === null ? 'bg-sheet' : 'bg-ink',
                    )}
                    style={{ left: `${String(place)}%` }}
                />
            ))}
        </div>
    );
}

/** The first days of the months within; of a long time every third. */
function monthsIn(first: string, last: string): string[] {
    const months: string[] = [];
    let [year, month] = [Number(first.slice(0, 4)), Number(first.slice(5, 7))];

    for (;;) {
        [year, month] = month === 12 ? [year + 1, 1] : [year, month + 1];
        const day = `${String(year)}-${String(month).padStart(2, '0')}-01`;

        if (day > last) {
            return months.length > 12 ? months.filter((each) => Number(each.slice(5, 7)) % 3 === 1) : months;
        }

        months.push(day);
    }
}
