import { useDroppable } from '@dnd-kit/core';
import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { DraggableLine } from '../task/DraggableLine';
import type { DateStep, DateView, PersonTag } from '../../generated/props';
import { dayWords, hoursWords, isDay, plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';

/** The scale by date: each step with what still fits, its first tasks, and a way to the others. */
export function DateScale({ page }: { page: DateView }) {
    return (
        <ol>
            {page.steps.map((step) => (
                <Step key={step.step} step={step} people={page.people} />
            ))}
        </ol>
    );
}

function Step({ step, people }: { step: DateStep; people: PersonTag[] }) {
    const { setNodeRef, isOver } = useDroppable({ id: step.step, data: { time: step.time }, disabled: step.time === null });
    const rest = step.count - step.tasks.length;

    return (
        <li
            ref={setNodeRef}
            className={clsx(
                'grid grid-cols-[152px_minmax(0,1fr)] border-b border-hairline max-md:grid-cols-1',
                isOver && 'bg-faint shadow-[inset_3px_0_0_0_var(--ink)]',
            )}
        >
            <div className="py-2.5 pr-4 max-md:flex max-md:items-baseline max-md:gap-3 max-md:pb-0">
                <h2 className={clsx('text-base', step.step === 'late' && 'text-persimmon')}>{headingOf(step)}</h2>
                <Room step={step} />
            </div>
            <div
                className={clsx(
                    'border-l-2 py-1.5 pl-5 max-md:border-l-0 max-md:pl-0',
                    step.step === 'not_scheduled' ? 'border-dashed border-rule' : 'border-ink',
                )}
            >
                <ul>
                    {step.tasks.map((task) => (
                        <DraggableLine key={task.id} task={task} people={people} beside={task.for} showsTime={task.planned !== step.time} />
                    ))}
                </ul>
                {rest > 0 && (
                    <p className="flex min-h-8 items-center pl-6 text-sm text-ink-2">
                        <Link href={addressOf(step)} className="link">
                            {step.tasks.length === 0 ? count(rest, 'task') : `${String(rest)} more`}, {hoursWords(step.more)}
                            {step.step === 'not_scheduled' && ': give them a day'}
                        </Link>
                    </p>
                )}
            </div>
        </li>
    );
}

/** What still fits, or else what there is. */
function Room({ step }: { step: DateStep }): ReactNode {
    if (step.free === null) {
        return <p className="text-xs text-ink-2">{`${count(step.count, 'task')}, ${hoursWords(step.minutes)}`}</p>;
    }

    return step.free < 0 ? (
        <p className="text-xs font-semibold text-persimmon">{hoursWords(-step.free)} over</p>
    ) : (
        <p className="text-xs text-ink-2">
            {hoursWords(step.free)} free{step.count > 0 && ' after these'}
        </p>
    );
}

function headingOf({ step, time }: DateStep): string {
    switch (step) {
        case 'late':
            return 'Late';
        case 'today':
            return `Today, ${dayWords(time ?? '')}`;
        case 'week':
            return 'This week, no day';
        case 'later':
            return 'Later';
        case 'not_scheduled':
            return 'Not scheduled';
        default:
            return isDay(step) ? dayWords(step) : plannedWords(step).replace(/^week/, 'Week');
    }
}

/** Where all of a step is. */
function addressOf({ step, time }: DateStep): string {
    switch (step) {
        case 'late':
        case 'today':
        case 'week':
        case 'not_scheduled':
            return route('lists.show', step);
        case 'later':
            return route('lists.show', 'ahead');
        default:
            return isDay(step) ? route('week.current') : route('week.show', time ?? step);
    }
}
