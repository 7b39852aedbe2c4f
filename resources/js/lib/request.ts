import { BACKGROUND } from './background';

/**
 * What a browser sends after its page was left, in bytes: Fetch, "keepalive" (64 KiB for all that is under way). A longer text
 * would not be sent at all.
 */
const OUTLIVES_PAGE = 60_000;

/**
 * Asks the server for something without a page: with what it wants to know of whoever asks. Nobody pressed anything for it: what
 * the server has to say to a press that is under way is not used up by it.
 */
export function request(
    method: 'GET' | 'POST' | 'PUT',
    url: string,
    data?: object,
    headers: Record<string, string> = {},
): Promise<Response> {
    const body = data === undefined ? null : JSON.stringify(data);
    const token = decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');

    return fetch(url, {
        method,
        redirect: 'manual',
        keepalive: body === null || new Blob([body]).size < OUTLIVES_PAGE,
        headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, ...BACKGROUND, ...headers },
        ...(body !== null && { body }),
    });
}
