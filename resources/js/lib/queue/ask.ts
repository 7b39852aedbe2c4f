import { request } from '../request';
import { NO_ANSWER, sentenceIn } from '../sentence';
import type { Change, Hindrance, Receipt } from './change';

/** What is over by itself: a page open for too long, too often, closed for a moment, no way there. */
const PASSES = [419, 429, 502, 503, 504];

/** So long an answer is waited for before the same is asked again, in milliseconds. A file takes as long as it takes. */
const PATIENCE = 30_000;

const SIGNED_OUT: Hindrance = { outcome: 'later', message: 'You have been signed out.', isSignedOut: true };

const NO_NETWORK: Hindrance = { outcome: 'later', message: 'No connection.', isSignedOut: false };

/** Sends a change. By its key it is done once, whoever asks again. */
export async function ask({ key, method, url, data }: Change, file?: File): Promise<Receipt | Hindrance> {
    const patience = new AbortController();
    const timer = setTimeout(() => {
        patience.abort();
    }, PATIENCE);

    try {
        const headers = { 'Idempotency-Key': key };
        const response = await (file === undefined
            ? request(method, url, data, { headers, isPressed: true, signal: patience.signal })
            : request(method, url, formOf(data, file), { headers, isPressed: true }));

        return await answerOf(response);
    } catch {
        return NO_NETWORK;
    } finally {
        clearTimeout(timer);
    }
}

function formOf(data: object, file: File): FormData {
    const form = new FormData();
    Object.entries(data).forEach(([name, value]) => {
        form.append(name, String(value));
    });
    form.append('file', file);

    return form;
}

async function answerOf(response: Response): Promise<Receipt | Hindrance> {
    const text = await response.text();
    const message = sentenceIn(text);

    if (response.status === 419) {
        await renewToken();
    }

    if (response.status === 401) {
        return SIGNED_OUT;
    }

    if (PASSES.includes(response.status)) {
        return { outcome: 'later', message, isSignedOut: false };
    }

    if (response.status === 422) {
        const { errors = {}, stands = {} } = read(text) as { errors?: Record<string, string[]>; stands?: Record<string, unknown> };

        return { outcome: 'refused', message, errors: firstOf(errors), stands };
    }

    if (!response.ok) {
        return { outcome: [403, 404, 409].includes(response.status) ? 'gone' : 'failed', message };
    }

    const said = read(text) as Partial<Receipt & { outcome: 'done' }>;

    // A page of whatever stands between is no receipt.
    return 'to' in said
        ? { outcome: 'done', to: said.to ?? null, change: said.change ?? null, problem: said.problem ?? null, link: said.link ?? null }
        : { outcome: 'later', message: NO_ANSWER, isSignedOut: false };
}

function read(text: string): object {
    try {
        const value = JSON.parse(text) as unknown;

        return typeof value === 'object' && value !== null ? value : {};
    } catch {
        return {};
    }
}

const firstOf = (errors: Record<string, string[]>): Record<string, string> =>
    Object.fromEntries(Object.entries(errors).map(([field, all]) => [field, all[0] ?? '']));

/** A page that was open for too long has the token of a session that is over. Any page brings the next one with it. */
const renewToken = () => fetch(window.location.href, { headers: { Accept: 'text/html' } }).catch(() => undefined);
