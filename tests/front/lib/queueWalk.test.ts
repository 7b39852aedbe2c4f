import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openQueue, send } from '../../../resources/js/lib/queue/queue';
import { dice } from '../../dice';

/** So many changes are made in one walk. */
const CHANGES = 100;

/** A server that does what it has not done yet, and whose answers go through a line that is as bad as the dice say. */
function badServer(next: () => number) {
    const done: string[] = [];
    const refused: string[] = [];
    const answer = (status: number, body: object) => new Response(JSON.stringify(body), { status });
    const take = async (key: string): Promise<Response> => {
        const luck = next();
        await new Promise((later) => setTimeout(later, Math.round(next() * 5000)));

        if (luck < 0.1) {
            throw new TypeError('Failed to fetch');
        }

        if (luck < 0.25) {
            return answer([401, 419, 429, 503][Math.floor(next() * 4)] ?? 503, { message: 'Not now.' });
        }

        if (key.startsWith('bad')) {
            refused.push(key);

            return answer(422, { message: 'No.', errors: { words: ['No.'] } });
        }

        if (!done.includes(key)) {
            done.push(key);
        }

        // Done, and nobody hears of it.
        if (luck < 0.4) {
            throw new TypeError('Failed to fetch');
        }

        return answer(200, { to: null, change: null, problem: null, link: null });
    };
    vi.spyOn(globalThis, 'fetch').mockImplementation((_, init) => {
        const key = new Headers(init?.headers).get('Idempotency-Key');

        return key === null ? Promise.resolve(answer(200, {})) : take(key);
    });

    return { done, refused };
}

describe('a hundred changes over a bad line', () => {
    let close = () => undefined as unknown;

    beforeEach(() => {
        vi.useFakeTimers();
        close = openQueue(1);
    });

    afterEach(() => {
        close();
        vi.useRealTimers();
    });

    it.each([1, 2, 3, 4, 5, 6, 7, 8])('are each done once and in their order, whatever happens on the way, seed %i', async (seed) => {
        const next = dice(seed);
        const { done, refused } = badServer(next);
        const made: string[] = [];

        for (let at = 0; at < CHANGES; at++) {
            const luck = next();
            const key = `${luck < 0.1 ? 'bad' : luck < 0.4 ? 'line' : 'step'} ${String(at)}`;
            made.push(key);
            send({ key, method: 'post', url: `/${String(at)}`, ...(key.startsWith('line') && { beside: key }) });
            await vi.advanceTimersByTimeAsync(Math.round(next() * 900));

            if (next() < 0.05) {
                // The page is left, and opened again.
                close();
                openQueue(0)();
                close = openQueue(1);
            }
        }

        await vi.advanceTimersByTimeAsync(3_600_000);
        const steps = (keys: string[]) => keys.filter((key) => key.startsWith('step'));
        expect(steps(done)).toEqual(steps(made));
        expect([...done].sort()).toEqual(made.filter((key) => !key.startsWith('bad')).sort());
        expect(new Set(refused)).toEqual(new Set(made.filter((key) => key.startsWith('bad'))));
        expect(Object.keys(localStorage).filter((key) => key.startsWith('change'))).toEqual([]);

        // A step waited for every line before it.
        made.forEach((key, at) => {
            if (key.startsWith('step')) {
                const before = made.slice(0, at).filter((each) => each.startsWith('line'));
                expect(before.every((line) => done.indexOf(line) < done.indexOf(key))).toBe(true);
            }
        });
    });
});
