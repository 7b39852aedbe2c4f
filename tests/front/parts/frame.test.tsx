import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { router } from '@inertiajs/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useClosely } from '../../../resources/js/lib/fresh';
import { lastPlace, rooms, sectionOf } from '../../../resources/js/lib/rooms';
import { chooseTheme, currentTheme } from '../../../resources/js/lib/theme';
import { Frame } from '../../../resources/js/parts/frame/Frame';
import { frame } from '../made';
import { strike } from '../hand';
import { page } from '../page';
import { path, server } from '../server';

const visited = () => server.sent.map(({ url }) => path(url));

const show = (more = {}) => {
    page.props = { ...page.props, frame: frame(more), stamp: 'one' } as never;

    return render(
        <Frame>
            <p>What the page says</p>
        </Frame>,
    );
};

beforeEach(() => {
    page.component = 'week/Week';
    page.url = '/week';
    server.says('{"stamp":"one"}');
    // Long after whatever key was pressed in the test before.
    vi.useFakeTimers();
    vi.setSystemTime(Date.now() + 60_000);
});

afterEach(() => {
    vi.useRealTimers();
});

/** Dialogs come once the page stands. */
const dialogs = () =>
    act(async () => {
        await import('../../../resources/js/parts/frame/Dialogs');
    });

describe('what stands around every screen', () => {
    it('leads to the rooms, doing first, and lights the one that a page belongs to', () => {
        show();
        const links = within(screen.getByRole('navigation', { name: 'Rooms' })).getAllByRole('link');
        expect(links.map(({ textContent }) => textContent).slice(1, 9)).toEqual([
            ...['Day', 'Week', 'Lists', 'Meetings', 'Projects', 'Goals', 'Reviews', 'People'],
        ]);
        expect(links.find((link) => link.getAttribute('aria-current') !== null)?.textContent).toBe('Week');
    });

    it('says how much waits in the tray and in the updates', () => {
        show({ tray: 13, updates: 2 });
        expect(screen.getByRole('link', { name: /^Tray/ }).textContent).toContain('13');
        expect(screen.getByRole('link', { name: /^Updates/ }).textContent).toContain('2');
    });

    it('can be skipped, and is left out where nobody is signed in', () => {
        const { unmount } = show();
        expect(screen.getByText('Skip to content').getAttribute('href')).toBe('#content');
        unmount();
        page.props = { ...page.props, frame: null };
        render(<Frame>Sign in</Frame>);
        expect(screen.queryByRole('navigation')).toBeNull();
        expect(screen.getByRole('main').textContent).toBe('Sign in');
    });

    it.each([
        ['w', '/week'],
        ['l', '/lists'],
        ['m', '/meetings'],
        ['p', '/projects'],
        ['r', '/reviews'],
        ['t', '/tray'],
    ])('g and %s go to %s', async (key, address) => {
        show();
        strike('g');
        strike(key);
        await vi.advanceTimersByTimeAsync(1);
        expect(visited().at(-1)).toBe(address);
    });

    it('goes a week back and on', () => {
        show();
        strike('[');
        strike('f');
        expect(visited()).toEqual(['/weeks/2027-W05', '/weeks/2027-W07']);
    });

    it('opens a jot, the pages and the keys by one key each, and closes them by Escape', async () => {
        show();
        for (const [key, name] of [
            ['n', 'Jot'],
            ['/', 'Search'],
            ['?', 'Keyboard shortcuts'],
        ] as const) {
            strike(key);
            await dialogs();
            expect(screen.getByRole('dialog', { name })).toBeTruthy();
            strike('Escape');
            expect(screen.queryByRole('dialog')).toBeNull();
        }
    });

    it('finds a page by its name', async () => {
        show();
        strike('k', { ctrlKey: true });
        await dialogs();
        const find = screen.getByRole('combobox', { name: 'Search' });
        fireEvent.change(find, { target: { value: 'decisions' } });
        fireEvent.keyDown(find, { key: 'Enter' });
        await vi.advanceTimersByTimeAsync(1);
        expect(visited().at(-1)).toBe('/decisions');
        expect(screen.queryByRole('dialog')).toBeNull();
    });
});

