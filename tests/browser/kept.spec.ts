import type { Page } from '@playwright/test';
import { expect, test } from './signedIn';

const elsewhere = async (page: Page) => {
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Week' }).click();
    await expect(page).toHaveURL(/weeks/);
};

test('a task’s words are there again after another page and a reload, until they are saved', async ({ page }) => {
    await page.goto('/tasks/60');
    const notes = page.getByRole('textbox', { name: 'Notes' });
    await notes.fill('The anchor is wet.\n\n  Two chains.');
    await elsewhere(page);
    await page.goto('/tasks/60');
    await expect(notes).toHaveValue('The anchor is wet.\n\n  Two chains.');
    await page.reload();
    await expect(notes).toHaveValue('The anchor is wet.\n\n  Two chains.');

    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('button', { name: 'Save' })).toBeHidden();
    await expect(notes).toHaveValue('The anchor is wet.\n\n  Two chains.');
    await page.reload();
    await expect(notes).toHaveValue('The anchor is wet.\n\n  Two chains.');
});

test('a jot without a network waits in sight and arrives once', async ({ page, context }) => {
    await page.goto('/tray');
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
    await context.setOffline(true);
    await page.keyboard.press('n');
    await page.getByLabel('What is on your mind').fill('Ask the diver about the chain');
    await page.keyboard.press('Enter');
    const waiting = page.getByRole('region', { name: 'Not saved yet' });
    await expect(waiting).toContainText('Ask the diver about the chain');
    await expect(waiting.getByRole('button', { name: 'Copy' })).toBeVisible();

    await context.setOffline(false);
    await expect(waiting).toBeHidden();
    await expect(page.getByRole('button', { name: 'Ask the diver about the chain' })).toHaveCount(1);
});

test('what is typed just before a reload is saved, with its spaces and lines', async ({ page }) => {
    await page.goto('/reviews/2026-W47');
    await page.getByRole('button', { name: 'Reopen' }).click();
    const answer = page.getByRole('textbox', { name: 'What moved, and why?' });
    await answer.fill('The crane came late, \n\nagain ');
    // At once, before it would be saved by itself.
    await page.reload();
    await expect(answer).toHaveValue('The crane came late, \n\nagain ');
    await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden();
    await page.evaluate(() => {
        localStorage.clear();
    });
    await page.reload();
    await expect(answer).toHaveValue('The crane came late, \n\nagain ');
});

test('notes that are written while the network is gone are saved when it is back, wherever one is by then', async ({ page, context }) => {
    await page.goto('/series/2');
    await page.getByRole('button', { name: 'Start the meeting' }).click();
    await page.getByRole('button', { name: 'Start it now' }).click();
    await page.getByRole('button', { name: 'Start this item' }).click();
    await context.setOffline(true);
    await page.getByLabel('Write a line').fill('Two boats, not three.');
    await page.keyboard.press('Enter');
    await page.keyboard.type('half a li');
    const meeting = page.url();
    await context.setOffline(false);
    await page.goto('/week');
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
    await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden();
    await page.evaluate(() => {
        localStorage.clear();
    });
    await page.goto(meeting);
    await expect(page.getByText('Two boats, not three.')).toBeVisible();
    await expect(page.getByText('half a li')).toBeVisible();
});

test('two change a project at once: each keeps their field, and the same field is refused with both in sight', async ({
    page,
    browser,
    other,
    address,
}) => {
    const theirs = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await theirs.newPage();
    const open = async (by: Page) => {
        await by.goto('/projects/3');
        await by.getByRole('button', { name: 'Charter', exact: true }).click();
        await by.getByRole('button', { name: 'Edit charter' }).click();
    };
    await open(page);
    await open(elif);
    const fields = (by: Page) => by.locator('form textarea');
    const before = await fields(page).nth(1).inputValue();

    await fields(elif).nth(0).fill('Because the ice comes early.');
    // The form closes once the server has it.
    const save = async (by: Page) => {
        await by.getByRole('button', { name: 'Save charter' }).click();
        await expect(by.getByRole('button', { name: 'Save charter' })).toBeHidden();
    };
    await save(elif);

    await fields(page).nth(4).fill('Three boats at most.');
    await save(page);
    await expect(page.getByText('Three boats at most.').first()).toBeVisible();
    await expect(page.getByText('Because the ice comes early.').first()).toBeVisible();
    expect(before).not.toBe('');

    // The same field: theirs is in sight beside one's own, and saving again is to decide.
    await open(page);
    await open(elif);
    await fields(page).nth(0).fill('By Noor.');
    await fields(elif).nth(0).fill('By Elif.');
    await save(elif);
    await page.getByRole('button', { name: 'Save charter' }).click();
    await expect(page.getByText('Somebody changed this to “By Elif.” while you were writing.')).toBeVisible();
    await expect(fields(page).nth(0)).toHaveValue('By Noor.');
    await save(page);
    await expect(page.getByText('By Noor.').first()).toBeVisible();
    await theirs.close();
});

