import { clsx } from 'clsx';
import type { TellingSource } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';

interface Props {
    source: TellingSource;
    id: number;
    isWorth: boolean;
    words?: string;
    className?: string;
}

/** Marks what was done or written as worth telling, or takes the mark off: reports are offered it. */
export function MarkTelling({ source, id, isWorth, words = 'Worth telling', className = '' }: Props) {
    return (
        <button
            type="button"
            aria-pressed={isWorth}
            className={clsx(
                'min-h-6 flex-none text-xs text-ink-2 hover:text-ink hover:underline',
                'aria-pressed:font-semibold aria-pressed:text-ink pointer-coarse:min-h-11',
                className,
            )}
            onClick={() => {
                act('put', route('worth-telling.mark'), { source, id, isWorth: !isWorth });
            }}
        >
            {words}
        </button>
    );
}
