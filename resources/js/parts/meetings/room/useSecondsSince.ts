import { useEffect, useState } from 'react';

/** Seconds that have passed since the page came from the server; none while the clock stands. */
export function useSecondsSince(stamp: unknown, isPaused: boolean): number {
    const [passed, setPassed] = useState({ stamp, seconds: 0 });

    useEffect(() => {
        if (isPaused) {
            return;
        }

        const began = Date.now();
        const clock = setInterval(() => {
            setPassed({ stamp, seconds: Math.round((Date.now() - began) / 1000) });
        }, 1000);

        return () => {
            clearInterval(clock);
        };
    }, [stamp, isPaused]);

    return !isPaused && passed.stamp === stamp ? passed.seconds : 0;
}
