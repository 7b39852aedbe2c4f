import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { type Browser, type BrowserContext, expect, type Locator, test as base } from '@playwright/test';
import { lineIs } from './line';

const password = 'saltglass-demo';
const firstPort = Number(process.env.BROWSER_PORT ?? 8123);

type State = Awaited<ReturnType<BrowserContext['storageState']>>;

async function signIn(browser: Browser, address: string, name: string): Promise<State> {
    const context = await browser.newContext({ baseURL: address, storageState: { cookies: [], origins: [] } });
    const page = await context.newPage();
    await page.goto('/sign-in');
    await page.getByLabel('E-mail address').fill(`${name}@saltglass.example`);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'What is due' })).toBeVisible();
    const state = await context.storageState();
    await context.close();

    return state;
}

const answers = (port: number): Promise<Response | null> => fetch(`http://127.0.0.1:${String(port)}/up`).catch(() => null);

/** That port, or the next that nobody answers at: a server that was left behind has another database. */
async function freePort(port: number): Promise<number> {
    return (await answers(port)) === null ? port : freePort(port + 10);
}

/** A server with the demo freshly loaded; each worker has one of its own. */
async function serve(port: number): Promise<ChildProcess> {
    const server = spawn('tests/browser/serve', [String(port)], { detached: true, stdio: 'ignore' });

    for (let tries = 0; tries < 600; tries++) {
        if ((await answers(port))?.ok === true) {
            return server;
        }

        await new Promise((wait) => setTimeout(wait, 200));
    }

    throw new Error(`No server answers at port ${String(port)}.`);
}

/** Copies a database over another as SQLite itself does it, whoever has either of them open. */
function copyDatabase(from: string, to: string): void {
    const copy = '$to = new SQLite3($argv[2]); $to->busyTimeout(20_000); exit((new SQLite3($argv[1]))->backup($to) ? 0 : 1);';
    execFileSync('php', ['-r', copy, from, to]);
}

interface Worker {
    port: number;
    address: string;
    /** Two who have signed in, and what puts all that is stored back to how it was then. */
    begun: { noor: State; elif: State; startAnew: () => void };
}

interface Each {
    /** Somebody else who is signed in: the state of their browser. */
    other: State;
    failures: string[];
}

/** Pages of somebody who has signed in; what is stored is the same at the beginning of each test. Fails on what a page throws. */
export const test = base.extend<Each, Worker>({
    port: [
        // oxlint-disable-next-line no-empty-pattern -- the shape that fixtures have
        async ({}, use, worker) => {
            await use(await freePort(firstPort + worker.parallelIndex));
        },
        { scope: 'worker' },
    ],
    address: [
        async ({ port }, use) => {
            const server = await serve(port);
            await use(`http://127.0.0.1:${String(port)}`);
            process.kill(-(server.pid ?? 0));
        },
        { scope: 'worker', timeout: 180_000 },
    ],
    begun: [
        async ({ browser, port, address }, use) => {
            const [noor, elif] = [await signIn(browser, address, 'noor'), await signIn(browser, address, 'elif')];
            const stored = `storage/app/browser-${String(port)}.sqlite`;
            const asItWas = `${stored}.as-it-was`;
            copyDatabase(stored, asItWas);
            const startAnew = () => {
                copyDatabase(asItWas, stored);
            };
            await use({ noor, elif, startAnew });
        },
        { scope: 'worker', timeout: 180_000 },
    ],
    baseURL: async ({ address }, provide) => {
        await provide(address);
    },
    other: async ({ begun }, provide) => {
        await provide(begun.elif);
    },
    storageState: async ({ begun }, provide) => {
        begun.startAnew();
        await provide(begun.noor);
    },
    failures: [
        async ({ page }, use, test) => {
            const failures: string[] = [];
            const unanswered: string[] = [];
            page.on('pageerror', (error) => failures.push(error.message));
            page.on('requestfailed', (request) => {
                unanswered.push(`${request.method()} ${request.url()}: ${request.failure()?.errorText ?? ''}`);
            });

            // The answers of all changes held back, in all tests: LINE=1000, in milliseconds.
            if (process.env.LINE !== undefined) {
                await lineIs(page, () => ({ after: Number(process.env.LINE) }));
            }

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
