import { choose, expect, test } from './signedIn';

/** Closing a week and a quarter from what is there, by keyboard where it matters. */
test('what is left over is decided by one key each and becomes the next week', async ({ page }) => {
    await page.goto('/week');
    await page.getByRole('link', { name: /^(Review this week|Open review)$/ }).click();
    await expect(page.getByRole('heading', { name: 'What you wanted to do differently' })).toBeVisible();

    const judged = page.getByRole('group', { name: /What became of/ }).first();
    await judged.getByRole('button', { name: 'still trying' }).click();
    await expect(judged.getByRole('button', { name: 'still trying' })).toHaveAttribute('aria-pressed', 'true');

    await page.keyboard.press('Control+Enter');
    const current = page.getByRole('article', { name: 'To sort' });
    const title = current.getByRole('link');
    const ahead = page
        .getByRole('region')
        .filter({ hasText: 'as you plan it here' })
        .or(page.locator('section', { hasText: 'as you plan it here' }));

    for (const [key, place] of [
        ['3', /Wed/],
        ['w', /no day yet/],
    ] as const) {
        const words = await title.innerText();
        await page.keyboard.press(key);
        await expect(title).not.toHaveText(words);
        await expect(ahead.last().getByRole('listitem').filter({ hasText: place })).toContainText(words);
    }

    const shelved = await title.innerText();
    await page.keyboard.press('s');
    await expect(title).not.toHaveText(shelved);
    // Taken back, it asks again.
    await page.keyboard.press('Control+z');
    await expect(title).toHaveText(shelved);
    await page.keyboard.press('ArrowDown');
    await expect(title).not.toHaveText(shelved);
    await page.keyboard.press('Control+Enter');
    await expect(page.getByText(/The facts are kept as they were then/)).toBeVisible();
});

test('an answer is kept for the month, and is there when the month is reviewed', async ({ page }) => {
    await page.goto('/reviews/2026-W46');
    await page.getByRole('button', { name: 'Reopen' }).click();
    const words = 'Nobody waits for a berth that has a name on it.';
    const kept = page.waitForResponse((response) => response.url().includes('/answers') && response.request().method() === 'PUT');
    await page.getByRole('textbox', { name: 'What surprised me?' }).fill(words);
    await kept;
    const question = page.getByRole('listitem').filter({ hasText: 'What surprised me?' });
    const mark = question.getByRole('button', { name: /^Ke(ep|pt) for November$/ });

    if ((await mark.getAttribute('aria-pressed')) !== 'true') {
        await mark.click();
    }

    await expect(mark).toHaveAttribute('aria-pressed', 'true');
    await page.goto('/reviews/2026-11');
    const line = page.getByRole('listitem').filter({ hasText: words, has: page.getByRole('link', { name: 'w46' }) });
    await expect(line).toBeVisible();
    await line.getByRole('button', { name: /Keep for the quarter/ }).click();
    await expect(line.getByRole('button', { name: /Kept for the quarter/ })).toBeVisible();
    await line.getByRole('link', { name: 'w46' }).click();
    await expect(page).toHaveURL(/2026-W46/);
    await page.goto('/reviews');
    await page.getByLabel('Search your answers').fill('BERTH that has');
    await page.keyboard.press('Enter');
    await expect(page.getByText(words)).toBeVisible();
});

test('what is started in the next quarter becomes a task by one press, once', async ({ page }) => {
    await page.goto('/reviews/2027-Q3');
    const kept = page.waitForResponse((response) => response.url().includes('/answers') && response.request().method() === 'PUT');
    await page.getByRole('textbox', { name: 'What do we start?' }).fill('Ask for the deposit with the offer');
    await kept;
    await page.reload();
    const line = page.getByRole('listitem').filter({ hasText: 'Ask for the deposit with the offer' }).last();
    await line.getByRole('button', { name: 'a task' }).click();
    await expect(line.getByRole('link', { name: 'a task' })).toBeVisible();
    await line.getByRole('link', { name: 'a task' }).click();
    await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Ask for the deposit with the offer');
});

test('an owner says how a goal stands where the team looks', async ({ page }) => {
    await page.goto('/reviews/team');
    const line = page
        .getByRole('listitem')
        .filter({ has: page.getByRole('button', { name: 'Update estimate' }) })
        .first();
    await line.getByRole('button', { name: 'Update estimate' }).click();
    await page.getByLabel('Chance in per cent').fill('65');
    await page.getByLabel('Why').fill('Two crews are at sea.');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Two crews are at sea.')).toBeVisible();
});

test('an answer about a goal comes back where that goal is closed, and what is worth telling is offered to a report', async ({ page }) => {
    await page.goto('/reviews/2026-W45');
    await page.getByRole('button', { name: 'Reopen' }).click();
    const words = 'Kirkwall waited for a stamp, not for us.';
    const kept = page.waitForResponse((response) => response.url().includes('/answers') && response.request().method() === 'PUT');
    await page.getByRole('textbox', { name: 'What surprised me?' }).fill(words);
    await kept;
    const more = page.getByRole('button', { name: 'More for your answer to “What surprised me?”' });
    await more.click();
    await page.getByRole('menuitem', { name: 'Worth telling' }).click();
    await expect(page.getByText('worth telling', { exact: true })).toBeVisible();
    await more.click();
    await page.getByRole('menuitem', { name: 'About a goal' }).click();
    await choose(page.getByRole('dialog').getByLabel('Goal'), '28 harbours fitted');
    await expect(page.getByText('about 28 harbours fitted, worth telling')).toBeVisible();

    await page.goto('/closing/2027-Q3');
    await expect(page.getByRole('listitem').filter({ hasText: words })).toContainText('28 harbours fitted, What surprised me?');
    await page.goto('/worth-telling?person=1');
    await expect(page.getByRole('link', { name: words })).toBeVisible();
});