test('one goes back step by step, also from another room and after a reload, and forth again', async ({ page }) => {
    await page.goto('/tasks/61');
    const title = page.getByRole('textbox', { name: 'Title' });
    const first = await title.inputValue();

    for (const words of ['One step', 'Two steps']) {
        await title.fill(words);
        await page.getByRole('button', { name: 'Save' }).click();
        await expect(page.getByRole('button', { name: 'Save' })).toBeHidden();
    }

    await elsewhere(page);
    await page.reload();
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
    await page.keyboard.press('Control+z');
    await expect(page.getByText('Undid: changed “One step”')).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(`Undid: changed “${first}”`)).toBeVisible();
    await page.keyboard.press('Control+Shift+z');
    await expect(page.getByText(`Redid: changed “${first}”`)).toBeVisible();
    await page.goto('/tasks/61');
    await expect(title).toHaveValue('One step');
});

test('what somebody else changes comes into an open page, and leaves what one is typing', async ({ page, browser, other, address }) => {
    await page.goto('/tasks/62');
    const notes = page.getByRole('textbox', { name: 'Notes' });
    await notes.fill('Still writing');
    const theirs = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await theirs.newPage();
    await elif.goto('/tasks/62');
    await elif.getByRole('textbox', { name: 'Title' }).fill('Named anew by Elif');
    await elif.getByRole('button', { name: 'Save' }).click();

    await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Named anew by Elif');
    await expect(notes).toHaveValue('Still writing');
    await theirs.close();
});

for (const [isHeard, task] of [
    [true, '/tasks/61'],
    [false, '/tasks/63'],
] as const) {
    test(`what is saved twice within one slow answer is one's own both times, ${isHeard ? 'late' : 'never'} answered`, async ({
        page,
        browser,
        other,
        address,
    }) => {
        await page.goto(task);
        const notes = page.getByLabel('Notes');
        const saveButton = page.getByRole('button', { name: 'Save', exact: true });
        let asked = 0;
        let letGo: () => void = () => undefined;
        const isLetGo = new Promise<void>((resolve) => {
            letGo = resolve;
        });
        await page.route(`**${task}`, async (route) => {
            if (route.request().method() !== 'PUT' || ++asked > 1) {
                await route.continue();

                return;
            }

            // The server does it, and its answer is long on its way.
            const response = await route.fetch({ maxRedirects: 0 });
            await isLetGo;
            await (isHeard ? route.fulfill({ response }) : route.abort()).catch(() => undefined);
        });
        await notes.fill('The first line.');
        await saveButton.click();
        await expect.poll(() => asked).toBe(1);
        await notes.fill('The first line.\nThe second.');
        await saveButton.click();
        await notes.fill('The first line.\nThe second.\nThe third, not saved yet.');
        letGo();

        await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden();
        await expect(page.getByText('Somebody changed this')).toBeHidden();
        await expect(notes).toHaveValue('The first line.\nThe second.\nThe third, not saved yet.');
        // As it is seen in another browser, where nothing of it was typed.
        const theirs = await browser.newContext({ storageState: other, baseURL: address });
        const elif = await theirs.newPage();
        await elif.goto(task);
        await expect(elif.getByLabel('Notes')).toHaveValue('The first line.\nThe second.');
        await theirs.close();
    });
}

test('one form waits for the answer of another, and a refusal finds its own', async ({ page }) => {
    await page.goto('/tasks/61');
    const order: string[] = [];
    let letGo: () => void = () => undefined;
    const isLetGo = new Promise<void>((resolve) => {
        letGo = resolve;
    });
    await page.route(/\/(tasks\/61|comments)$/, async (route) => {
        const method = route.request().method();

        if (method === 'PUT') {
            const response = await route.fetch({ maxRedirects: 0 });
            await isLetGo;
            order.push('saved');
            await route.fulfill({ response });
        } else {
            if (method === 'POST') {
                order.push('comment sent');
            }

            await route.continue();
        }
    });
    await page.getByLabel('Notes').fill('The key hangs behind the door.');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    const comment = page.getByLabel('Write a comment');
    await comment.evaluate((field) => {
        field.removeAttribute('maxlength');
    });
    await comment.fill('x'.repeat(5_001));
    await page.getByRole('button', { name: 'Post', exact: true }).click();
    letGo();

    await expect(page.getByText(/5,?000 (characters|letters)/)).toBeVisible();
    await expect(comment).toHaveValue('x'.repeat(5_001));
    expect(order).toEqual(['saved', 'comment sent']);
});

test('what is sent and never answered before its page is left arrives, once', async ({ page }) => {
    await page.goto('/tray');
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
    let asked = 0;
    await page.route('**/jots', async (route) => {
        asked++;

        // The first answer is so slow that nobody waits for it: it is done, and the browser never hears of it.
        if (asked === 1) {
            await route.fetch();
        } else {
            await route.continue();
        }
    });
    await page.keyboard.press('n');
    await page.getByLabel('What is on your mind').fill('Count the shackles twice');
    await page.keyboard.press('Enter');
    await expect.poll(() => asked).toBe(1);
    await page.keyboard.press('Escape');
    await elsewhere(page);
    await page.reload();
    await expect.poll(() => asked).toBeGreaterThan(1);
    await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden();
    await page.goto('/tray');
    await expect(page.getByRole('button', { name: 'Count the shackles twice' })).toHaveCount(1);
});
