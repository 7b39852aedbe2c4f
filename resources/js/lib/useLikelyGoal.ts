import { useEffect, useState } from 'react';
import type { Option } from '../generated/props';
import { request } from './request';
import { route } from './routes';

/** How long one has to rest before it is asked, in milliseconds. */
const REST = 300;

/** The goal that an issue with these words is most likely about; the last one found while nothing is asked. */
export function useLikelyGoal(words: string): Option | null {
    const [likely, setLikely] = useState<Option | null>(null);
    const asked = words.trim();

    useEffect(() => {
        if (asked.length < 4) {
            return;
        }

        let isOver = false;
        const timer = setTimeout(() => {
            void request('GET', route('issues.goal', { _query: { words: asked } }))
                .then(async (response) => (response.ok ? ((await response.json()) as { goal: Option | null }).goal : null))
                .then((goal) => {
                    if (!isOver) {
                        setLikely(goal);
                    }
                })
                .catch(() => undefined);
        }, REST);

        return () => {
            isOver = true;
            clearTimeout(timer);
        };
    }, [asked]);

    return likely;
}
