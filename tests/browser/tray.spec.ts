import { expect, test } from './signedIn';

test('several things of the tray are sorted at once, and come back by undo', async ({ page }) => {
    await page.goto('/tray');
    const left = page.getByRole('heading', { name: 'Still to sort' }).locator('..');
    const count = async () => Number(/\d+/.exec((await left.textContent()) ?? '')?.[0]);
    await left.waitFor();
    const before = await count();
    await page.getByRole('checkbox', { name: /Select Thank the harbour master/ }).click();
    await page.getByRole('checkbox', { name: /Select Divers’ insurance/ }).click();
    await page.getByRole('toolbar', { name: 'Selected things' }).getByRole('button', { name: 'next week' }).click();
    await expect(page.getByText('2 things: next week')).toBeVisible();
    await expect(page.getByRole('checkbox', { name: /Select Divers’ insurance/ })).toBeHidden();
    expect(await count()).toBe(before - 2);
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('checkbox', { name: /Select Divers’ insurance/ })).toBeVisible();
});

test('a thing of the tray is raised in a meeting', async ({ page }) => {
    await page.goto('/tray');
    await page.getByRole('button', { name: /^raise at the Quay hour/ }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^raise at the Quay hour/);
    await page.getByLabel('Raise it in a meeting').click();
    await page.getByRole('option', { name: 'Quay hour', exact: true }).click();
    await expect(page.getByText(/^Issue: raise at the Quay hour/)).toBeVisible();
    await page.goto('/meetings');
    await page.getByRole('link', { name: 'Quay hour' }).first().click();
    await expect(page.getByText(/who holds the second key of the fuel shed/)).toBeVisible();
});

test('what lies on the shelf is put off further, brought back and deleted', async ({ page }) => {
    await page.goto('/shelf');
    const rows = page.locator('[data-line]').filter({ has: page.getByRole('button', { name: 'Change date' }) });
    await expect(rows.nth(1)).toBeVisible();
    const before = await rows.count();
    await rows.first().getByRole('button', { name: 'Change date' }).click();
    await page.getByRole('dialog').getByLabel('Return date', { exact: true }).fill('1 Mar 2027');
    await page.keyboard.press('Tab');
    await page.getByRole('dialog').getByRole('button', { name: 'Shelve' }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
    await expect(rows.filter({ hasText: 'returns Mon 1 Mar 2027' }).first()).toBeVisible();
    await rows
        .first()
        .getByRole('button', { name: /^(Restore|Move to tray|Plan again)$/ })
        .click();
    await expect(rows).toHaveCount(before - 1);
    await rows
        .first()
        .getByRole('button', { name: /^Delete/ })
        .click();
    await expect(rows).toHaveCount(before - 2);
});
