import { BACKGROUND } from './background';

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
    const token = decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');

    return fetch(url, {
        method,
        redirect: 'manual',
        keepalive: true,
        headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, ...BACKGROUND, ...headers },
        ...(data !== undefined && { body: JSON.stringify(data) }),
    });
}
