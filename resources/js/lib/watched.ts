/** What parts of a page hear of when it changes, for `useSyncExternalStore`. */
export function watched() {
    const hearers = new Set<() => void>();

    return {
        watch: (hear: () => void) => {
            hearers.add(hear);

            return () => void hearers.delete(hear);
        },
        tell: () => {
            hearers.forEach((hear) => {
                hear();
            });
        },
    };
}