describe('what others change', () => {
    const looks = () => vi.mocked(globalThis.fetch).mock.calls.filter(([url]) => typeof url === 'string' && url.includes('stamp')).length;
    const answer = (stamp: string) => {
        server.says(JSON.stringify({ stamp }));
    };

    it('is asked for every few seconds, and comes in once the stamp is another', async () => {
        const reload = vi.spyOn(router, 'reload').mockImplementation(() => undefined);
        show();
        await act(() => vi.advanceTimersByTimeAsync(9000));
        expect(looks()).toBeGreaterThanOrEqual(2);
        expect(reload).not.toHaveBeenCalled();

        answer('two');
        await act(() => vi.advanceTimersByTimeAsync(9000));
        // Once while it is under way, however long that takes.
        expect(reload).toHaveBeenCalledOnce();
        expect(reload.mock.calls[0]?.[0]).toMatchObject({ only: ['page', 'frame', 'stamp', 'asks', 'now'] });
        // The parts of a test share one page: it is over for the next one too.
        reload.mock.calls[0]?.[0]?.onFinish?.({} as never);
        await act(() => vi.advanceTimersByTimeAsync(1));
    });

    it('is asked for anew until the page has it, and then no more', async () => {
        const reload = vi.spyOn(router, 'reload').mockImplementation((visit = {}) => {
            visit.onFinish?.({} as never);
        });
        const { rerender } = show();
        answer('two');
        // Something else took its place on the way.
        await act(() => vi.advanceTimersByTimeAsync(9000));
        expect(reload.mock.calls.length).toBeGreaterThanOrEqual(2);

        page.props = { ...page.props, stamp: 'two' } as never;
        rerender(<Frame>As it is now</Frame>);
        reload.mockClear();
        await act(() => vi.advanceTimersByTimeAsync(9000));
        expect(reload).not.toHaveBeenCalled();
    });

    it('is asked for more often where people write together', async () => {
        const Together = () => {
            useClosely(true);

            return null;
        };
        page.props = { ...page.props, frame: frame(), stamp: 'one' } as never;
        render(
            <Frame>
                <Together />
            </Frame>,
        );
        await act(() => vi.advanceTimersByTimeAsync(9000));
        expect(looks()).toBeGreaterThanOrEqual(6);
    });

    it('is not asked for while nobody looks, and no fault while the network is gone', async () => {
        const hidden = vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
        const reload = vi.spyOn(router, 'reload').mockImplementation(() => undefined);
        show();
        await act(() => vi.advanceTimersByTimeAsync(9000));
        expect(looks()).toBe(0);
        hidden.mockReturnValue(false);
        vi.mocked(globalThis.fetch).mockRejectedValue(new TypeError('Failed to fetch'));
        await act(() => vi.advanceTimersByTimeAsync(9000));
        expect(looks()).toBeGreaterThan(0);
        expect(reload).not.toHaveBeenCalled();
    });

    it('that comes back at its time says so, and asks for the next', async () => {
        const reload = vi.spyOn(router, 'reload').mockImplementation(() => undefined);
        show({ alert: { id: 3, words: 'Call the crane', at: '16:30', left: 5 } });
        await act(() => vi.advanceTimersByTimeAsync(4000));
        expect(screen.queryByText('16:30 Call the crane')).toBeNull();
        await act(() => vi.advanceTimersByTimeAsync(2000));
        expect(screen.getByText('16:30 Call the crane')).toBeTruthy();
        await act(() => vi.advanceTimersByTimeAsync(62_000));
        expect(reload.mock.calls.some(([options]) => JSON.stringify(options?.only) === '["frame"]')).toBe(true);
    });
});

describe('where a page belongs', () => {
    it('is one section of one room', () => {
        const all = rooms(frame());
        expect(sectionOf(all, 'week/Week')?.room.name).toBe('Week');
        expect(sectionOf(all, 'nowhere/Nothing')).toBeUndefined();
    });

    it('is kept for the way back, and nothing is known of it at first', () => {
        expect(lastPlace.get()).toBeNull();
        lastPlace.keep('Week', 'Week', '/weeks/2027-W05');
        expect(lastPlace.get()).toEqual({ room: 'Week', section: 'Week', href: '/weeks/2027-W05' });
    });
});

describe('light and dark', () => {
    it('are chosen once, known to the server, and left to the system again', () => {
        chooseTheme('dark');
        expect(currentTheme()).toBe('dark');
        expect(document.cookie).toContain('theme=dark');
        chooseTheme('light');
        expect(currentTheme()).toBe('light');
        chooseTheme('system');
        expect(currentTheme()).toBe('system');
    });
});
