import { describe, expect, it } from 'vitest';
import { change, isOwnersAlone, plan, setAside, tell, tick, withTask } from '../../../resources/js/lib/tasks';
import { server } from '../server';
import { task } from '../made';

describe('a task is one record, seen in many places', () => {
    const page = { days: [{ tasks: [task({ id: 7 }), task({ id: 8 })] }], asks: task({ id: 7 }), count: 2, none: null };

    it('and is otherwise in all of them at once', () => {
        const then = withTask(page, 7, { isDone: true }) as typeof page;
        expect(then.days[0]?.tasks.map(({ isDone }) => isDone)).toEqual([true, false]);
        expect(then.asks.isDone).toBe(true);
    });

    it('and leaves the page as it was, and all else on it', () => {
        const then = withTask(page, 7, { isDone: true }) as typeof page;
        expect(page.asks.isDone).toBe(false);
        expect(then).toMatchObject({ count: 2, none: null });
    });

    it('is not taken for something else with the same number', () => {
        const goal = { id: 7, title: 'Forty harbours', isDone: false };
        expect(withTask({ goal }, 7, { isDone: true })).toEqual({ goal });
    });
});

describe('what is done to a task', () => {
    it.each([
        [
            'ticked',
            () => {
                tick(task());
            },
            '/tasks/7/tick',
            { done: true },
        ],
        [
            'unticked',
            () => {
                tick(task({ isDone: true }));
            },
            '/tasks/7/tick',
            { done: false },
        ],
        [
            'planned',
            () => {
                plan(task(), '2027-W07');
            },
            '/tasks/7/plan',
            { planned: '2027-W07', at: null },
        ],
        [
            'given a time',
            () => {
                plan(task(), '2027-02-10', '09:30');
            },
            '/tasks/7/plan',
            { planned: '2027-02-10', at: '09:30' },
        ],
        [
            'shelved',
            () => {
                setAside(task(), 'shelve');
            },
            '/tasks/7/aside',
            { how: 'shelve' },
        ],
        [
            'changed',
            () => {
                change(task(), { minutes: 30 });
            },
            '/tasks/7',
            { minutes: 30 },
        ],
        [
            'worth telling',
            () => {
                tell(task());
            },
            '/worth-telling',
            { source: 'task', id: 7, isWorth: true },
        ],
    ])('%s is sent to its address', async (_, act, address, data) => {
        act();
        const sent = await server.last();
        expect(new URL(sent.url, 'http://loftrin.test').pathname).toBe(address);
        expect(sent.method).toBe('put');
        expect(sent.data).toEqual(data);
    });
});

describe('who could do it', () => {
    it('is nobody else where only its owner sees it, unless it is for something that others see', () => {
        expect([
            isOwnersAlone(task()),
            isOwnersAlone(task({ isPrivate: true })),
            isOwnersAlone(task({ isPrivate: true, for: 'Pay review' })),
        ]).toEqual([false, true, false]);
    });
});
