import { MoveIssue } from './MoveIssue';
import type { ItemRow, Outcome, RoomView } from '../../../generated/props';
import { withItem } from '../../../lib/meetings';
import { act } from '../../../lib/queue/act';
import { route } from '../../../lib/routes';
import { Button } from '../../../ui/Button';

/** What becomes of an issue: said by one press, and shown at once. */
export function Outcomes({ page, item }: { page: RoomView; item: ItemRow }) {
    const settle = (outcome: Outcome | null) => {
        act('put', route('items.settle', item.id), { outcome }, { guess: withItem(item.id, { outcome }) });
    };

    if (item.outcome !== null) {
        return (
            <Button
                onClick={() => {
                    settle(null);
                }}
            >
                Reopen item
            </Button>
        );
    }

    return (
        <>
            <Button
                onClick={() => {
                    settle('answered');
                }}
            >
                Answered
            </Button>
            <Button
                onClick={() => {
                    settle('next_time');
                }}
            >
                Next time
            </Button>
            <MoveIssue page={page} item={item} onSettle={settle} />
        </>
    );
}
