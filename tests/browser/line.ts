import type { Page, Route } from '@playwright/test';

/** What happens to a change on its way: its answer is held back, lost after the server did it, or it is answered something else. */
export type Trouble = { after: number } | 'lost' | 419 | 503 | 'no way there';

/** Plays the line between a page and its server: what becomes of the nth change, counted from 0. */
export async function lineIs(page: Page, trouble: (nth: number, route: Route) => Trouble): Promise<void> {
    let nth = 0;
    await page.route('**/*', async (route) => {
        if (route.request().method() === 'GET' || /\/(presence|sign-in)$/.test(route.request().url())) {
            await route.fallback();

            return;
        }

        const meets = trouble(nth++, route);

        if (meets === 'no way there') {
            await route.abort();
        } else if (meets === 419 || meets === 503) {
            await route.fulfill({ status: meets, json: { message: 'Not now.' } });
        } else {
            await answerLate(page, route, meets);
        }
    });
}

async function answerLate(page: Page, route: Route, meets: { after: number } | 'lost'): Promise<void> {
    // The page may be left before its answer comes.
    try {
        const response = await route.fetch({ maxRedirects: 0 });

        if (meets === 'lost') {
            await route.abort();
        } else {
            await page.waitForTimeout(meets.after);
            await route.fulfill({ response });
        }
    } catch {
        // Nobody waits for it any more.
    }
}

/** Waits until the server has all that was pressed and typed. */
export async function isSaved(page: Page): Promise<void> {
    await page.waitForFunction(() => !Object.keys(localStorage).some((key) => key.startsWith('change ')), undefined, { timeout: 90_000 });
}
