import { useEffect } from 'react';
import type { ReminderRow } from '../../generated/props';
import { tellNews } from '../Notices';

/** Shows a reminder at its time of day, on whatever screen one is. */
export function useTicket(ticket: ReminderRow | null): void {
    const { on, at, words } = ticket ?? { on: '', at: null, words: '' };

    useEffect(() => {
        if (at === null) {
            return;
        }

        const left = new Date(`${on}T${at}:00`).getTime() - Date.now();
        const timer = setTimeout(
            () => {
                tellNews(`${at} ${words}`);
            },
            Math.max(0, left),
        );

        return () => {
            clearTimeout(timer);
        };
    }, [on, at, words]);
}
