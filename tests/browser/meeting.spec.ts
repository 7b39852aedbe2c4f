import type { Browser, Page } from '@playwright/test';
import { expect, test } from './signedIn';

/** The way into the meeting of the demo that runs. */
const running = (page: Page) =>
    page.getByRole('paragraph').filter({ hasText: 'Who sails this winter' }).getByRole('link', { name: 'Join now' });

/** The running meeting of the demo, in the browser of somebody. */
async function join(browser: Browser, address: string, state: Parameters<Browser['newContext']>[0]): Promise<Page> {
    const context = await browser.newContext({ baseURL: address, ...state });
    const page = await context.newPage();
    await page.goto('/meetings');
    await running(page).click();
    await expect(page.getByRole('heading', { name: 'Kwame’s first trip as skipper' })).toBeVisible();

    return page;
}

/** Opens the next meeting, before its day too: however long the tests before this one took, its own may be over. */
async function open(page: Page): Promise<void> {
    const early = page.getByRole('button', { name: 'Start it now' });
    const start = page.getByRole('button', { name: 'Start this item' });
    await page.getByRole('button', { name: 'Start the meeting' }).click();
    await expect(early.or(start)).toBeVisible();

    if (await early.isVisible()) {
        await early.click();
    }
}

/** Writes so many lines without rest. */
async function write(page: Page, who: string, from: number, to: number): Promise<void> {
    await page.getByLabel('Write a line').focus();

    for (let line = from; line < to; line++) {
        await page.keyboard.type(`${who} line ${String(line)}.`);
        await page.keyboard.press('Enter');
    }
}

test('three write at once, one without a network, one reloading, one undoing: no line is lost and nobody is moved', async ({
    page,
    browser,
    other,
    address,
    begun,
}) => {
    test.setTimeout(240_000);
    const elif = await join(browser, address, { storageState: other });
    const second = await join(browser, address, { storageState: begun.noor });
    await page.goto('/meetings');
    await running(page).click();
    await expect(page.getByRole('heading', { name: 'Kwame’s first trip as skipper' })).toBeVisible();
    const meeting = page.url();

    await elif.context().setOffline(true);
    await Promise.all([
        write(page, 'Noor', 0, 12),
        write(elif, 'Elif', 0, 12),
        (async () => {
            await write(second, 'Second', 0, 6);
            await second.keyboard.type('half a line');
            await second.reload();
            await expect(second.getByLabel('Write a line')).toHaveValue('half a line');
            await second.getByLabel('Write a line').press('Enter');
            await write(second, 'Second', 6, 12);
        })(),
    ]);
    // A step back by one of them takes no line with it.
    await page.getByRole('button', { name: 'Pause' }).focus();
    await page.keyboard.press('Control+z');

    // The room moves on while one writes: a bar says where it is.
    await elif.getByLabel('Write a line').fill('Elif is still writing');
    await page.getByRole('button', { name: 'Next item' }).click();
    await expect(page.getByRole('heading', { name: 'Food on board' })).toBeVisible();
    await elif.context().setOffline(false);
    await expect(elif.getByText('The room is at')).toContainText('Food on board');
    await expect(elif.getByLabel('Write a line')).toHaveValue('Elif is still writing');
    await elif.getByLabel('Write a line').press('Enter');
    await elif.getByLabel('Write a line').press('Control+Enter');
    await expect(elif.getByRole('heading', { name: 'Food on board' })).toBeVisible();

    // The clocks agree, also after a reload.
    await expect(elif.getByRole('timer')).toBeVisible();
    await second.goto(meeting);
    const seconds = async (where: Page) => {
        const [minutes, rest] = (await where.getByRole('timer').locator('p').first().innerText()).split(':').map(Number);

        return 60 * (minutes ?? 0) + (rest ?? 0);
    };
    await expect
        .poll(async () => {
            const [one, two] = await Promise.all([seconds(elif), seconds(second)]);

            return Math.abs(one - two);
        })
        .toBeLessThanOrEqual(3);

    // Everything has arrived; then it is closed, and the minutes have all of it.
    await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden({ timeout: 60_000 });
    await expect(elif.getByRole('region', { name: 'Not saved yet' })).toBeHidden({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Close the meeting' }).click();
    // It is refused as long as the room does not know that nothing is on its way any more.
    await expect(async () => {
        await page.getByRole('button', { name: 'Close meeting' }).click({ timeout: 5_000 });
        await expect(page.getByText(/Minutes, final since/)).toBeVisible({ timeout: 10_000 });
    }).toPass({ timeout: 90_000 });

    for (const who of ['Noor', 'Elif', 'Second']) {
        for (let line = 0; line < 12; line++) {
            await expect(page.getByText(`${who} line ${String(line)}.`, { exact: true })).toHaveCount(1);
        }
    }

    await expect(page.getByText('half a line', { exact: true })).toHaveCount(1);
    await expect(page.getByText('Elif is still writing', { exact: true })).toHaveCount(1);
    // A page that was still open is taken to the minutes by itself.
    await expect(elif.getByText(/Minutes, final since/)).toBeVisible();
});

test('what arrives when the minutes are final is added with its date', async ({ page, browser, other, address }) => {
    await page.goto('/series/1');
    await open(page);
    await page.getByRole('button', { name: 'Start this item' }).click();
    await expect(page.getByText(/left of 3 min/)).toBeVisible();
    const theirs = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await theirs.newPage();
    await elif.goto(page.url());
    await elif.getByLabel('Write a line').fill('Before the network went.');
    await expect(page.getByText('Before the network went.')).toBeVisible();
    await theirs.setOffline(true);
    await elif.getByLabel('Write a line').press('Enter');
    await elif.keyboard.type('Written in the tunnel.');
    await elif.keyboard.press('Enter');

    await page.getByRole('button', { name: 'Close the meeting' }).click();
    const close = page.getByRole('button', { name: 'Close meeting', exact: true });
    await expect(close).toBeEnabled({ timeout: 60_000 });
    await close.click();
    await expect(page.getByText(/Minutes, final since/)).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText('Written in the tunnel.')).toHaveCount(0);
    await theirs.setOffline(false);
    await expect(elif.getByText(/Minutes, final since/)).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText('Written in the tunnel.')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText(/^Elif Demir, .*on “Opening round”/)).toBeVisible();
});

test('a line becomes a next step where it stands, its owner says yes, and it is followed up', async ({ page, browser, other, address }) => {
    await page.goto('/series/3');
    await open(page);
    await page.getByRole('button', { name: 'Start this item' }).click();
    await page.getByLabel('Write a line').fill('Order the winter chain, to Elif');
    await page.keyboard.press('Enter');
    const line = page.locator('[data-note-line]').filter({ hasText: 'Order the winter chain' });
    await expect(line.getByText('Noor')).toBeVisible();
    await line.focus();
    await page.keyboard.press('Control+.');
    await page.keyboard.press('s');
    await expect(page.getByRole('link', { name: 'Order the winter chain' })).toBeVisible();
    await expect(page.getByText('not confirmed')).toBeVisible();

    const theirs = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await theirs.newPage();
    await elif.goto(page.url());
    await elif.getByRole('region', { name: 'For you to confirm' }).getByRole('button', { name: 'Confirm' }).click();
    await expect(page.getByText('not confirmed')).toBeHidden();
});
