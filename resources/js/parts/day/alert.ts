import { useEffect, useRef } from 'react';
import { refresh } from '../../lib/background';
import { tellReturn } from '../signs/Notices';
import type { Alert } from '../../generated/props';

/** A minute is over: what was shown in it is not shown again. */
const NEXT = 61_000;

/** Says what came back at its time of day, on whatever screen one is, then asks for the next one. */
export function useAlert(alert: Alert | null): void {
    const latest = useRef(alert);

    useEffect(() => {
        latest.current = alert;
    });

    useEffect(() => {
        const shown = latest.current;

        if (shown === null) {
            return;
        }

        let timer = setTimeout(() => {
            tellReturn(`${shown.at} ${shown.words}`);
            timer = setTimeout(() => {
                void refresh(['frame']);
            }, NEXT);
        }, shown.left * 1000);

        return () => {
            clearTimeout(timer);
        };
    }, [alert?.id, alert?.at]);
}
