import { usePage } from '@inertiajs/react';
import { createContext, useContext } from 'react';
import type { PeriodTag } from '../generated/props';
import { addDays, weekdayNumber } from './dates';

type Week = Pick<PeriodTag, 'name' | 'first' | 'last'> & { next: string | null };

/** The week that is on show, where a screen shows one: its keys plan within it. */
export const ShownWeek = createContext<Week | null>(null);

/** What plans the focused task, or all that are selected, as the page of keys says it. */
export const planKeys = {
    '1 … 7': 'Plan the focused task or the selected ones for a weekday: 1 is Monday',
    w: 'Plan the focused task or the selected ones for this week',
    k: 'Plan the focused task or the selected ones for the week after',
    s: 'Shelve the focused task or the selected ones',
    x: 'Drop the focused task or the selected ones',
};

export type Planned = { what: 'plan'; time: string } | { what: 'shelve' | 'drop' };

/** What a key does with a task: nothing, where it means nothing. */
export function usePlanKeys(): (key: string) => Planned | null {
    const { frame } = usePage().props;
    const shown = useContext(ShownWeek);
    const today = frame?.today ?? '';
    const weeks = frame?.rail.weeks ?? [];
    const at = weeks.findIndex((week) => week.first <= today && today <= week.last);
    const present = weeks[at];
    const week: Week | null = shown ?? (present === undefined ? null : { ...present, next: weeks[at + 1]?.name ?? null });

    return (key) => {
        // A week that is over holds nothing new.
        if (week === null || week.last < today) {
            return null;
        }

        if (/^[1-7]$/.test(key)) {
            // While a carried-over task asks, digits are its answers.
            if (document.querySelector('[data-asks]') !== null) {
                return null;
            }

            const day = addDays(week.first, (Number(key) - weekdayNumber(week.first) + 7) % 7);

            return { what: 'plan', time: day < today ? addDays(day, 7) : day };
        }

        switch (key) {
            case 'w':
                return { what: 'plan', time: week.name };
            case 'k':
                return week.next === null ? null : { what: 'plan', time: week.next };
            case 's':
                return { what: 'shelve' };
            case 'x':
                return { what: 'drop' };
            default:
                return null;
        }
    };
}
