import type { Page } from '@playwright/test';
import { dice } from '../dice';
import { isSaved, lineIs, type Trouble } from './line';
import { expect, test } from './signedIn';

/** Where one works by keys, and what is pressed there. */
const PLACES: [address: string, keys: string[][]][] = [
    [
        '/tray',
        [['w'], ['k'], ['0'], ['m'], ['d'], ['ArrowDown'], ['Delete'], ['Control+Enter'], ['w', 'Control+Enter'], ['k', 'Control+Enter']],
    ],
    ['/lists/not_scheduled', [['w'], ['k'], ['4'], ['s'], ['ArrowDown'], ['v'], ['v', 'Shift+ArrowDown', 'k']]],
    ['/week', [['n']]],
];

const PRESSES = 34;

/** What is seen of all that can have been changed. */
const SEEN = ['/tray', '/lists/not_scheduled', '/lists', '/shelf', '/week', '/lists/finished'];

async function open(page: Page, address: string): Promise<void> {
    await page.goto(address);
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
}

/** Walks through places by keys alone; how it waits after each is the only difference between two walks of one seed. */
async function walk(page: Page, seed: number, rest: () => Promise<void>): Promise<string[]> {
    const next = dice(seed);

    for (const [address, keys] of PLACES) {
        await open(page, address);
        await page.locator('main [data-task-line] a[href^="/tasks/"], main h1[tabindex]').first().focus();

        for (let pressed = 0; pressed < PRESSES;) {
            const chosen = keys[Math.floor(next() * keys.length)] ?? [];

            for (const key of chosen) {
                await page.keyboard.press(key);
                pressed++;
            }

            if (chosen[0] === 'n') {
                await page.keyboard.type(`Thought ${String(pressed)} of walk ${String(seed)}`);
                await page.keyboard.press('Enter');
            }

            await rest();
        }

        await isSaved(page);
    }

    const seen: string[] = [];

    for (const address of SEEN) {
        await open(page, address);
        seen.push(await page.locator('#content').innerText());
    }

    return seen;
}

/** Of ten changes seven are answered late, and the others lost, or answered that it cannot be now. */
const troubles = (next: () => number) => (): Trouble => {
    const kind = next();

    return kind < 0.7 ? { after: kind < 0.6 ? 100 : 1000 } : kind < 0.8 ? 'lost' : kind < 0.87 ? 503 : kind < 0.94 ? 'no way there' : 419;
};

/** More of them by WALKS=20. */
const SEEDS = Array.from({ length: Number(process.env.WALKS ?? 1) }, (_, at) => at + 1);

for (const seed of SEEDS) {
    test(`a hundred presses over a bad line end as at leisure, seed ${String(seed)}`, async ({ page, browser, address, begun }) => {
        test.setTimeout(600_000);
        const calm = await walk(page, seed, async () => {
            await isSaved(page);
            await page.waitForLoadState('networkidle');
        });
        begun.startAnew();
        const context = await browser.newContext({ baseURL: address, storageState: begun.noor });
        const hurried = await context.newPage();
        await lineIs(hurried, troubles(dice(seed + 100)));
        const quick = await walk(hurried, seed, () => Promise.resolve());
        expect(quick).toEqual(calm);
        await context.close();
    });
}
