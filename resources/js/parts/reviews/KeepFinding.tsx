import { clsx } from 'clsx';
import type { FindingLevel, FindingSource } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';

interface Props {
    source: FindingSource;
    id: number;
    /** To which review it goes up as it stands. */
    level: FindingLevel | null;
    /** To which review it would go up from here. */
    upTo: FindingLevel;
    /** What it is when it goes no further than here. */
    from: FindingLevel | null;
    /** The name of the review to which it would go up: "November". */
    name: string;
}

const order: FindingLevel[] = ['month', 'quarter', 'year'];

/** Whether a line goes up at least so far. */
export const goesUp = (level: FindingLevel | null, upTo: FindingLevel) => level !== null && order.indexOf(level) >= order.indexOf(upTo);

/** Marks a line as worth coming back to in the next longer review, or takes the mark off. */
export function KeepFinding({ source, id, level, upTo, from, name }: Props) {
    const isKept = goesUp(level, upTo);

    return (
        <button
            type="button"
            aria-pressed={isKept}
            className={clsx(
                'min-h-6 flex-none text-xs text-ink-2 hover:text-ink hover:underline',
                'aria-pressed:font-semibold aria-pressed:text-ink pointer-coarse:min-h-11',
            )}
            onClick={() => {
                act('put', route('findings.keep'), { source, id, level: isKept ? from : upTo });
            }}
        >
            {isKept ? `Kept for ${name}` : `Keep for ${name}`}
        </button>
    );
}
