import { router } from '@inertiajs/react';
import type { ListGroup } from '../../generated/props';
import { Button } from '../../ui/Button';

const STEP = 100;

/** What of a list is not shown yet, and a way to it. */
export function More({ groups, total }: { groups: ListGroup[]; total: number }) {
    const shown = groups.reduce((sum, group) => sum + group.tasks.length, 0);

    return total <= shown ? null : (
        <div className="mt-3 flex flex-wrap items-center gap-3">
            <Button
                onClick={() => {
                    router.reload({ data: { shown: shown + STEP } });
                }}
            >
                Show {Math.min(STEP, total - shown)} more
            </Button>
            <p className="text-xs text-ink-2">
                {shown} of {total} are shown.
            </p>
        </div>
    );
}
