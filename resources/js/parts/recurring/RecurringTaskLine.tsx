import { Link } from '@inertiajs/react';
import type { RecurringTaskRow } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';

/** A recurring task in a list: what, how often, when next, and how often it was missed of late. */
export function RecurringTaskLine({ recurringTask, showsOwner = false }: { recurringTask: RecurringTaskRow; showsOwner?: boolean }) {
    return (
        <li className="flex flex-wrap items-baseline gap-x-4 py-1.5">
            <span className="min-w-40 flex-1">
                <Link href={route('recurring-tasks.show', recurringTask.id)} className="hover:underline">
                    {recurringTask.title}
                </Link>
                <span className="block text-xs text-ink-2">
                    {[
                        recurringTask.words,
                        recurringTask.minutes === null ? null : `${String(recurringTask.minutes)} min`,
                        recurringTask.for,
                        showsOwner ? first(recurringTask.owner.name) : null,
                        recurringTask.isPrivate ? 'only you' : null,
                    ]
                        .filter(Boolean)
                        .join(', ')}
                </span>
            </span>
            {recurringTask.missed > 0 && (
                <span className="text-xs font-semibold">
                    {recurringTask.missed === 1 ? 'missed last time' : `missed ${String(recurringTask.missed)} in a row`}
                </span>
            )}
            {recurringTask.next !== null && recurringTask.task !== null && (
                <Link href={route('tasks.show', recurringTask.task)} className="ml-auto w-24 text-right text-xs text-ink-2 hover:underline">
                    {dayWords(recurringTask.next)}
                </Link>
            )}
        </li>
    );
}
