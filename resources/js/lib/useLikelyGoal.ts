import type { Option } from '../generated/props';
import { route } from './routes';
import { useAsked } from './useAsked';

/** So many letters say something of a goal. */
const ENOUGH = 4;

/** The goal that an issue with these words is most likely about. */
export function useLikelyGoal(words: string): Option | null {
    const asked = words.trim();
    const address = asked.length < ENOUGH ? null : route('issues.goal', { _query: { words: asked } });

    return (useAsked(address) as { goal: Option | null } | null)?.goal ?? null;
}
