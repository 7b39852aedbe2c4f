/** What is kept in this browser, by person: nobody else who signs in here is shown it. */

/** So long what was begun and never sent is kept, in milliseconds. */
const LONGEST = 30 * 24 * 3600 * 1000;

interface Stored {
    at: number;
    value: unknown;
}

function read(key: string): Stored | null {
    try {
        const text = localStorage.getItem(key);

        return text === null ? null : (JSON.parse(text) as Stored);
    } catch {
        return null;
    }
}

/** What is kept under a key, in the shape in which it was kept. */
export function load(key: string): unknown {
    return read(key)?.value ?? null;
}

/** Says whether it is kept: a browser that keeps nothing, or is full, does not. */
export function save(key: string, value: unknown): boolean {
    try {
        localStorage.setItem(key, JSON.stringify({ at: Date.now(), value }));

        return true;
    } catch {
        return false;
    }
}

export function drop(key: string): void {
    localStorage.removeItem(key);
}

/** The keys that begin so, the oldest first; what is too old goes. */
export function keysOf(prefix: string): string[] {
    return Object.keys(localStorage)
        .filter((key) => key.startsWith(prefix))
        .flatMap((key) => {
            const at = read(key)?.at ?? 0;

            if (Date.now() - at > LONGEST) {
                drop(key);

                return [];
            }

            return [{ key, at }];
        })
        .sort((one, other) => one.at - other.at)
        .map(({ key }) => key);
}
