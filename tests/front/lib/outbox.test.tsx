import { act, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { countWaiting, isWaiting, openOutbox, sendLater, type Unsent as UnsentText } from '../../../resources/js/lib/kept/outbox';
import { Unsent } from '../../../resources/js/parts/Unsent';

const written = (id: string, more: Partial<UnsentText> = {}): UnsentText => ({
    id,
    method: 'post',
    url: `/${id}`,
    data: { words: id },
    place: 'log of 2027-02-09',
    text: id,
    ...more,
});

type Answer = number | 'no network' | { status: number; message: string };

/** The server's answers, one after the other; the last one stays. */
const answers = (...all: Answer[]) =>
    vi
        .spyOn(globalThis, 'fetch')
        .mockReset()
        .mockImplementation(() => {
            const [answer = 200] = all.length > 1 ? all.splice(0, 1) : all;

            if (answer === 'no network') {
                return Promise.reject(new TypeError('Failed to fetch'));
            }

            const { status, message } = typeof answer === 'number' ? { status: answer, message: undefined } : answer;

            return Promise.resolve(new Response(JSON.stringify(message === undefined ? {} : { message }), { status }));
        });

type Fetch = ReturnType<typeof answers>;
const sentTo = (fetch: Fetch) => fetch.mock.calls.map(([url]) => url);
const keysSent = (fetch: Fetch) => fetch.mock.calls.map(([, init]) => new Headers(init?.headers).get('Idempotency-Key'));
const goOn = () => act(() => vi.advanceTimersByTimeAsync(4100));

describe('what could not be sent', () => {
    let close = () => undefined as unknown;

    beforeEach(() => {
        vi.useFakeTimers();
        close = openOutbox(1);
    });

    afterEach(() => {
        close();
        vi.useRealTimers();
    });

    it('is sent at once, under its key, and is forgotten once the server has it', async () => {
        const fetch = answers(200);
        sendLater(written('one'));
        expect(isWaiting('/one')).toBe(true);
        await goOn();

        expect(keysSent(fetch)).toEqual(['one']);
        expect(isWaiting('/one')).toBe(false);
    });

    it('waits while the network is gone and goes in the order in which it was written, each once', async () => {
        const fetch = answers('no network', 'no network', 200);
        ['one', 'two', 'three'].forEach((id) => {
            sendLater(written(id));
        });
        await goOn();
        await goOn();
        await goOn();

        expect(sentTo(fetch)).toEqual(['/one', '/one', '/one', '/two', '/three']);
        expect(countWaiting(/./)).toBe(0);
    });

    it('is tried again under the same key while the server is in trouble or wants one to sign in', async () => {
        const fetch = answers(503, 401, 419, 429, 500, 200);
        sendLater(written('one'));

        for (let times = 0; times < 6; times++) {
            await goOn();
        }

        expect(keysSent(fetch)).toEqual(Array.from({ length: 6 }, () => 'one'));
        expect(countWaiting(/./)).toBe(0);
    });

    it('is sent once it is said that the network is back, without waiting', async () => {
        const fetch = answers('no network', 200);
        sendLater(written('one'));
        await act(() => vi.advanceTimersByTimeAsync(10));
        expect(fetch).toHaveBeenCalledTimes(1);
        window.dispatchEvent(new Event('online'));
        await act(() => vi.advanceTimersByTimeAsync(10));

        expect(isWaiting('/one')).toBe(false);
    });

    it('is shown with what the server says where it is refused, holds nothing up, and is not sent again', async () => {
        const fetch = answers({ status: 422, message: 'This goal no longer exists.' }, 200);
        render(<Unsent />);
        act(() => {
            sendLater(written('one'));
            sendLater(written('two'));
        });
        await goOn();
        await goOn();

        expect(sentTo(fetch)).toEqual(['/one', '/two']);
        expect(screen.getByText('one')).toBeTruthy();
        expect(screen.getByText(': This goal no longer exists.')).toBeTruthy();
        expect(screen.getByRole('heading').textContent).toBe('Not saved. Copy what you need, then discard it.');

        act(() => {
            screen.getByRole('button', { name: 'Discard' }).click();
        });
        expect(screen.queryByRole('region')).toBeNull();
    });

    it('says that it waits, where it was written and what, and lets it be copied but not thrown away', async () => {
        answers('no network');
        render(<Unsent />);
        act(() => {
            sendLater(written('Two boats, not three.'));
        });
        await goOn();

        expect(screen.getByRole('region', { name: 'Not saved yet' }).textContent).toContain('Two boats, not three.');
        expect(screen.getByText('log of 2027-02-09')).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Copy' })).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Discard' })).toBeNull();
    });

    it('is overtaken by a later state of the same text, unless that is under way', async () => {
        const fetch = answers('no network', 200);
        sendLater(written('line-1', { of: 'line' }));
        sendLater(written('line-2', { of: 'line' }));
        sendLater(written('line-3', { of: 'line' }));
        await goOn();
        await goOn();

        // The first was under way when the second came; of the two that waited the last is sent.
        expect(sentTo(fetch)).toEqual(['/line-1', '/line-1', '/line-3']);
    });

    it('survives a reload, and belongs to who wrote it', async () => {
        answers('no network');
        sendLater(written('one'));
        await goOn();
        close();

        close = openOutbox(2);
        expect(isWaiting('/one')).toBe(false);
        close();

        const fetch = answers(200);
        close = openOutbox(1);
        await act(() => vi.advanceTimersByTimeAsync(10));
        expect(keysSent(fetch)).toEqual(['one']);
    });

    it('is sent, or shown, all the same by a browser that keeps nothing', async () => {
        vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new DOMException('full', 'QuotaExceededError');
        });
        const fetch = answers('no network', 200, { status: 422, message: 'This goal no longer exists.' });
        render(<Unsent />);
        act(() => {
            sendLater(written('one'));
            sendLater(written('two'));
        });
        expect(screen.getByText('one')).toBeTruthy();
        await goOn();
        await goOn();

        expect(sentTo(fetch)).toEqual(['/one', '/one', '/two']);
        expect(screen.queryByText('one')).toBeNull();
        expect(screen.getByText(': This goal no longer exists.')).toBeTruthy();
        act(() => {
            screen.getByRole('button', { name: 'Discard' }).click();
        });
        expect(screen.queryByRole('region')).toBeNull();
    });

    it('is kept thirty days at most', () => {
        answers('no network');
        sendLater(written('one'));
        close();
        vi.setSystemTime(Date.now() + 31 * 24 * 3600 * 1000);
        close = openOutbox(1);

        expect(isWaiting('/one')).toBe(false);
        expect(Object.keys(localStorage)).toEqual([]);
    });
});
