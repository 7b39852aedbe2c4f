import { cleanup } from '@testing-library/react';
import { toast } from 'sonner';
import { afterEach, beforeEach, vi } from 'vitest';
import { setToday, setYearStart } from '../../resources/js/lib/dates';
import { rereadDrafts } from '../../resources/js/lib/kept/drafts';
import { openQueue } from '../../resources/js/lib/queue/queue';
import { server } from './server';

/** Pages are drawn into a document without a layout, and sent to a server that each test plays itself. */

vi.mock('@inertiajs/react', async (original) => {
    const inertia = await original<typeof import('@inertiajs/react')>();
    const { Head, Link, usePage } = await import('./inertia');

    return { ...inertia, Head, Link, usePage };
});

// Nothing has a size here: what is not hidden by its style or its parents counts as in sight.
const isHidden = (each: Element): boolean =>
    each.hasAttribute('hidden') ||
    getComputedStyle(each).display === 'none' ||
    (each.parentElement !== null && isHidden(each.parentElement));
Element.prototype.checkVisibility = function (this: Element) {
    return this.isConnected && !isHidden(this);
};
// Browsers have it; Node 20, which is supported as well, does not.
if (!('groupBy' in Map)) {
    Object.defineProperty(Map, 'groupBy', {
        value: <K, T>(items: Iterable<T>, keyOf: (item: T, index: number) => K) => {
            const groups = new Map<K, T[]>();
            [...items].forEach((item, index) => {
                const key = keyOf(item, index);
                groups.set(key, [...(groups.get(key) ?? []), item]);
            });

            return groups;
        },
    });
}
Element.prototype.scrollIntoView = () => undefined;
Element.prototype.hasPointerCapture = () => false;
Element.prototype.setPointerCapture = () => undefined;
Element.prototype.releasePointerCapture = () => undefined;
class Observer {
    observe() {
        // Nothing changes its size.
    }
    unobserve() {
        // As above.
    }
    disconnect() {
        // As above.
    }
}

globalThis.ResizeObserver = Observer;
globalThis.IntersectionObserver = Observer as unknown as typeof IntersectionObserver;
globalThis.matchMedia = (media: string) =>
    ({
        media,
        matches: false,
        addEventListener: () => undefined,
        removeEventListener: () => undefined,
    }) as unknown as MediaQueryList;

let close = () => undefined as unknown;

beforeEach(() => {
    setToday('2027-02-09');
    setYearStart(1);
    localStorage.clear();
    sessionStorage.clear();
    server.begin();
    // Somebody has just signed in, and nothing waits.
    openQueue(0)();
    rereadDrafts();
    close = openQueue(1);
});

afterEach(async () => {
    vi.useRealTimers();
    cleanup();
    // The files of a worker share one page: nothing is left on it, nor about to be told on it.
    toast.dismiss();
    document.body.replaceChildren();
    close();
    await server.end();
});
