import { useSyncExternalStore } from 'react';
import { refreshPage } from '../background';
import { request } from '../request';
import { drop, keysOf, load, save } from './storage';

/** Something written that the server has not acknowledged yet. */
export interface Unsent {
    /** Under this key the server does it once, however often it is sent. */
    id: string;
    method: 'post' | 'put';
    url: string;
    data: object;
    /** Where it was written, and what: for whoever has to copy it. */
    place: string;
    text: string;
    /** Of a text that is sent anew while it grows: what waits of the same text is overtaken by it. */
    of?: string;
    /** The open page shows it already, and need not be asked for anew. */
    isShown?: boolean;
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
/** What the browser does not keep, by its key: until the page is left it is sent all the same. */
const unkept = new Map<string, Queued>();
let isSending = false;
/** What the server has been sent and not answered yet. */
let underWay: string | null = null;
const listeners = new Set<() => void>();

const prefix = () => `unsent ${String(writer)} `;

/** What a form has sent and let go of, while the server has not answered. */
const held = () => `sent ${String(writer)} `;

function keep(unsent: Queued): void {
    const key = prefix() + unsent.id;

    if (save(key, unsent)) {
        unkept.delete(key);
    } else {
        unkept.set(key, unsent);
    }

    reread();
}

function forget(id: string): void {
    drop(prefix() + id);
    unkept.delete(prefix() + id);
}

function reread(): void {
    // The browser keeps them in no order.
    const kept = keysOf(prefix()).flatMap((key) => (load(key) as Queued | null) ?? []);
    const others = [...unkept].flatMap(([key, unsent]) => (key.startsWith(prefix()) ? [unsent] : []));
    list = [...kept, ...others].sort((a, b) => a.turn - b.turn);
    listeners.forEach((tell) => {
        tell();
    });
}

/** Behind all that waits already. */
const lastTurn = () => Math.max(Date.now(), (list.at(-1)?.turn ?? 0) + 1);

/**
 * Keeps what a form sends and lets go of at once, until it is known what became of it: where the page is left before, the next one
 * sends it again, and by its key it is done once.
 */
export function hold(unsent: Unsent): void {
    save(held() + unsent.id, unsent);
}

export function letGo(id: string): void {
    drop(held() + id);
}

/** Shows what the server refused, where other words stand in its field by now. */
export function showRefused(unsent: Unsent, why: string): void {
    keep({ ...unsent, turn: lastTurn(), refused: why });
}

/** Whose it is: what somebody else wrote in this browser is neither shown nor sent. */
export function openOutbox(person: number): () => void {
    writer = person;
    reread();
    keysOf(held()).forEach((key) => {
        keep({ ...(load(key) as Unsent), turn: lastTurn() });
        drop(key);
    });
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
    list.filter((each) => unsent.of !== undefined && each.of === unsent.of && each.id !== underWay).forEach(({ id }) => {
        forget(id);
    });
    keep({ ...unsent, turn: lastTurn() });
    void sendAll();
}

/** How many texts of that kind are still to be sent. */
export const countWaiting = (kind: RegExp): number => list.filter((each) => kind.test(each.url) && each.refused === undefined).length;

/** Whether something for that address is still to be sent. */
export function isWaiting(url: string): boolean {
    return list.some((each) => each.url === url && each.refused === undefined);
}

export function discard(id: string): void {
    forget(id);
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

const next = () => list.find((each) => each.refused === undefined);

async function sendAll(): Promise<void> {
    if (isSending || writer === 0) {
        return;
    }

    isSending = true;

    try {
        let sent = 0;

        // What is written while one is under way comes behind it.
        for (let unsent = next(); unsent !== undefined; unsent = next()) {
            underWay = unsent.id;
            const answer = await send(unsent);
            underWay = null;

            if (answer === 'no network') {
                break;
            }

            if (answer === 'done') {
                sent += unsent.isShown === true ? 0 : 1;
                discard(unsent.id);
            } else {
                keep({ ...unsent, refused: answer });
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
    try {
        const response = await request(method === 'post' ? 'POST' : 'PUT', url, data, { 'Idempotency-Key': id });

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
