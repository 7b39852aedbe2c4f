import { type RefObject, useEffect, useRef } from 'react';

/** What stands in a part now, for what is answered later; and whether the part is still on the page. */
export function useLatest<T extends object>(now: T): RefObject<T & { isThere: boolean }> {
    const latest = useRef({ ...now, isThere: false });

    useEffect(() => {
        latest.current = { ...now, isThere: latest.current.isThere };
    });

    useEffect(() => {
        latest.current.isThere = true;

        return () => {
            latest.current.isThere = false;
        };
    }, []);

    return latest;
}
