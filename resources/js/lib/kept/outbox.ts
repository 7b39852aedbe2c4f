import { useSyncExternalStore } from 'react';
import { refreshPage } from '../background';
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

/** As it is kept: one after the other, as they were written. */
interface Queued extends Unsent {
    turn: number;
}

/** How often what could not be sent is tried again, in milliseconds. */
const AGAIN = 4000;

let writer = 0;
let list: Queued[] = [];
let isSending = false;
const listeners = new Set<() => void>();

const prefix = () => `unsent ${String(writer)} `;

function reread(): void {
    // The browser keeps them in no order.
    list = keysOf(prefix())
        .flatMap((key) => (load(key) as Queued | null) ?? [])
        .sort((a, b) => a.turn - b.turn);
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
    save(prefix() + unsent.id, { ...unsent, turn: Math.max(Date.now(), (list.at(-1)?.turn ?? 0) + 1) });
    reread();
    void sendAll();
}

/** Whether something for that address is still to be sent. */
export function isWaiting(url: string): boolean {
    return list.some((each) => each.url === url && each.refused === undefined);
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
            refreshPage();
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
