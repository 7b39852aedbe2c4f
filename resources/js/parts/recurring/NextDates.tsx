import type { NextDates as Dates } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { useAsked } from '../../lib/useAsked';

/**
 * The first dates of a rhythm while it is written: what was understood, before it is saved.
 *
 * @param refused what already stands at the field, and is not said a second time
 */
export function NextDates({ words, startsOn, refused }: { words: string; startsOn: string; refused: string | undefined }) {
    const asked = words.trim();
    const next = useAsked(asked === '' ? null : route('recurring-tasks.next', { _query: { words: asked, startsOn } })) as Dates | null;

    if (asked === '' || next === null || (next.fault !== null && next.fault === refused)) {
        return null;
    }

    return (
        <p role="status" className="col-span-full -mt-2 text-sm text-ink-2">
            {next.fault ?? (next.dates.length === 0 ? next.words : `Next: ${next.dates.map(dayWords).join(', ')}`)}
        </p>
    );
}
