import { BACKGROUND } from './background';

/**
 * What a browser sends after its page was left, in bytes: Fetch, "keepalive" (64 KiB for all that is under way). A longer text
 * would not be sent at all.
 */
const OUTLIVES_PAGE = 60_000;

interface Options {
    headers?: Record<string, string>;
    signal?: AbortSignal;
    /** Somebody pressed for it: it keeps them signed in. */
    isPressed?: boolean;
}

/** Asks the server for something without a page: with what it wants to know of whoever asks. */
export function request(
    method: 'get' | 'post' | 'put' | 'delete',
    url: string,
    data?: object,
    { headers = {}, signal, isPressed = false }: Options = {},
): Promise<Response> {
    const isFile = data instanceof FormData;
    const body = data === undefined || isFile ? (data ?? null) : JSON.stringify(data);
    const token = decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');

    return fetch(url, {
        method: method.toUpperCase(),
        redirect: 'manual',
        keepalive: !isFile && (body === null || new Blob([body as string]).size < OUTLIVES_PAGE),
        headers: {
            Accept: 'application/json',
            ...(!isFile && { 'Content-Type': 'application/json' }),
            'X-XSRF-TOKEN': token,
            ...(!isPressed && BACKGROUND),
            ...headers,
        },
        ...(body !== null && { body }),
        ...(signal !== undefined && { signal }),
    });
}
