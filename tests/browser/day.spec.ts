import { expect, test, TODAY } from './signedIn';

test('a focus session goes on through a reload and another page, and ends with what blocked it', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.keyboard.press('i');
    await page.getByLabel('Intent').fill('Read the tide table');
    await page.getByLabel('Min', { exact: true }).fill('25');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.getByRole('timer')).toHaveText(/^2[45]:\d\d$/);

    await page.reload();
    await expect(page.getByRole('timer')).toHaveText(/^2[45]:\d\d$/);
    await page.goto('/log');
    await page.goto('/');
    await page.getByRole('timer').waitFor();
    await page.keyboard.press('3');
    await page.getByLabel('What blocked it?').fill('The table is of last year.');
    await page.keyboard.press('Enter');

    await expect(page.getByRole('timer')).toBeHidden();
    await expect(page.getByText('Blocked by: The table is of last year.')).toBeVisible();
});

test('lines of the log are kept while the network is gone, and stand once when it is back', async ({ page, context }) => {
    await page.goto('/');
    const line = page.getByLabel('Write a line');
    await line.fill('Finding: written in a tunnel');
    await context.setOffline(true);
    await page.keyboard.press('Enter');
    await expect(line).toHaveValue('');
    await context.setOffline(false);
    await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden({ timeout: 40_000 });
    await page.reload();
    await expect(page.getByText('written in a tunnel')).toHaveCount(1);

    await page.goto('/log?tag=finding&words=tunnel');
    await expect(page.getByText('written in a tunnel')).toHaveCount(1);
});

test('an answer of the evening that is half written survives a reload', async ({ page, context }) => {
    await page.goto('/days/2026-11-20');
    const answer = page.getByRole('textbox', { name: 'What did I learn?' });
    await answer.waitFor();
    await context.setOffline(true);
    await answer.fill('Half a sentence');
    await context.setOffline(false);
    await page.reload();
    await expect(answer).toHaveValue('Half a sentence');
    await page.goto('/log');
    await expect(page.getByText('Half a sentence')).toBeVisible({ timeout: 20_000 });
});

test('a habit is ticked, and what was missed is filled in on its day', async ({ page }) => {
    await page.goto('/');
    const habit = page.getByRole('checkbox', { name: 'Walk once round the quay, done' });
    await habit.click();
    await expect(habit).toBeChecked();
    await page.getByRole('link', { name: 'The day before' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tuesday 24 November');
    const before = await habit.isChecked();
    await habit.click();
    await expect(habit).toBeChecked({ checked: !before });
});

test('everything without a day is planned by one key each, and comes back by undo', async ({ page }) => {
    await page.goto('/week');
    await page.getByRole('heading', { name: 'To plan' }).waitFor();
    const left = async () => Number(/\d+/.exec((await page.getByText(/\d+ tasks? without a day/).textContent()) ?? '')?.[0]);
    const count = await left();
    await page.keyboard.press('o');
    const question = page.locator('[data-asks]');

    // What was carried over too often asks first.
    while (await question.isVisible()) {
        const task = await page.locator('[data-asks]').evaluate((element) => element.previousElementSibling?.textContent ?? '');
        await page.keyboard.press('4');
        await expect(page.getByText(task)).toBeHidden();
    }

    const free = page.getByRole('button', { name: /^5 Fri 27 Nov/ });
    const before = await free.textContent();
    await page.keyboard.press('5');
    await expect(free).not.toHaveText(before ?? '');
    const planned = await left();
    expect(planned).toBeLessThan(count);
    await page.keyboard.press('Control+z');
    await expect(page.getByText(new RegExp(`^${String(planned + 1)} tasks? without a day`))).toBeVisible();

    // Those that are left where they are are not asked again.
    for (let rest = planned + 1; rest > 0; rest--) {
        await page.getByRole('button', { name: 'Leave it' }).click();
    }

    await expect(page.getByText(/no day and stays? in the week\./)).toBeVisible();
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Plan one by one' })).toBeVisible();
});

test('the questions of the evening come in the evening', async ({ page }) => {
    await page.goto(`/days/${TODAY}`);
    await expect(page.getByRole('heading', { name: 'This evening' })).toBeHidden();
    await expect(page.getByText('From 16:00, 2 min')).toBeVisible();
});
