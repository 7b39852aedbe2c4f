/** The entries in parts of that size: what only looks is shared out among the workers, and a part opens its pages in one browser. */
export function inParts<T>(all: readonly T[], size: number): T[][] {
    const parts = [];

    for (let first = 0; first < all.length; first += size) {
        parts.push(all.slice(first, first + size));
    }

    return parts;
}
