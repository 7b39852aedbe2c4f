import type { Page } from '@playwright/test';
import { inParts } from './inParts';
import { expect, test } from './signedIn';

/** Rooms and what lies in them, by their addresses. */
const ROOMS = [
    '/',
    '/week',
    '/log',
    '/done',
    '/lists',
    '/lists/waiting',
    '/recurring-tasks',
    '/shelf',
    '/meetings',
    '/series/1',
    '/meetings/1',
    '/projects',
    '/projects/2',
    '/tasks/60',
    '/areas/1',
    '/templates',
    '/year',
    '/direction',
    '/planning/2027-Q3/look_back',
    '/planning/2027-Q3/goals',
    '/closing/2027-Q3',
    // A year of which nothing is known.
    '/year/2029',
    '/goals/3',
    '/reviews',
    '/people',
    '/tray',
    '/updates',
    '/notifications',
];

/** More stops than any screen has. */
const STOPS = 250;

interface Stop {
    /** Tells elements apart. */
    id: number;
    name: string;
    isSeen: boolean;
    isMarked: boolean;
}

/** Where the focus is: what it says, and whether one can see it. Null outside of the page. */
function stop(page: Page): Promise<Stop | null> {
    return page.evaluate(() => {
        const at = document.activeElement;

        if (!(at instanceof HTMLElement) || at === document.body) {
            return null;
        }

        const known = (window as unknown as { stops?: Element[] }).stops ?? [];
        (window as unknown as { stops?: Element[] }).stops = known;

        if (!known.includes(at)) {
            known.push(at);
        }

        const label = (at as HTMLInputElement).labels?.[0]?.textContent ?? at.getAttribute('aria-label') ?? '';
        const by = at.getAttribute('aria-labelledby');
        const style = getComputedStyle(at);
        // A link that goes over two lines is looked for on its first.
        const box = at.getClientRects()[0] ?? at.getBoundingClientRect();
        const middle = document.elementFromPoint(box.x + box.width / 2, box.y + Math.min(box.height / 2, 12));

        return {
            id: known.indexOf(at),
            name: `${label} ${by === null ? '' : (document.getElementById(by)?.textContent ?? '')} ${at.textContent} ${at.title}`.trim(),
            isSeen: box.width > 0 && box.height > 0 && middle !== null && (at.contains(middle) || middle.contains(at)),
            isMarked: style.outlineStyle !== 'none' || style.boxShadow !== 'none' || style.borderBottomStyle !== 'none',
        };
    });
}

/** What is wrong on the way through the page that is open, and how many stops there are. */
async function walk(page: Page): Promise<{ faults: string[]; stops: number }> {
    const faults: string[] = [];
    let last = -1;

    for (let stops = 0; stops < STOPS; stops++) {
        await page.keyboard.press('Tab');
        const now = await stop(page);

        if (now === null) {
            return { faults, stops };
        }

        const wrong = [
            now.name === '' ? 'has no name' : null,
            now.isSeen ? null : 'cannot be seen',
            now.isMarked ? null : 'is not marked',
            now.id === last ? 'is a trap' : null,
        ];
        faults.push(...wrong.filter((it) => it !== null).map((it) => `stop ${String(stops)} “${now.name.slice(0, 40)}” ${it}`));
        last = now.id;
    }

    return { faults: [...faults, 'the way has no end'], stops: STOPS };
}

for (const some of inParts(ROOMS, 7)) {
    test(`the Tab key walks through rooms, each stop has a name, is in sight and is marked, and none is a trap: ${some.join(' ')}`, async ({
        page,
    }) => {
        test.setTimeout(240_000);

        for (const address of some) {
            await page.goto(address);
            await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
            const { faults, stops } = await walk(page);

            expect(faults, address).toEqual([]);
            expect(stops, address).toBeGreaterThan(8);
        }
    });
}
