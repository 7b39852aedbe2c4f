import { clsx } from 'clsx';
import { useEffect, useRef } from 'react';
import type { DropPrice, ItemRow, RoomView } from '../../../generated/props';
import { withItem } from '../../../lib/meetings';
import { act } from '../../../lib/queue/act';
import { chime } from '../../../lib/chime';
import { route } from '../../../lib/routes';
import { count, ordinal } from '../../../lib/words';
import { Button } from '../../../ui/Button';

interface Props {
    page: RoomView;
    item: ItemRow;
    passed: number;
}

/** Can be read from across the room; says in words and hatch when the time is up, and what more of it costs. */
export function Clock({ page, item, passed }: Props) {
    const allowed = 60 * (item.minutes + item.extra);
    const left = allowed - (item.spent ?? 0) - passed;
    const isCurrent = item.state === 'current';
    const wasOver = useRef(left < 0);

    useEffect(() => {
        if (isCurrent && left < 0 && !wasOver.current) {
            chime.ring();
        }

        wasOver.current = left < 0;
    }, [isCurrent, left]);

    if (!isCurrent) {
        return (
            <p className="pt-6 text-right font-mono text-xs text-ink-2">
                {item.spent === null
                    ? `${String(item.minutes)} min planned`
                    : `took ${String(Math.round(item.spent / 60))} of ${String(item.minutes)} min`}
            </p>
        );
    }

    const shown = Math.abs(left);
    const time = `${String(Math.floor(shown / 60)).padStart(2, '0')}:${String(shown % 60).padStart(2, '0')}`;

    return (
        <div className="text-right">
            <div role="timer" aria-live="off" className={clsx(left < 0 && 'text-persimmon')}>
                <p className="font-mono text-[64px] leading-[64px] font-light tracking-tight">
                    {left < 0 && '+'}
                    {time}
                </p>
                <p className="text-xs">{left < 0 ? `over ${String(allowed / 60)} min` : `left of ${String(allowed / 60)} min`}</p>
                {left < 0 && <span aria-hidden className="hatch-crossed mt-1 block h-2" />}
            </div>
            {left < 0 && (
                <div className="mt-2 text-sm">
                    {page.drops !== null && <p>{price(page.drops, passed - Math.max(0, allowed - (item.spent ?? 0)))}</p>}
                    {page.mayRun && (
                        <span className="mt-2 flex flex-wrap justify-end gap-2">
                            <Button
                                onClick={() => {
                                    act('put', route('items.extend', item.id), { minutes: 5 });
                                }}
                            >
                                Take 5 more
                            </Button>
                            {item.issue !== null && item.outcome === null && (
                                <Button
                                    onClick={() => {
                                        const guess = withItem(item.id, { outcome: 'next_time' });
                                        act('put', route('items.settle', item.id), { outcome: 'next_time' }, { guess });
                                    }}
                                >
                                    Next time
                                </Button>
                            )}
                        </span>
                    )}
                </div>
            )}
        </div>
    );
}

/** "9 more minutes, and “Second modem supplier” will not fit, for the 3rd time." */
function price(drops: DropPrice, overrun: number): string {
    const minutes = Math.ceil(Math.max(0, drops.seconds - Math.max(0, overrun)) / 60);
    const again = drops.waited === 0 ? '' : `, for the ${ordinal(drops.waited + 1)} time`;

    return `${count(Math.max(1, minutes), 'more minute')}, and “${drops.title}” will not fit${again}.`;
}
