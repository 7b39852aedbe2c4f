import { act, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Change } from '../../../resources/js/lib/queue/change';
import { countOpen, openQueue, send, useLanded } from '../../../resources/js/lib/queue/queue';
import { Unsent } from '../../../resources/js/parts/frame/Unsent';
import { server } from '../server';

const make = (name: string, more: Partial<Change> = {}, hearer = {}) =>
    send({ key: name, method: 'post', url: `/${name}`, data: { words: name }, text: name, ...more }, hearer);

const open = (name: string) => countOpen(({ key }) => key === name);
const keys = () => server.sent.map(({ headers }) => headers['Idempotency-Key']);
const goOn = (ms = 4100) => act(() => vi.advanceTimersByTimeAsync(ms));
const answer = (sent: Promise<unknown> | undefined) =>
    act(async () => {
        const over = Promise.resolve(sent);
        await vi.advanceTimersByTimeAsync(5);
        await over;
    });
const kept = () => Object.keys(localStorage).filter((key) => key.startsWith('change'));

describe('a change', () => {
    let close = () => undefined as unknown;

    beforeEach(() => {
        vi.useFakeTimers();
        close = openQueue(1);
    });

    afterEach(() => {
        close();
        vi.useRealTimers();
    });

    it('is written down before it is sent, sent once under its key, and forgotten once the server has it', async () => {
        make('one');
        expect(kept()).toHaveLength(1);
        expect(server.sent).toEqual([]);
        await goOn(10);
        expect(keys()).toEqual(['one']);
        expect(server.sent[0]?.headers).not.toHaveProperty('X-Background');
        await answer(server.sent[0]?.takes());
        expect(open('one')).toBe(0);
        expect(kept()).toEqual([]);
    });

    it('waits while the network is gone and goes in the order in which it was made, each once', async () => {
        server.answers = 'not at all';
        ['one', 'two', 'three'].forEach((name) => make(name));
        await goOn();
        server.answers = 'at once';
        await goOn();
        expect(keys()).toEqual(['one', 'two', 'three']);
        expect(kept()).toEqual([]);
    });

    it('is tried again under the same key while the server is in trouble or wants one to sign in', async () => {
        make('one');

        for (const status of [503, 401, 419, 429, 502, 504]) {
            await goOn();
            await answer(server.sent.at(-1)?.breaks(status, 'Not now.'));
        }

        await goOn();
        await answer(server.sent.at(-1)?.takes());
        expect(keys()).toEqual(Array.from({ length: 7 }, () => 'one'));
        expect(open('one')).toBe(0);
    });

    it('is asked about again under the same key where no answer comes for long', async () => {
        vi.spyOn(globalThis, 'fetch').mockImplementation(
            (_, init) =>
                new Promise((_done, reject) => {
                    init?.signal?.addEventListener('abort', () => {
                        reject(new DOMException('aborted', 'AbortError'));
                    });
                }),
        );
        make('one');
        await goOn(31_000);
        await goOn();
        const asked = vi.mocked(globalThis.fetch).mock.calls.map(([, init]) => new Headers(init?.headers).get('Idempotency-Key'));
        expect(asked.length).toBeGreaterThan(1);
        expect(new Set(asked)).toEqual(new Set(['one']));
    });

    it('is taken for done by nothing but a receipt', async () => {
        make('one');
        await goOn(10);
        await answer(server.sent[0]?.breaks(200, 'A page of whatever stands between.'));
        expect(open('one')).toBe(1);
    });

    it('is sent once it is said that the network is back, without waiting', async () => {
        server.answers = 'not at all';
        make('one');
        await goOn(10);
        server.answers = 'at once';
        window.dispatchEvent(new Event('online'));
        await goOn(10);
        expect(open('one')).toBe(0);
    });

    it('that is no step waits for nothing but what is beside the same, and a step for all before it', async () => {
        make('line one', { beside: 'a' });
        make('line two', { beside: 'b' });
        make('step');
        make('line three', { beside: 'c' });
        await goOn(10);
        expect(keys()).toEqual(['line one', 'line two', 'line three']);
        await answer(server.sent[1]?.takes());
        expect(keys()).not.toContain('step');
        await answer(server.sent[0]?.takes());
        expect(keys()).toContain('step');
    });

    it('is overtaken by a later state of the same, unless it is under way', async () => {
        make('line-1', { beside: 'a' });
        await goOn(10);
        make('line-2', { beside: 'a' });
        make('line-3', { beside: 'a' });
        await goOn(10);
        await answer(server.sent[0]?.takes());
        expect(keys()).toEqual(['line-1', 'line-3']);
    });

    it('is shown with what the server says where it is refused, holds nothing up, and is not sent again', async () => {
        render(<Unsent />);
        act(() => {
            make('one');
            make('two');
        });
        await goOn(10);
        await answer(server.sent[0]?.breaks(404, 'This goal no longer exists.'));
        await answer(server.sent[1]?.takes());
        await goOn();
        expect(keys()).toEqual(['one', 'two']);
        expect(screen.getByText(': This goal no longer exists.')).toBeTruthy();
        expect(screen.getByRole('heading').textContent).toBe('Not saved. Copy what you need, then discard it.');

        act(() => {
            screen.getByRole('button', { name: 'Discard' }).click();
        });
        expect(screen.queryByRole('region')).toBeNull();
    });

    it('says that it waits only where something hinders it, and can be copied then but not thrown away', async () => {
        render(<Unsent />);
        act(() => {
            make('Two boats, not three.', { place: 'Week 6' });
            make('tick', { text: '' });
        });
        await goOn(10);
        expect(screen.queryByRole('region')).toBeNull();
        await answer(server.sent[0]?.isGone());
        expect(screen.getByRole('region', { name: 'Not saved yet' }).textContent).toContain('Two boats, not three.');
        expect(screen.getByText('Week 6')).toBeTruthy();
        expect(screen.getByText('1 change without text')).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Copy' })).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Discard' })).toBeNull();
    });

    it('survives a reload, and belongs to who made it', async () => {
        server.answers = 'not at all';
        make('one');
        await goOn();
        close();
        close = openQueue(2);
        expect(open('one')).toBe(0);
        close();

        server.answers = 'at once';
        close = openQueue(1);
        await goOn(10);
        expect(keys()).toEqual(['one']);
    });

    it('is taken up from another tab once that was left a while ago', async () => {
        server.answers = 'not at all';
        make('one');
        await goOn(10);
        close();
        openQueue(0)();
        sessionStorage.setItem('page', 'another');
        close = openQueue(1);
        expect(open('one')).toBe(0);
        await goOn(16_000);
        expect(open('one')).toBe(1);
    });

    it('is sent, or shown, all the same by a browser that keeps nothing', async () => {
        vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new DOMException('full', 'QuotaExceededError');
        });
        render(<Unsent />);
        act(() => {
            make('one');
        });
        await goOn(10);
        await answer(server.sent[0]?.breaks(403, 'You do not have permission.'));
        expect(screen.getByText(': You do not have permission.')).toBeTruthy();
    });

    it('is kept thirty days at most', () => {
        server.answers = 'not at all';
        make('one');
        openQueue(0)();
        vi.setSystemTime(Date.now() + 31 * 24 * 3600 * 1000);
        close = openQueue(1);
        expect(open('one')).toBe(0);
        expect(kept()).toEqual([]);
    });

    it('with a file goes with its page, and the next one says so', async () => {
        server.answers = 'not at all';
        make('one', { text: '' }, { file: new File(['x'], 'harbour.pdf') });
        await goOn(10);
        expect(open('one')).toBe(1);
        openQueue(0)();
        close = openQueue(1);
        render(<Unsent />);
        expect(screen.getByText('harbour.pdf')).toBeTruthy();
        expect(screen.getByText(/Please add it again/)).toBeTruthy();
    });

    it('is shown by the page once that was asked for anew, however many are done meanwhile', async () => {
        let landed: Change[] = [];
        const Page = () => {
            const now = useLanded();
            landed = now;

            return <Unsent />;
        };
        render(<Page />);
        act(() => {
            make('one');
            make('two');
        });
        await goOn(10);
        await answer(server.sent[0]?.takes());
        expect(landed).toHaveLength(1);
        await answer(server.sent[1]?.takes());
        await goOn(10);
        expect(server.refreshed).toBe(1);
        expect(landed).toEqual([]);
    });
});
