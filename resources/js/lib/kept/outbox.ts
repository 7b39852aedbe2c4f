import { router } from '@inertiajs/react';
import { useSyncExternalStore } from 'react';
import { drop, keysOf, load, save } from './storage';

/** Something written that the server has not acknowledged yet. */
export interface Unsent {
    /** Under this key the server does it once, however often it is sent. */
    id: string;
    method: 'post' | 'put';
    url: string;
    data: Record<string, unknown>;
    /** Where it was written, and what: for whoever has to copy it. */
    place: string;
    text: string;
    /** Why the server refuses it: it is not sent again, only shown. */
    refused?: string;
}

/** How often what could not be sent is tried again, in milliseconds. */
const AGAIN = 4000;

let writer = 0;
let list: Unsent[] = [];
let isSending = false;
const listeners = new Set<() => void>();

const prefix = () => `unsent ${String(writer)} `;

function reread(): void {
    list = keysOf(prefix()).flatMap((key) => (load(key) as Unsent | null) ?? []);
    listeners.forEach((tell) => {
        tell();
    });
}

/** Whose it is: what somebody else wrote in this browser is neither shown nor sent. */
export function openOutbox(person: number): () => void {
    writer = person;
    reread();
    void sendAll();
    const timer = setInterval(() => void sendAll(), AGAIN);
    const online = () => void sendAll();
    window.addEventListener('online', online);

    return () => {
        clearInterval(timer);
        window.removeEventListener('online', online);
    };
}

/** Keeps it and sends it, now or as soon as the network is back. */
export function sendLater(unsent: Unsent): void {
    save(prefix() + unsent.id, unsent);
    reread();
    void sendAll();
}

export function discard(id: string): void {
    drop(prefix() + id);
    reread();
}

export function useOutbox(): Unsent[] {
    return useSyncExternalStore(
        (tell) => {
            listeners.add(tell);

            return () => listeners.delete(tell);
        },
        () => list,
    );
}

async function sendAll(): Promise<void> {
    if (isSending || writer === 0) {
        return;
    }

    isSending = true;

    try {
        let sent = 0;

        for (const unsent of list.filter((each) => each.refused === undefined)) {
            const answer = await send(unsent);

            if (answer === 'no network') {
                break;
            }

            if (answer === 'done') {
                sent++;
                discard(unsent.id);
            } else {
                save(prefix() + unsent.id, { ...unsent, refused: answer });
                reread();
            }
        }

        if (sent > 0) {
            router.reload();
        }
    } finally {
        isSending = false;
    }
}

/** "done", "no network", or why it is refused. */
async function send({ id, method, url, data }: Unsent): Promise<string> {
    const token = decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');

    try {
        const response = await fetch(url, {
            method: method.toUpperCase(),
            redirect: 'manual',
            keepalive: true,
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, 'Idempotency-Key': id },
            body: JSON.stringify(data),
        });

        // Signed out, a page that was open too long, or a server in trouble: it is tried again.
        if ([401, 419, 429].includes(response.status) || response.status >= 500) {
            return 'no network';
        }

        if (response.type === 'opaqueredirect' || response.ok) {
            return 'done';
        }

        const { message } = (await response.json().catch(() => ({}))) as { message?: string };

        return message ?? 'The server does not take this.';
    } catch {
        return 'no network';
    }
}
