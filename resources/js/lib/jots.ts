import type { Tray } from '../generated/props';

const isTray = (page: unknown): page is Tray => typeof page === 'object' && page !== null && 'items' in page && 'again' in page;

/** A page without what is sorted from its tray by a press. */
export const withoutJots =
    (ids: number[]) =>
    (page: unknown): unknown =>
        isTray(page) ? { ...page, items: page.items.filter(({ id }) => !ids.includes(id)) } : page;
