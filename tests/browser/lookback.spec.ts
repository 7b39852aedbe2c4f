import { choose, expect, test } from './signedIn';

/** What is told of the work: reports, retrospectives, what is worth telling. */
test('a report is drafted, takes in a finding, is sent, and stays as it went out', async ({ page, browser, other, address }) => {
    await page.goto('/reports');
    await page.getByRole('button', { name: 'Draft a report' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Draft', exact: true }).click();
    const text = page.getByLabel('Text of the report');
    await expect(text).toHaveValue(/## Where the goals stand[\s\S]*\{goal \d+: /);

    const finding = page.getByRole('button', { name: /your finding/ }).first();
    const words = (await finding.locator('span').nth(1).getAttribute('title')) ?? '';
    const saved = page.waitForResponse((response) => response.url().endsWith('/words') && response.request().method() === 'PUT');
    await finding.click();
    const letters = words.replace(/[^\p{L}]+/gu, '');
    await expect.poll(async () => (await text.inputValue()).replace(/[^\p{L}]+/gu, '')).toContain(letters);
    await saved;
    await page.getByRole('radio', { name: 'As it reads' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: /harbours fitted.*\d+%/ })).toBeVisible();

    await page.getByRole('button', { name: 'Send', exact: true }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('checkbox', { name: 'Elif Demir' }).click();
    await dialog.getByRole('button', { name: 'Send', exact: true }).click();
    await expect(page.getByText(/Sent .* to Elif Demir. It stays as it went out./)).toBeVisible();
    await expect(text).toHaveCount(0);

    const context = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await context.newPage();
    await elif.goto(page.url());
    await expect(elif.getByRole('listitem').filter({ hasText: /harbours fitted.*\d+%/ })).toBeVisible();
    await expect(elif.getByRole('button', { name: 'Send', exact: true })).toHaveCount(0);
    await context.close();
});

test('two people write a retrospective, see what was written once it is shown, and lose nothing to it', async ({
    page,
    browser,
    other,
    address,
}) => {
    await page.goto('/retrospectives');
    await page.getByRole('button', { name: 'Start a retrospective' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Retrospective of').fill('The autumn trips');
    await dialog.getByRole('checkbox', { name: 'Elif Demir' }).click();
    await dialog.getByLabel('Questions').fill('What went well?\nWhat did not?');
    await dialog.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'The autumn trips' })).toBeVisible();

    const context = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await context.newPage();
    await elif.goto(page.url());
    await page.getByLabel('What went well?').fill('The crane.\n\n  And the tide.');
    await elif.getByLabel('What went well?').fill('The drawings.');
    await expect(page.getByText(/Noor, Elif wrote something|Elif, Noor wrote something/)).toBeVisible();
    await expect(elif.getByText('And the tide.')).toHaveCount(0);

    // Without a network, and shown by the other meanwhile: what is being written stays, and arrives.
    await context.setOffline(true);
    await elif.getByLabel('What did not?').fill('The papers, half of them.');
    await page.keyboard.press('Control+Enter');
    await expect(page.getByRole('button', { name: /^Finish/ })).toBeVisible();
    await context.setOffline(false);
    await expect(elif.getByText('And the tide.')).toBeVisible();
    await expect(elif.getByLabel('What did not?')).toHaveValue('The papers, half of them.');
    await expect(page.getByText('The papers, half of them.')).toBeVisible();

    await elif.getByLabel('What changes').fill('Papers out on Monday');
    await choose(elif.getByLabel('Owner'), 'Noor Aksoy');
    await elif.getByLabel('By', { exact: true }).fill('in two weeks');
    await elif.getByLabel('Sign that it worked').fill('No berth without a stamp.');
    await elif.getByRole('button', { name: 'Agree on it' }).click();
    await expect(page.getByText(/Noor, by .* Sign: No berth without a stamp./)).toBeVisible();
    await page.getByRole('button', { name: /^Finish/ }).click();
    await expect(page.getByRole('button', { name: 'Reopen' })).toBeVisible();
    await context.close();
});

test('a finished task is marked as worth telling by one key, and decisions are undone as one', async ({ page }) => {
    await page.goto('/done');
    const task = page.locator('[data-task-line]').last();
    const title = await task.getByRole('link').first().innerText();
    await task.getByRole('link').first().focus();
    await page.keyboard.press('t');
    await expect(task).toContainText('worth telling');
    await page.goto('/worth-telling');
    await expect(page.getByRole('link', { name: title })).toBeVisible();

    await page.goto('/thinning-out');
    const current = page.getByRole('article', { name: 'To sort' }).getByRole('link');
    const first = await current.innerText();
    await page.keyboard.press('e');
    await expect(current).not.toHaveText(first);
    const second = await current.innerText();
    await page.keyboard.press('x');
    await expect(current).not.toHaveText(second);
    await page.getByRole('button', { name: 'Undo all 2 decisions' }).click();
    await expect(current).toHaveText(first);
});
