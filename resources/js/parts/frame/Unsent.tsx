import { usePage } from '@inertiajs/react';
import { useEffect } from 'react';
import { letGo, rereadDrafts } from '../../lib/kept/drafts';
import { openLines } from '../../lib/kept/lines';
import type { Change } from '../../lib/queue/change';
import { keepPageTrue } from '../../lib/queue/openPage';
import { discard, onReceipt, openQueue, useChanges, useHindrance } from '../../lib/queue/queue';
import { count } from '../../lib/words';
import { Button } from '../../ui/Button';

/** What was written or pressed and is not saved yet: it waits for the network, or was refused and can be copied. */
export function Unsent() {
    const me = usePage().props.frame?.me.id;
    const list = useChanges();
    const hindrance = useHindrance();

    useEffect(keepPageTrue, []);
    useEffect(() => (me === undefined ? undefined : open(me)), [me]);

    const refused = list.filter((change) => change.refused !== undefined);
    const waiting = hindrance === null ? [] : list.filter((change) => change.refused === undefined);
    const presses = waiting.filter(({ text }) => text === '').length;

    return refused.length + waiting.length === 0 ? null : (
        <section aria-label="Not saved yet" className="border-b border-persimmon bg-sheet px-6 py-2 max-md:px-4 print:hidden">
            <h2 className="text-sm">
                {waiting.length > 0
                    ? `${hindrance?.message ?? ''} Not saved yet: kept here until it can be.`
                    : 'Not saved. Copy what you need, then discard it.'}
            </h2>
            <ul className="divide-y divide-hairline">
                {[...refused, ...waiting]
                    .filter(({ text }) => text !== '')
                    .map((change) => (
                        <Line key={change.key} change={change} />
                    ))}
                {presses > 0 && <li className="py-1 text-ink-2">{count(presses, 'change')} without text</li>}
            </ul>
        </section>
    );
}

/** Takes up what this person wrote in this browser. */
function open(me: number): () => void {
    rereadDrafts();
    const ends = [
        openQueue(me),
        openLines(me),
        // A form whose page was left before its answer came lets go of what is saved.
        onReceipt(({ form }, { outcome }) => {
            if (outcome === 'done' && form?.sends === 'new') {
                letGo(`draft ${String(me)} ${form.name}`, Object.keys(form.fields), { ...form.fields });
            }
        }),
    ];

    return () => {
        ends.forEach((end) => {
            end();
        });
    };
}

function Line({ change }: { change: Change }) {
    return (
        <li className="flex flex-wrap items-baseline gap-x-4 py-1">
            <span className="min-w-0 flex-1">
                <span className="line-clamp-2 whitespace-pre-line">{change.text}</span>
                <span className="text-xs text-ink-2">
                    {change.place}
                    {change.refused !== undefined && <span className="font-medium text-persimmon">: {change.refused}</span>}
                </span>
            </span>
            <Button kind="quiet" onClick={() => void navigator.clipboard.writeText(change.text)}>
                Copy
            </Button>
            {change.refused !== undefined && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        discard(change.key);
                    }}
                >
                    Discard
                </Button>
            )}
        </li>
    );
}
