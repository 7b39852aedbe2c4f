/** Where a setting is kept: in this browser for good, or for as long as this page is open, reloads included. */
const places = { browser: () => localStorage, page: () => sessionStorage };

/** What was set, while the browser does not keep it: it counts until the page is left. */
const unkept = new Map<string, string>();

/**
 * A setting of who works here, by its name. A browser that keeps nothing forgets it, and is in the way of nothing else.
 *
 * @returns reads it, null where it was never set; sets it, or takes it back with null
 */
export function setting(name: string, where: keyof typeof places = 'browser') {
    return {
        get: (): string | null => {
            try {
                return unkept.get(name) ?? places[where]().getItem(name);
            } catch {
                return null;
            }
        },
        set: (value: string | null): void => {
            unkept.delete(name);

            try {
                if (value === null) {
                    places[where]().removeItem(name);
                } else {
                    places[where]().setItem(name, value);
                }
            } catch {
                if (value !== null) {
                    unkept.set(name, value);
                }
            }
        },
    };
}
