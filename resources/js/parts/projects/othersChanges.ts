import { usePage } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { tellUpdate } from '../signs/Notices';
import type { HistoryRow } from '../../generated/props';

/** Tells what somebody else changed about a project while it is looked at. */
export function useOthersChanges(history: HistoryRow[]): void {
    const me = usePage().props.frame?.me.id;
    const seen = useRef(history[0]?.id ?? 0);

    useEffect(() => {
        const fresh = history.filter((row) => row.id > seen.current && row.by.id !== me);
        const last = fresh[0];
        seen.current = Math.max(seen.current, history[0]?.id ?? 0);

        if (last !== undefined) {
            const what = last.what === null ? '' : ` “${last.what}”`;
            const more = fresh.length > 1 ? `, and ${String(fresh.length - 1)} more` : '';
            tellUpdate(`${last.by.name} ${last.words}${what}${more}`);
        }
    }, [history, me]);
}
