import { choose, expect, test } from './signedIn';

/** What a new user does first, from the year down to a ticked task and back up again. */
test('two ticked tasks of three rise to the year', async ({ page }) => {
    await page.goto('/year');
    await page.getByRole('link', { name: 'New goal' }).click();
    await page.getByLabel('What should be true by the end?').fill('A second harbour office');
    await page.getByRole('button', { name: 'Add goal' }).click();
    await expect(page.getByRole('heading', { name: 'A second harbour office' })).toBeVisible();

    await page.getByRole('link', { name: 'Add a goal below' }).click();
    await page.getByLabel('What should be true by the end?').fill('Lease signed in Esbjerg');
    await expect(page.getByLabel('Contributes to')).toHaveText('A second harbour office');
    await page.getByRole('button', { name: 'Add goal' }).click();
    await expect(page.getByRole('heading', { name: 'Lease signed in Esbjerg' })).toBeVisible();

    await page.getByRole('link', { name: 'Add a project' }).click();
    await page.getByLabel('Name').fill('Find an office');
    await page.getByRole('button', { name: 'Add project' }).click();
    await expect(page.getByRole('heading', { name: 'Find an office' })).toBeVisible();

    for (const title of ['Ask the harbour master', 'See three rooms', 'Read the lease']) {
        await page.getByLabel('Add a task', { exact: true }).fill(title);
        await page.keyboard.press('Enter');
        await expect(page.getByRole('link', { name: title })).toBeVisible();
    }

    await page.getByRole('checkbox', { name: 'Done: Ask the harbour master' }).click();
    await page.getByRole('checkbox', { name: 'Done: See three rooms' }).click();
    await expect(page.getByText('2 of 3 tasks, 67%')).toBeVisible();

    await page.getByRole('link', { name: 'Lease signed in Esbjerg' }).click();
    await expect(page.getByText('67% of the weighted work')).toBeVisible();
    await page.getByRole('navigation', { name: 'Thread' }).getByRole('link', { name: 'A second harbour office' }).click();
    await expect(page.getByText('67% of the weighted work')).toBeVisible();
    await expect(page.getByRole('row', { name: /Lease signed in Esbjerg.*67%/ })).toBeVisible();
});

test('a refused goal keeps what was typed', async ({ page }) => {
    await page.goto('/goals/new');
    await page.getByLabel('What should be true by the end?').fill('Same as before');
    await choose(page.getByLabel('Measured by'), 'A number going up or down');
    await page.getByLabel('From', { exact: true }).fill('5');
    await page.getByLabel('To', { exact: true }).fill('5');
    await page.getByRole('button', { name: 'Add goal' }).click();

    await expect(page.getByText('Target must differ from start.')).toBeVisible();
    await expect(page.getByLabel('What should be true by the end?')).toHaveValue('Same as before');
    await expect(page.getByLabel('To', { exact: true })).toHaveValue('5');
});

test('a Monday meeting from its agenda to its minutes', async ({ page }) => {
    await page.goto('/series/1');
    await page.getByLabel('What needs discussing?').fill('Ice on the outer pier');
    await choose(page.getByLabel('Cost of waiting'), 'gets worse each week');
    await page.getByLabel('Min', { exact: true }).fill('4');
    await choose(page.getByLabel('Project', { exact: true }), 'Moorings Orkney');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText('Ice on the outer pier', { exact: true })).toBeVisible();

    await page.getByRole('button', { name: 'Start the meeting' }).click();
    await page.getByRole('button', { name: 'Start this item' }).click();
    // It opens with a round, then comes what waiting makes dearest.
    await expect(page.getByText(/left of 3 min/)).toBeVisible();
    await page.keyboard.press('Control+Enter');
    await expect(page.getByRole('heading', { name: 'Berth 7 access in winter' })).toBeVisible();

    await page.getByRole('button', { name: /Ice on the outer pier/ }).click();
    await page.getByRole('button', { name: 'Start this item' }).click();
    await page.getByLabel('Write a line').fill('Salt is in the shed.');
    await page.keyboard.press('Enter');
    await page.getByPlaceholder('What was decided?').fill('We salt it on Fridays.');
    await page.getByLabel('Reason').fill('Kwame slipped.');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText('We salt it on Fridays.', { exact: true })).toBeVisible();

    // Without a name it asks, and is nobody's until it is answered.
    await page.getByPlaceholder('What, who, by when?').fill('Buy a spreader');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Who does it? Add “to” and a name, or choose one.')).toBeVisible();
    await choose(page.getByLabel('Who does it?', { exact: true }), 'Noor Aksoy');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByRole('link', { name: 'Buy a spreader' })).toBeVisible();

    await page.getByRole('button', { name: 'Close the meeting' }).click();
    await page.getByRole('button', { name: 'Close meeting' }).click();
    await expect(page.getByText(/Minutes, final since/)).toBeVisible();
    await expect(page.getByText('Salt is in the shed.')).toBeVisible();
    await expect(page.getByText('We salt it on Fridays.').first()).toBeVisible();

    await page.getByRole('link', { name: 'Buy a spreader' }).first().click();
    await expect(page.getByRole('link', { name: 'Moorings Orkney' })).toBeVisible();
    await expect(page.getByRole('link', { name: /from Quay hour/ })).toBeVisible();
});

test('a week is reviewed and can be read afterwards', async ({ page }) => {
    await page.goto('/week');
    await page.getByRole('link', { name: 'Review this week' }).click();
    await expect(page.getByRole('heading', { name: 'Where the work went' })).toBeVisible();
    const kept = page.waitForResponse((response) => response.url().includes('/answers'));
    await page.getByRole('textbox', { name: 'What surprised me?' }).fill('How quick the crew was.');
    await kept;
    await page.getByRole('button', { name: 'Sort open tasks' }).click();
    await expect(page.getByRole('heading', { name: 'Open tasks to sort' })).toBeVisible();
    await page.getByRole('button', { name: 'shelve' }).first().click();
    await page.getByRole('button', { name: 'Finish review' }).click();
    await expect(page.getByText(/The facts are kept as they were then/)).toBeVisible();
    await page.reload();
    await expect(page.getByText('How quick the crew was.')).toBeVisible();
    await page.goto('/week');
    await expect(page.getByRole('link', { name: 'Open review' })).toBeVisible();
});
