import { type BrowserContext, expect, test as base } from '@playwright/test';

const password = 'saltglass-demo';

async function signIn(context: BrowserContext, name: string): Promise<void> {
    const page = await context.newPage();
    await page.goto('/sign-in');
    await page.getByLabel('Mail address').fill(`${name}@saltglass.example`);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'What is due' })).toBeVisible();
    await page.close();
}

/** Pages of somebody who has signed in, once for all tests of a worker. Fails on what a page throws. */
export const test = base.extend<{ failures: string[] }, { kept: Awaited<ReturnType<BrowserContext['storageState']>> }>({
    kept: [
        async ({ browser }, use, worker) => {
            const context = await browser.newContext({ baseURL: worker.project.use.baseURL ?? '' });
            await signIn(context, 'noor');
            const state = await context.storageState();
            await context.close();
            await use(state);
        },
        { scope: 'worker' },
    ],
    storageState: async ({ kept }, provide) => {
        await provide(kept);
    },
    failures: [
        async ({ page }, use) => {
            const failures: string[] = [];
            page.on('pageerror', (error) => failures.push(error.message));
            await use(failures);
            expect(failures).toEqual([]);
        },
        { auto: true },
    ],
});

export { expect };
