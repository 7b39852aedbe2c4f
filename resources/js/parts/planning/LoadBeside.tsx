import { clsx } from 'clsx';
import { Section } from '../signs/Section';
import type { LoadRow, PlanningView } from '../../generated/props';
import { manyHoursWords } from '../../lib/dates';
import { count } from '../../lib/words';

/** Beside the goals from the third step on: what each person has taken on, to the scale of the fullest. */
export function LoadBeside({ page }: { page: PlanningView }) {
    const scale = scaleOf(page.load);

    return (
        <aside aria-label="Hours">
            <Section title="Hours" aside="planned of available">
                <ul>
                    {page.load.map((row) => (
                        <Line key={row.person.id} row={row} scale={scale} />
                    ))}
                </ul>
                <p className="mt-2 text-xs text-ink-2">
                    Open tasks planned or due in {page.stretch.words}. {unknownWords(page.load)}
                </p>
            </Section>
        </aside>
    );
}

function Line({ row, scale }: { row: LoadRow; scale: number }) {
    return (
        <li className="border-b border-hairline py-1.5">
            <span className="flex items-baseline justify-between gap-3">
                <span className="min-w-0 truncate">{row.person.name}</span>
                <span className={clsx('flex-none font-mono text-xs', row.isOver ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                    {manyHoursWords(row.planned)} of {manyHoursWords(row.available)}
                </span>
            </span>
            <LoadRuler row={row} scale={scale} />
            {row.hasMany && <span className="text-xs font-semibold text-persimmon">{row.goals} goals at once</span>}
        </li>
    );
}

/** What the hours do not know. */
export function unknownWords(load: LoadRow[]): string {
    const unknown = load.reduce((sum, row) => sum + row.unestimated, 0);

    return unknown === 0 ? '' : `${count(unknown, 'goal has', 'goals have')} no estimated tasks yet, so their work is not in these hours.`;
}

/** The scale on which all rows find room, in minutes. */
export const scaleOf = (load: LoadRow[]) => Math.max(...load.flatMap((row) => [row.planned, row.available]), 1);

/** A ruler of hours with its own end; what is too much stands out beyond it. */
export function LoadRuler({ row, scale }: { row: LoadRow; scale: number }) {
    const percent = (minutes: number) => `${String((minutes / scale) * 100)}%`;

    return (
        <span aria-hidden className="relative my-1 block h-2">
            <span className="absolute inset-y-0 left-0 border-r border-b border-rule bg-faint" style={{ width: percent(row.available) }} />
            <span className="absolute inset-y-0 left-0 bg-ink" style={{ width: percent(Math.min(row.planned, row.available)) }} />
            {row.isOver && (
                <span
                    className="hatch-crossed absolute inset-y-0"
                    style={{ left: percent(row.available), width: percent(row.planned - row.available) }}
                />
            )}
        </span>
    );
}
