import { expect, test } from './signedIn';

test('what is typed after one was signed out everywhere stays, and is saved once one has signed in again', async ({
    page,
    context,
    browser,
    address,
}) => {
    await page.goto('/tasks/62');
    const comment = page.getByRole('textbox', { name: 'Write a comment' });
    await comment.fill('The crane comes on Thursday.');

    const elsewhere = await browser.newContext({ storageState: await context.storageState(), baseURL: address });
    const account = await elsewhere.newPage();
    await account.goto('/account');
    await account.getByRole('button', { name: 'Sign out everywhere' }).click();
    await account.getByLabel('E-mail address').waitFor();
    await elsewhere.close();

    await page.getByRole('button', { name: 'Post' }).click();
    const notice = page.getByRole('alert').filter({ hasText: 'You have been signed out.' });
    await expect(notice).toContainText('What you wrote is kept here');
    const kept = page.getByRole('region', { name: 'Not saved yet' });
    await expect(kept).toContainText('The crane comes on Thursday.');

    await notice.getByRole('button', { name: 'Sign in' }).click();
    await page.getByLabel('E-mail address').fill('noor@saltglass.example');
    await page.getByLabel('Password').fill('saltglass-demo');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page).toHaveURL(/tasks\/62/);
    await expect(kept).toBeHidden();
    await expect(comment).toHaveValue('');
    await expect(page.getByText('The crane comes on Thursday.')).toHaveCount(1);
});

test('what is typed on something that is gone by then can be copied', async ({ page, browser, other, address }) => {
    await page.goto('/projects/3');
    await page.getByLabel('Add a task', { exact: true }).fill('Grease the winch');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status').filter({ hasText: 'Added “Grease the winch”' })).toBeVisible();
    await page.goto('/lists/not_scheduled');
    const made = page.getByRole('link', { name: 'Grease the winch' });
    await made.waitFor();

    const theirs = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await theirs.newPage();
    await elif.goto((await made.getAttribute('href')) ?? '');
    const comment = elif.getByRole('textbox', { name: 'Write a comment' });
    await comment.fill('With the thick grease.');
    const isGone = elif.waitForResponse((response) => response.status() === 404);
    await page.keyboard.press('Control+z');
    await expect(made).toBeHidden();

    // Asked for anew in the background, the page stays: somebody writes there.
    await isGone;
    await expect(comment).toHaveValue('With the thick grease.');
    await elif.getByRole('button', { name: 'Post' }).click();
    const kept = elif.getByRole('region', { name: 'Not saved yet' });
    await expect(kept).toContainText('This no longer exists');
    await expect(kept).toContainText('With the thick grease.');
    await elif.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Week' }).click();
    await expect(elif).toHaveURL(/weeks/);
    await expect(kept.getByRole('button', { name: 'Copy' })).toBeVisible();
    await kept.getByRole('button', { name: 'Discard' }).click();
    await expect(kept).toBeHidden();
    await theirs.close();
});
