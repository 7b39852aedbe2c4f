import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { request } from '../../../resources/js/lib/request';

const sent = () => {
    const [url, init] = vi.mocked(globalThis.fetch).mock.calls.at(-1) ?? [];

    return { url, ...init, headers: init?.headers as Record<string, string> };
};

beforeEach(() => {
    vi.spyOn(globalThis, 'fetch')
        .mockReset()
        .mockImplementation(() => Promise.resolve(new Response('{}')));
});

afterEach(() => {
    document.cookie = 'XSRF-TOKEN=; expires=Thu, 01 Jan 1970 00:00:00 GMT';
});

describe('what is asked for without a page', () => {
    it('outlives the page on which it was written', async () => {
        await request('put', '/agenda-items/5/lines', { words: 'Two boats.' });
        expect(sent()).toMatchObject({ method: 'PUT', keepalive: true, body: '{"words":"Two boats."}', redirect: 'manual' });
    });

    it.each([
        ['plain letters', 'a'.repeat(59_000), true],
        ['more of them', 'a'.repeat(61_000), false],
        ['fewer letters of several bytes', 'й'.repeat(31_000), false],
    ])('is sent whole, whatever its length: %s', async (_, words, outlives) => {
        // A browser refuses to send more than 64 KiB that outlive the page, and such a text would wait for ever.
        await request('put', '/tasks/7', { words });
        expect(sent().keepalive).toBe(outlives);
        expect((JSON.parse(sent().body as string) as { words: string }).words).toBe(words);
    });

    it('sends nothing with a question', async () => {
        await request('get', '/series/choices');
        expect(sent()).toMatchObject({ method: 'GET', keepalive: true });
        expect(sent().body).toBeUndefined();
    });

    it('says by its headers that nobody pressed anything, and under which key it is done once', async () => {
        document.cookie = 'XSRF-TOKEN=abc%3D';
        await request('post', '/jots', { words: 'x' }, { headers: { 'Idempotency-Key': 'k-1' } });
        expect(sent().headers).toMatchObject({
            'X-Background': '1',
            'X-XSRF-TOKEN': 'abc=',
            'Idempotency-Key': 'k-1',
            Accept: 'application/json',
        });
    });
});
