/** A page in which some parts are otherwise, wherever they stand: one record is seen in many places. */
export function withParts<T extends object>(page: unknown, isMeant: (part: object) => part is T, change: Partial<T>): unknown {
    if (Array.isArray(page)) {
        return page.map((part) => withParts(part, isMeant, change));
    }

    if (page === null || typeof page !== 'object') {
        return page;
    }

    if (isMeant(page)) {
        return { ...page, ...change };
    }

    return Object.fromEntries(Object.entries(page).map(([key, part]) => [key, withParts(part, isMeant, change)]));
}

/**
 * The page once a record has some of its fields otherwise.
 *
 * @param known what records of its kind have besides, and others with these fields and the same id have not
 */
export const withRecord =
    <T extends object>(id: number, change: T, ...known: string[]) =>
    (page: unknown): unknown =>
        withParts(
            page,
            (part): part is T => 'id' in part && part.id === id && [...Object.keys(change), ...known].every((field) => field in part),
            change,
        );
