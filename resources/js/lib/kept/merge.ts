import { type Fields, pick } from './drafts';
import type { Change, Refusal } from '../queue/change';

/** What the server has, with what was sent to change it, the earliest first. */
export function standing<T extends object>(initial: T, own: Change[]): T {
    return own.reduce((before, { form }) => (form?.sends === 'changed' ? { ...before, ...form.fields } : before), initial);
}

/** What stands, with what is typed above it. */
export const withTyped = <T extends object>(stands: T, typed: Fields, fields: string[]): T => ({ ...stands, ...pick(typed, fields) });

/** What is wrong, by field. What nobody can save any more is said at the first field that was written. */
export const wrongOf = (refusal: Refusal, written: string[]): Partial<Record<string, string>> =>
    refusal.outcome === 'refused' ? refusal.errors : { [written[0] ?? '']: refusal.message };

/** What stands by now in the fields that were refused. */
export const standsOf = (refusal: Refusal): Fields => (refusal.outcome === 'refused' ? refusal.stands : {});

/**
 * What stood in each field that was refused: what somebody else wrote there meanwhile is in sight, and to send one's own words
 * again is to decide. What is sent in other words than those of the form is one field of it.
 */
export function beganAnew(seen: Fields, stands: Fields, written: string[], isReworded: boolean): Fields {
    const [field] = written;

    if (!isReworded || field === undefined) {
        return { ...seen, ...stands };
    }

    const [first] = Object.values(stands);

    return { ...seen, [field]: first ?? seen[field] };
}
