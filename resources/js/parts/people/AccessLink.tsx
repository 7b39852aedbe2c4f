import { useEffect, useState } from 'react';
import { onReceipt } from '../../lib/queue/queue';
import { Button } from '../../ui/Button';

/** The link by which somebody chooses a password: it is shown this once. */
export function AccessLink() {
    const [link, setLink] = useState<{ name: string; address: string } | null>(null);

    useEffect(
        () =>
            onReceipt((_, receipt) => {
                if (receipt.outcome === 'done') {
                    setLink(receipt.link);
                }
            }),
        [],
    );

    return link === null ? null : (
        <div role="status" className="mb-4 border border-rule px-4 py-3">
            <p className="mb-1">
                {link.name} can choose a password with this link. No mail server is set up, so it was not sent: pass it on. It is not shown
                again.
            </p>
            <p className="flex flex-wrap items-center gap-3">
                <code className="min-w-0 font-mono text-xs break-all">{link.address}</code>
                <Button onClick={() => void navigator.clipboard.writeText(link.address)}>Copy</Button>
            </p>
        </div>
    );
}
