import { act as acting, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { act } from '../../../resources/js/lib/queue/act';
import { guessed } from '../../../resources/js/lib/queue/queue';
import { Notices } from '../../../resources/js/parts/signs/Notices';
import { path, server } from '../server';

describe('a change that needs no form', () => {
    it('waits for the one before it, and goes in order', async () => {
        act('put', '/one');
        act('put', '/two');
        const first = await server.nth(1);
        await new Promise((done) => setTimeout(done, 5));
        expect(server.sent.map(({ url }) => url)).toEqual(['/one']);

        await first.takes();
        await server.nth(2);
        expect(server.sent.map(({ url }) => url)).toEqual(['/one', '/two']);
    });

    it('lets the next one go where it was refused, and says why', async () => {
        const why = vi.fn();
        act('put', '/one', {}, { onRefused: why });
        act('put', '/two', {}, { onRefused: why });
        act('put', '/three');
        await (await server.nth(1)).refuses({ task: 'This task no longer exists.' });
        await (await server.nth(2)).breaks(404, 'This no longer exists.');
        await server.nth(3);

        expect(why.mock.calls).toEqual([['This task no longer exists.'], ['This no longer exists.']]);
    });

    it('shows the page as it will be, until that is known; what is refused is not shown any more', async () => {
        const done = (shown: unknown) => ({ ...(shown as object), isDone: true });
        act('put', '/one', {}, { guess: done });
        expect(guessed({ title: 'x' })).toEqual({ title: 'x', isDone: true });
        const first = await server.last();
        await first.takes();
        expect(guessed({ title: 'x' })).toEqual({ title: 'x', isDone: true });

        act('put', '/two', {}, { guess: (shown) => ({ ...(shown as object), isLate: true }) });
        await (await server.nth(2)).refuses({ task: 'This task no longer exists.' });
        expect(guessed({ title: 'x' })).not.toHaveProperty('isLate');
    });

    it('says once it is done', async () => {
        const onDone = vi.fn();
        act('delete', '/one', {}, { onDone });
        const sent = await server.last();
        expect(onDone).not.toHaveBeenCalled();
        await sent.takes();
        expect(onDone).toHaveBeenCalledOnce();
    });
});

describe('what is told', () => {
    const ticked = { words: 'Ticked “Order shackles”', batch: '3f0c7c1e-8b0f-4a53-9f39-0a1c1f6f4a10', isFinal: false };

    it('is what went wrong, as an alert, where the place itself does not show it', async () => {
        render(<Notices />);
        act('put', '/one');
        const sent = await server.last();
        await acting(() => sent.refuses({ task: 'This task no longer exists.' }));
        expect((await screen.findByRole('alert')).textContent).toBe('This task no longer exists.');
    });

    it('is that one was signed out, with a way to sign in', async () => {
        render(<Notices />);
        act('put', '/one');
        const sent = await server.last();
        await acting(() => sent.breaks(401, 'You have been signed out.'));
        expect((await screen.findByRole('alert')).textContent).toContain('You have been signed out.');
        expect(screen.getByRole('button', { name: 'Sign in' })).toBeTruthy();
    });

    it('is each change, with a way back', async () => {
        render(<Notices />);
        act('put', '/one');
        const sent = await server.last();
        await acting(() => sent.takes({ change: ticked }));
        expect(await screen.findAllByText('Ticked “Order shackles”')).toHaveLength(1);

        screen.getByRole('button', { name: 'Undo' }).click();
        expect(path((await server.nth(2)).url)).toBe(`/undo/${ticked.batch}`);
    });

    it('offers no way back from what is final', async () => {
        render(<Notices />);
        act('put', '/one');
        const sent = await server.last();
        await acting(() => sent.takes({ change: { ...ticked, words: 'Closed “Quay hour”', isFinal: true } }));
        expect(await screen.findByText('Closed “Quay hour”')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
    });
});
