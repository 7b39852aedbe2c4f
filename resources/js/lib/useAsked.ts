import { useEffect, useState } from 'react';
import { request } from './request';

/** How long one has to rest before it is asked, in milliseconds. */
const REST = 300;

/**
 * What the server answers while one writes, once one rests; the last answer while nothing is asked.
 *
 * @param address null while there is nothing to ask
 */
export function useAsked(address: string | null): unknown {
    const [answer, setAnswer] = useState<unknown>(null);

    useEffect(() => {
        if (address === null) {
            return;
        }

        let isOver = false;
        const timer = setTimeout(() => {
            void request('get', address)
                .then(async (response) => (response.ok ? ((await response.json()) as unknown) : null))
                .then((found) => {
                    if (!isOver) {
                        setAnswer(found);
                    }
                })
                .catch(() => undefined);
        }, REST);

        return () => {
            isOver = true;
            clearTimeout(timer);
        };
    }, [address]);

    return answer;
}
