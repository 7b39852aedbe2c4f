import { Share } from './Share';
import type { Sharing } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** When a review was finished, and the way back into it. */
export function Held({ period, on, sharing }: { period: string; on: string; sharing: Sharing }) {
    return (
        <>
            <span className="mr-auto self-center text-xs text-ink-2">Reviewed {dayWords(on)}. The facts are kept as they were then.</span>
            {sharing.review !== null && <Share of="review" id={sharing.review} shares={sharing.shares} sharing={sharing} />}
            <Button
                onClick={() => {
                    act('post', route('reviews.reopen', period));
                }}
            >
                Reopen
            </Button>
        </>
    );
}
