import type { FollowUpAnswer, ItemRow, RoomView } from '../generated/props';

const isRoom = (page: unknown): page is RoomView => typeof page === 'object' && page !== null && 'followUps' in page && 'items' in page;

/** A room in which items are otherwise. */
const withItems =
    (change: (item: ItemRow) => ItemRow) =>
    (page: unknown): unknown =>
        isRoom(page) ? { ...page, items: page.items.map(change) } : page;

/** A room in which an item is otherwise. */
export const withItem = (id: number, change: Partial<ItemRow>) => withItems((item) => (item.id === id ? { ...item, ...change } : item));

/** A room that has come to an item. */
export const atItem = (id: number) =>
    withItems((item) => {
        if (item.id === id) {
            return { ...item, state: 'current' };
        }

        return item.state === 'current' ? { ...item, state: 'done' } : item;
    });

/** A room in which a follow-up is answered; what it says of it and until when comes with the page. */
export const withAnswer =
    (task: number, answer: FollowUpAnswer) =>
    (page: unknown): unknown =>
        isRoom(page)
            ? {
                  ...page,
                  followUps: page.followUps.map((row) => (row.task.id === task ? { ...row, answer, words: null, until: null } : row)),
              }
            : page;
