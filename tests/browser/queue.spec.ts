import type { Page } from '@playwright/test';
import { isSaved, lineIs, type Trouble } from './line';
import { expect, test } from './signedIn';

async function open(page: Page, address: string): Promise<void> {
    await page.goto(address);
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
}

/** One after the other, without looking. */
async function press(page: Page, ...keys: string[]): Promise<void> {
    for (const key of keys) {
        await page.keyboard.press(key);
    }
}

const LINES: [string, (nth: number) => Trouble][] = [
    ['held back a tenth of a second', () => ({ after: 100 })],
    ['held back a second', () => ({ after: 1000 })],
    ['held back five seconds', () => ({ after: 5000 })],
    ['the first one lost after it was done', (nth) => (nth === 0 ? 'lost' : { after: 100 })],
    ['a page that was open for too long at first', (nth) => (nth === 0 ? 419 : { after: 100 })],
    ['a server that is being updated at first', (nth) => (nth === 0 ? 503 : { after: 100 })],
    ['no way there at first', (nth) => (nth === 0 ? 'no way there' : { after: 100 })],
];

for (const [name, trouble] of LINES) {
    test(`three thoughts in a row are three things in the tray, ${name}`, async ({ page }) => {
        test.setTimeout(120_000);
        await open(page, '/projects');
        await lineIs(page, trouble);

        for (const words of ['dd one', 'ee two', 'ff three']) {
            await press(page, 'n');
            await page.keyboard.type(words);
            await press(page, 'Enter');
        }

        await expect(page.getByLabel('What is on your mind')).toBeHidden();
        await isSaved(page);
        await open(page, '/tray');

        for (const words of ['dd one', 'ee two', 'ff three']) {
            await expect(page.locator('#content').getByText(words, { exact: true })).toHaveCount(1);
        }
    });

    test(`things of the tray are sorted by keys without waiting, each as it was told, ${name}`, async ({ page }) => {
        test.setTimeout(120_000);
        await open(page, '/tray');
        const first = (await page.getByRole('heading', { level: 1 }).textContent()) ?? '';
        const left = page
            .locator('section')
            .filter({ has: page.getByRole('heading', { name: 'Still to sort' }) })
            .getByRole('listitem');
        const second = (await left.first().getByRole('button').textContent()) ?? '';
        const before = await left.count();
        await lineIs(page, trouble);
        await press(page, 'w', 'Control+Enter', 'k', 'Control+Enter');
        await expect(left).toHaveCount(before - 2);
        await isSaved(page);
        await page.reload();
        await expect(left).toHaveCount(before - 2);
        await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(first);
        await expect(page.locator('#content').getByText(second, { exact: true })).toHaveCount(0);
    });

    test(`what is ticked, and then left for another page, is ticked, ${name}`, async ({ page }) => {
        test.setTimeout(120_000);
        await open(page, '/projects/3');
        const line = page
            .locator('[data-task-line]')
            .filter({ has: page.locator('[aria-checked="false"]') })
            .first();
        const tick = page.locator(`[data-task="${String(await line.getAttribute('data-task'))}"] [role="checkbox"]`).first();
        await lineIs(page, trouble);
        await tick.click();
        await expect(tick).toHaveAttribute('aria-checked', 'true');
        await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Week', exact: true }).click();
        await expect(page).toHaveURL(/\/weeks\//);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await isSaved(page);
        // Its answer was laid over no other page.
        await expect(page).toHaveURL(/\/weeks\//);
        await open(page, '/projects/3');
        await expect(tick).toHaveAttribute('aria-checked', 'true');
    });
}

test('an outcome that was pressed before a link is kept', async ({ page }) => {
    await open(page, '/meetings');
    await page.getByRole('paragraph').filter({ hasText: 'Who sails this winter' }).getByRole('link', { name: 'Join now' }).click();
    await expect(page).toHaveURL(/\/meetings\/\d+/);
    const meeting = page.url();
    await lineIs(page, () => ({ after: 1500 }));
    const issue = page.locator('aside').getByRole('button', { name: /Food on board/ });
    await issue.click();
    await page.getByRole('button', { name: 'Answered', exact: true }).click();
    // At once, before the server knows.
    await expect(page.getByRole('button', { name: 'Reopen item' })).toBeVisible();
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Week', exact: true }).click();
    await expect(page).toHaveURL(/\/weeks\//);
    await isSaved(page);
    await page.goto(meeting);
    await issue.click();
    await expect(page.getByRole('button', { name: 'Reopen item' })).toBeVisible();
});

test('tasks are planned one by one without waiting, each by its key', async ({ page }) => {
    await open(page, '/week');
    await lineIs(page, () => ({ after: 1000 }));
    const queue = page.locator('section').filter({ has: page.getByRole('heading', { name: 'To plan' }) });
    const title = () => queue.getByRole('link').first().textContent();
    await press(page, 'o');
    const seen = [await title()];

    for (let at = 0; at < 3; at++) {
        // What was carried over often asks: its answers are digits.
        await press(page, (await queue.locator('[data-asks]').count()) > 0 ? '1' : 'k');
        seen.push(await title());
    }

    expect(new Set(seen).size).toBe(4);
    await isSaved(page);
    await page.reload();

    for (const planned of seen.slice(0, 3)) {
        await expect(queue.getByRole('link', { name: planned ?? '', exact: true })).toHaveCount(0);
    }
});

test('a key acts on all that are selected', async ({ page }) => {
    await open(page, '/lists/not_scheduled');
    const lines = page.locator('main [data-task-line]');
    const titles = await lines.locator('a[href^="/tasks/"]').evaluateAll((all) => all.slice(0, 3).map((link) => link.textContent));
    await lines.first().getByRole('link').first().focus();
    await press(page, 'v', 'Shift+ArrowDown', 'Shift+ArrowDown');
    await expect(page.getByText('3 selected')).toBeVisible();
    await press(page, 'k');
    await expect(page.getByRole('toolbar', { name: 'Selected tasks' })).toBeHidden();
    await isSaved(page);
    await page.reload();

    for (const title of titles) {
        await expect(page.getByRole('link', { name: title, exact: true })).toHaveCount(0);
    }

    await press(page, 'Control+z');
    await expect(page.getByRole('link', { name: titles[0] ?? '', exact: true })).toBeVisible();
});

test('a thing of the tray is split by the keys of the dialog in which it is split', async ({ page }) => {
    await open(page, '/tray');
    await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
    await press(page, 'c');
    await page.getByRole('dialog').getByLabel('Items').fill('gg one\ngg two\ngg three');
    await press(page, 'Control+Enter');
    await expect(page.getByRole('dialog')).toBeHidden();

    for (const words of ['gg one', 'gg two', 'gg three']) {
        await expect(page.locator('#content').getByText(words, { exact: true })).toHaveCount(1);
    }
});

test('a click into a line of notes is for writing, and a letter is a letter', async ({ page }) => {
    await open(page, '/meetings');
    await page.getByRole('paragraph').filter({ hasText: 'Who sails this winter' }).getByRole('link', { name: 'Join now' }).click();
    await page.getByLabel('Write a line').fill('Two boats, and we');
    await press(page, 'Enter');
    const line = page.locator('[data-note-line]').filter({ hasText: 'Two boats, and we' });
    await line.locator('span').first().click();
    await page.getByLabel('Edit the line').press('End');
    await page.keyboard.type(' decide f n');
    await press(page, 'Enter');
    await expect(line).toContainText('Two boats, and we decide f n');
    await isSaved(page);
    await expect(line.getByText('decision', { exact: true })).toHaveCount(0);
    // Called, it is a key.
    await line.focus();
    await press(page, 'Control+.', 'd');
    await expect(line.getByText('decision', { exact: true })).toBeVisible();
    await expect(page).toHaveURL(/\/meetings\//);
});
