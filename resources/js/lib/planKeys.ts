import { usePage } from '@inertiajs/react';
import { createContext, useContext } from 'react';
import type { PeriodTag, TaskRow } from '../generated/props';
import { addDays, weekdayNumber } from './dates';
import { keepFocusOn } from './focus/hold';
import { plan, setAside } from './tasks';

type Week = Pick<PeriodTag, 'name' | 'first' | 'last'> & { next: string | null };

/** The week that is on show, where a screen shows one: its keys plan within it. */
export const ShownWeek = createContext<Week | null>(null);

/** What plans the focused task, as the page of keys says it. */
export const planKeys = {
    '1 … 7': 'Plan the focused task for a weekday: 1 is Monday',
    w: 'Plan the focused task for this week',
    k: 'Plan the focused task for the week after',
    s: 'Shelve the focused task',
    x: 'Drop the focused task',
};

/** Plans a task by one key, and goes on to the next one. Says whether the key meant anything. */
export function usePlanKeys(task: TaskRow): (key: string, next?: number) => boolean {
    const { frame } = usePage().props;
    const shown = useContext(ShownWeek);
    const today = frame?.today ?? '';
    const weeks = frame?.rail.weeks ?? [];
    const at = weeks.findIndex((week) => week.first <= today && today <= week.last);
    const present = weeks[at];
    const week: Week | null = shown ?? (present === undefined ? null : { ...present, next: weeks[at + 1]?.name ?? null });

    return (key, next) => {
        const goOn = () => {
            if (next !== undefined) {
                keepFocusOn(next);
            }
        };

        // What is over or aside is planned by nobody, and a week that is over holds nothing new.
        if (week === null || week.last < today || task.isDone || task.isAside) {
            return false;
        }

        if (/^[1-7]$/.test(key)) {
            // While a carried-over task asks, digits are its answers.
            if (document.querySelector('[data-asks]') !== null) {
                return false;
            }

            const day = addDays(week.first, (Number(key) - weekdayNumber(week.first) + 7) % 7);
            plan(task, day < today ? addDays(day, 7) : day, null, goOn);

            return true;
        }

        switch (key) {
            case 'w':
                plan(task, week.name, null, goOn);

                return true;
            case 'k':
                if (week.next !== null) {
                    plan(task, week.next, null, goOn);
                }

                return week.next !== null;
            case 's':
                setAside(task, 'shelve', goOn);

                return true;
            case 'x':
                setAside(task, 'drop', goOn);

                return true;
            default:
                return false;
        }
    };
}
