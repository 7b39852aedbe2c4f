import { usePage } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { BACKGROUND } from './background';
import { askAnew } from './queue/openPage';
import { route } from './routes';

/** How often an open page asks whether anything was changed, in milliseconds. */
const EVERY = 4000;

/** The same, where people write together. */
const CLOSE = 1000;

let together = 0;

/** Brings what is changed in more often, as long as the component is there and people write together. */
export function useClosely(isTogether: boolean): void {
    useEffect(() => {
        if (!isTogether) {
            return;
        }

        together++;

        return () => {
            together--;
        };
    }, [isTogether]);
}

/** Brings what others change into whatever page is open. What one is typing stays: it is no part of the page. */
export function useFresh(): void {
    const { stamp, asks } = usePage().props;
    const shown = useRef({ stamp, asks });

    useEffect(() => {
        shown.current = { stamp, asks };
    }, [stamp, asks]);

    useEffect(() => {
        let asked = 0;
        let isAsking = false;
        const look = async () => {
            if (document.hidden || isAsking || Date.now() - asked < (together > 0 ? CLOSE : EVERY)) {
                return;
            }

            asked = Date.now();
            isAsking = true;

            try {
                const response = await fetch(route('stamp', { _query: { token: shown.current.asks } }), {
                    headers: { Accept: 'application/json', ...BACKGROUND },
                });
                const now = response.ok ? ((await response.json()) as { stamp: string }).stamp : shown.current.stamp;

                if (now !== shown.current.stamp) {
                    await askAnew();
                }
            } catch {
                // Without a network nothing is news.
            } finally {
                isAsking = false;
            }
        };
        const timer = setInterval(() => void look(), CLOSE / 4);

        return () => {
            clearInterval(timer);
        };
    }, []);
}
