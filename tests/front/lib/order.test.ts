import { expect, it } from 'vitest';
import { movedBy } from '../../../resources/js/lib/order';

it.each([
    ['a', 1, ['b', 'a', 'c']],
    ['c', -1, ['a', 'c', 'b']],
    ['b', 1, ['a', 'c', 'b']],
    ['b', -1, ['b', 'a', 'c']],
    ['a', 2, ['b', 'c', 'a']],
])('moves %s by %i, and the others keep their order', (one, by, moved) => {
    const order = ['a', 'b', 'c'];

    expect(movedBy(order, one, by)).toEqual(moved);
    expect(order).toEqual(['a', 'b', 'c']);
});
