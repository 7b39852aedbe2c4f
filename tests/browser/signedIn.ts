import { type ChildProcess, spawn } from 'node:child_process';
import { type BrowserContext, expect, type Locator, test as base } from '@playwright/test';

const password = 'saltglass-demo';
const firstPort = Number(process.env.BROWSER_PORT ?? 8123);

async function signIn(context: BrowserContext, name: string): Promise<void> {
    const page = await context.newPage();
    await page.goto('/sign-in');
    await page.getByLabel('E-mail address').fill(`${name}@saltglass.example`);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'What is due' })).toBeVisible();
    await page.close();
}

/** A server with the demo freshly loaded; each worker has one of its own. */
async function serve(port: number): Promise<ChildProcess> {
    const server = spawn('tests/browser/serve', [String(port)], { detached: true, stdio: 'ignore' });

    for (let tries = 0; tries < 600; tries++) {
        if (
            await fetch(`http://127.0.0.1:${String(port)}/up`).then(
                (response) => response.ok,
                () => false,
            )
        ) {
            return server;
        }

        await new Promise((wait) => setTimeout(wait, 200));
    }

    throw new Error(`No server answers at port ${String(port)}.`);
}

interface Worker {
    address: string;
    kept: Awaited<ReturnType<BrowserContext['storageState']>>;
    /** Somebody else who is signed in: the state of their browser. */
    other: Awaited<ReturnType<BrowserContext['storageState']>>;
}

/** Pages of somebody who has signed in, once for all tests of a worker. Fails on what a page throws. */
export const test = base.extend<{ failures: string[] }, Worker>({
    address: [
        // eslint-disable-next-line no-empty-pattern -- the shape that fixtures have
        async ({}, use, worker) => {
            const port = firstPort + worker.parallelIndex;
            const server = await serve(port);
            await use(`http://127.0.0.1:${String(port)}`);
            process.kill(-(server.pid ?? 0));
        },
        { scope: 'worker', timeout: 180_000 },
    ],
    baseURL: async ({ address }, provide) => {
        await provide(address);
    },
    kept: [
        async ({ browser, address }, use) => {
            const context = await browser.newContext({ baseURL: address });
            await signIn(context, 'noor');
            const state = await context.storageState();
            await context.close();
            await use(state);
        },
        { scope: 'worker' },
    ],
    other: [
        async ({ browser, address }, use) => {
            const context = await browser.newContext({ baseURL: address, storageState: { cookies: [], origins: [] } });
            await signIn(context, 'elif');
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
        async ({ page }, use, test) => {
            const failures: string[] = [];
            const unanswered: string[] = [];
            page.on('pageerror', (error) => failures.push(error.message));
            page.on('requestfailed', (request) => {
                unanswered.push(`${request.method()} ${request.url()}: ${request.failure()?.errorText ?? ''}`);
            });
            await use(failures);

            // What a page took for a network that is gone explains much of what it did then.
            if (test.status !== test.expectedStatus && unanswered.length > 0) {
                console.error(`Never answered:\n${unanswered.join('\n')}`);
            }

            expect(failures).toEqual([]);
        },
        { auto: true },
    ],
});

/** Chooses out of a dressed list by its words. */
export async function choose(field: Locator, words: string): Promise<void> {
    await field.click();
    await field.page().getByRole('option', { name: words, exact: true }).click();
}

/** The day on which the server's clock begins. */
export const TODAY = '2026-11-25';

export { expect };
