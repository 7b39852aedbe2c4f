/** What the arrows lead to: each goal's link. */
const cells = (frame: HTMLElement) => [...frame.querySelectorAll<HTMLElement>('[data-cell]')];

/** Makes the goal, or the first one, the one place where Tab stops. */
export function restOn(frame: HTMLElement | null, goal: string | null): void {
    const all = frame === null ? [] : cells(frame);
    const stop = all.find((cell) => cell.closest<HTMLElement>('[data-goal]')?.dataset.goal === goal) ?? all[0];

    for (const cell of all) {
        cell.tabIndex = cell === stop ? 0 : -1;
    }
}

const ways: Partial<Record<string, { x: number; y: number }>> = {
    ArrowLeft: { x: -1, y: 0 },
    ArrowRight: { x: 1, y: 0 },
    ArrowUp: { x: 0, y: -1 },
    ArrowDown: { x: 0, y: 1 },
};

/**
 * The goal that lies next in the direction of an arrow: the closest ahead, where lying aside counts double.
 * Null for any other key, and at the edge.
 */
export function nearest(frame: HTMLElement, key: string): HTMLElement | null {
    const way = ways[key];
    const from = document.activeElement;

    if (way === undefined || !(from instanceof HTMLElement) || !frame.contains(from)) {
        return null;
    }

    const { x, y } = way;
    const start = from.getBoundingClientRect();
    let best: HTMLElement | null = null;
    let least = Infinity;

    for (const cell of cells(frame)) {
        const at = cell.getBoundingClientRect();
        const [dx, dy] = [at.left - start.left, at.top - start.top];
        const ahead = x === 0 ? dy * y : dx * x;
        const aside = x === 0 ? Math.max(0, at.left - start.right, start.left - at.right) : Math.abs(dy);

        if (cell !== from && at.width > 0 && ahead > 1 && ahead + 2 * aside < least) {
            [best, least] = [cell, ahead + 2 * aside];
        }
    }

    return best;
}
