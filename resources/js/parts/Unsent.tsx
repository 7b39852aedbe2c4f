import { usePage } from '@inertiajs/react';
import { useEffect } from 'react';
import { openLines } from '../lib/kept/lines';
import { discard, openOutbox, useOutbox, type Unsent as UnsentText } from '../lib/kept/outbox';
import { Button } from '../ui/Button';

/** What was written and is not saved yet: it waits for the network, or was refused and can be copied. */
export function Unsent() {
    const me = usePage().props.frame?.me.id;
    const list = useOutbox();

    useEffect(() => (me === undefined ? undefined : openOutbox(me)), [me]);
    useEffect(() => (me === undefined ? undefined : openLines(me)), [me]);

    return list.length === 0 ? null : (
        <section aria-label="Not saved yet" className="border-b border-persimmon bg-sheet px-6 py-2 max-md:px-4 print:hidden">
            <h2 className="text-sm">
                {list.some((each) => each.refused === undefined)
                    ? 'Not saved yet. Kept here and sent when the connection is back.'
                    : 'Not saved. Copy what you need, then discard it.'}
            </h2>
            <ul className="divide-y divide-hairline">
                {list.map((each) => (
                    <Line key={each.id} unsent={each} />
                ))}
            </ul>
        </section>
    );
}

function Line({ unsent }: { unsent: UnsentText }) {
    return (
        <li className="flex flex-wrap items-baseline gap-x-4 py-1">
            <span className="min-w-0 flex-1">
                <span className="line-clamp-2 whitespace-pre-line">{unsent.text}</span>
                <span className="text-xs text-ink-2">
                    {unsent.place}
                    {unsent.refused !== undefined && <span className="font-medium text-persimmon">: {unsent.refused}</span>}
                </span>
            </span>
            <Button kind="quiet" onClick={() => void navigator.clipboard.writeText(unsent.text)}>
                Copy
            </Button>
            {unsent.refused !== undefined && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        discard(unsent.id);
                    }}
                >
                    Discard
                </Button>
            )}
        </li>
    );
}
