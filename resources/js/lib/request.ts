/** Asks the server for something without a page: with what it wants to know of whoever asks. */
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
        headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, ...headers },
        ...(data !== undefined && { body: JSON.stringify(data) }),
    });
}
