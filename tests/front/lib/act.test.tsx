import { act as acting, render, screen } from '@testing-library/react';
import { router } from '@inertiajs/react';
import { describe, expect, it, vi } from 'vitest';
import { act } from '../../../resources/js/lib/act';
import { Notices } from '../../../resources/js/parts/Notices';
import { page } from '../page';
import { server } from '../server';

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

    it('lets the next one go where it was refused, or the network is gone', async () => {
        const why = vi.fn();
        act('put', '/one', {}, { onRefused: why });
        act('put', '/two', {}, { onRefused: why });
        act('put', '/three');
        await (await server.nth(1)).refuses({ task: 'This task no longer exists.' });
        await (await server.nth(2)).isGone();
        await server.nth(3);

        expect(why.mock.calls).toEqual([
            ['This task no longer exists.'],
            ['No connection. Nothing was changed: try again when it is back.'],
        ]);
    });

    it('says where it was made why a server in trouble did nothing; that one was signed out is told everywhere', async () => {
        const why = vi.fn();
        act('put', '/one', {}, { onRefused: why });
        act('put', '/two', {}, { onRefused: why });
        expect(await (await server.nth(1)).breaks(503, 'The disk is full.')).toBe(false);
        expect(await (await server.nth(2)).breaks(401, 'You have been signed out.')).toBe(true);
        expect(why.mock.calls).toEqual([['The disk is full.']]);
    });

    it('shows the page as it will be, by guess', async () => {
        const visits = vi.spyOn(router, 'visit');
        act('put', '/one', {}, { guess: (shown) => ({ ...(shown as object), isDone: true }) });
        await server.last();
        const [, options] = visits.mock.calls[0] ?? [];
        expect(options?.optimistic?.({ page: { title: 'x' } } as never)).toEqual({ page: { title: 'x', isDone: true } });
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
    it('is what went wrong, as an alert, where the place itself does not show it', async () => {
        render(<Notices />);
        act('put', '/one');
        const sent = await server.last();
        await acting(() => sent.refuses({ task: 'This task no longer exists.' }));
        expect((await screen.findByRole('alert')).textContent).toBe('This task no longer exists.');
    });

    it('is the last change, once, with a way back', async () => {
        page.props = {
            ...page.props,
            change: { words: 'Ticked “Order shackles”', batch: '3f0c7c1e-8b0f-4a53-9f39-0a1c1f6f4a10', isFinal: false },
        } as never;
        const { rerender } = render(<Notices />);
        rerender(<Notices />);
        expect(await screen.findAllByText('Ticked “Order shackles”')).toHaveLength(1);

        screen.getByRole('button', { name: 'Undo' }).click();
        const sent = await server.last();
        expect(new URL(sent.url, 'http://loftrin.test').pathname).toBe('/undo/3f0c7c1e-8b0f-4a53-9f39-0a1c1f6f4a10');
    });

    it('offers no way back from what is final', async () => {
        page.props = {
            ...page.props,
            change: { words: 'Closed “Quay hour”', batch: '0b7c7c1e-8b0f-4a53-9f39-0a1c1f6f4a11', isFinal: true },
        } as never;
        render(<Notices />);
        expect(await screen.findByText('Closed “Quay hour”')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
    });
});
