import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';

/** Takes back everything that was decided since the list was opened: all of it, or nothing. */
export function UndoDecisions() {
    const { change } = usePage().props;
    const [seen, setSeen] = useState(change?.batch);
    const [made, setMade] = useState<string[]>([]);

    if (change != null && change.batch !== seen) {
        setSeen(change.batch);
        setMade([...made, change.batch]);
    }

    return made.length === 0 ? null : (
        <button
            type="button"
            className="link min-h-6 text-xs"
            onClick={() => {
                act(
                    'post',
                    route('undo.all'),
                    { changes: made },
                    {
                        onDone: () => {
                            setMade([]);
                        },
                    },
                );
            }}
        >
            Undo {made.length === 1 ? 'this decision' : `all ${count(made.length, 'decision')}`}
        </button>
    );
}
