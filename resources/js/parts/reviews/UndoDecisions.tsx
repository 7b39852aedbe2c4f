import { useEffect, useState } from 'react';
import { act } from '../../lib/queue/act';
import { onReceipt } from '../../lib/queue/queue';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';

/** Takes back everything that was decided since the list was opened: all of it, or nothing. */
export function UndoDecisions() {
    const [made, setMade] = useState<string[]>([]);

    useEffect(
        () =>
            onReceipt((_, receipt) => {
                const batch = receipt.outcome === 'done' ? receipt.change?.batch : undefined;

                if (batch !== undefined) {
                    setMade((before) => [...before, batch]);
                }
            }),
        [],
    );

    return made.length === 0 ? null : (
        <button
            type="button"
            className="link min-h-6 text-xs"
            onClick={() => {
                setMade([]);
                act('post', route('undo.all'), { changes: made });
            }}
        >
            Undo {made.length === 1 ? 'this decision' : `all ${count(made.length, 'decision')}`}
        </button>
    );
}
