import { Link } from '@inertiajs/react';
import type { RoutineRow } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';

/** A routine in a list: what, how often, when next, and how often it was missed of late. */
export function RoutineLine({ routine, showsOwner = false }: { routine: RoutineRow; showsOwner?: boolean }) {
    return (
        <li className="flex flex-wrap items-baseline gap-x-4 py-1.5">
            <span className="min-w-40 flex-1">
                <Link href={route('routines.show', routine.id)} className="hover:underline">
                    {routine.title}
                </Link>
                <span className="block text-xs text-ink-2">
                    {[
                        routine.words,
                        routine.minutes === null ? null : `${String(routine.minutes)} min`,
                        routine.for,
                        showsOwner ? first(routine.owner.name) : null,
                        routine.isPrivate ? 'only you' : null,
                    ]
                        .filter(Boolean)
                        .join(', ')}
                </span>
            </span>
            {routine.missed > 0 && (
                <span className="text-xs font-semibold">
                    {routine.missed === 1 ? 'missed last time' : `missed ${String(routine.missed)} in a row`}
                </span>
            )}
            {routine.next !== null && routine.task !== null && (
                <Link href={route('tasks.show', routine.task)} className="ml-auto w-24 text-right text-xs text-ink-2 hover:underline">
                    {dayWords(routine.next)}
                </Link>
            )}
        </li>
    );
}
