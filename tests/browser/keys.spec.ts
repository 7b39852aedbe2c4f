import type { Page } from '@playwright/test';
import { expect, test } from './signedIn';

/** Goes to a screen and waits until it hears keys. */
async function open(page: Page, address: string): Promise<void> {
    await page.goto(address);
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
}

test('a thought is jotted from anywhere and sorted from the tray', async ({ page }) => {
    await open(page, '/projects');
    await page.keyboard.press('n');
    await page.getByLabel('What is on your mind').fill('Ask about the lee side');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Added to the tray')).toBeVisible();

    await page.getByRole('link', { name: /^Tray/ }).click();
    await page.getByRole('button', { name: 'Ask about the lee side' }).click();
    await expect(page.getByRole('heading', { name: 'Ask about the lee side' })).toBeFocused();
    await page.keyboard.press('w');
    await page.keyboard.press('Control+Enter');
    await expect(page.getByText(/Made a task of/)).toBeVisible();
    await open(page, '/week');
    await expect(page.getByRole('link', { name: 'Ask about the lee side' }).first()).toBeVisible();
});

test('what is understood of a jot is in sight, refused by a key, and sorted by keys alone', async ({ page }) => {
    await open(page, '/projects');
    await page.keyboard.press('n');
    const words = page.getByLabel('What is on your mind');
    await words.fill('ring the ferry office by Friday, 30 min, for Moorings Ork');
    const understood = page.getByRole('dialog').getByRole('list', { name: 'Understood' }).getByRole('listitem');
    await expect(understood).toHaveCount(3);
    await expect(understood.first()).toContainText('Fri 27 Nov');
    await words.press('Alt+2');
    await expect(understood).toHaveCount(2);
    await words.press('Enter');
    await expect(page.getByText('Added to the tray')).toBeVisible();

    await open(page, '/tray');
    await page.getByRole('button', { name: 'ring the ferry office' }).click();
    // As it was typed, with what of it is the title.
    await expect(page.getByRole('heading', { name: 'ring the ferry office by Friday, 30 min, for Moorings Ork' })).toBeFocused();
    await expect(page.getByLabel('Title')).toHaveValue('ring the ferry office, 30 min');
    await page.keyboard.press('4');
    await expect(page.getByRole('button', { name: /Thu 26 Nov/ })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Control+Enter');
    await expect(page.getByText('Made a task of “ring the ferry office, 30 min”')).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(
        page
            .getByRole('button', { name: 'ring the ferry office by Friday' })
            .or(page.getByRole('heading', { name: 'ring the ferry office by' })),
    ).toBeVisible();
});

test('a line for a task is read as plain English wherever one writes', async ({ page }) => {
    await open(page, '/week');
    const line = page.getByLabel('Add to this week');
    await line.fill('oil the winch tomorrow at 14:30, 45 min, for moorings orkney');
    await expect(page.getByRole('list', { name: 'Understood' }).getByRole('listitem')).toHaveCount(4);
    await line.press('Enter');
    await expect(line).toHaveValue('');
    await page.getByRole('link', { name: 'oil the winch' }).click();
    await expect(page.getByRole('link', { name: 'Moorings Orkney' })).toBeVisible();
    await expect(page.getByLabel('At', { exact: true })).toHaveValue('14:30');
    await expect(page.getByLabel('Estimate')).toHaveValue('45 min');
});

test('tasks are planned one after the other by a key each, and two-part keys plan nothing', async ({ page }) => {
    await open(page, '/lists/not_scheduled');
    const links = page.locator('main [data-task-line] a[href^="/tasks/"]');
    const [first, second, third] = await links.evaluateAll((all) => all.slice(0, 3).map((link) => link.textContent));
    await links.first().focus();
    await page.keyboard.press('k');
    await expect(page.getByText(`Planned “${String(first)}”`)).toBeVisible();
    await expect(page.getByRole('link', { name: second ?? '', exact: true })).toBeFocused();
    await page.keyboard.press('4');
    await expect(page.getByText(`Planned “${String(second)}”`)).toBeVisible();
    await expect(page.getByRole('link', { name: third ?? '', exact: true })).toBeFocused();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/^Undid: planned/)).toBeVisible();

    await page.getByRole('link', { name: third ?? '', exact: true }).focus();
    await page.keyboard.press('g');
    await page.keyboard.press('w');
    await expect(page).toHaveURL(/\/weeks\//);
    await open(page, '/lists/not_scheduled');
    await expect(page.getByRole('link', { name: third ?? '', exact: true })).toBeVisible();
    await expect(page.getByRole('link', { name: first ?? '', exact: true })).toBeHidden();
});

test('rooms and weeks are reached by keys', async ({ page }) => {
    await open(page, '/');
    await page.keyboard.press('g');
    await page.keyboard.press('g');
    await expect(page).toHaveURL(/\/year$/);
    await page.keyboard.press('g');
    await page.keyboard.press('w');
    await expect(page).toHaveURL(/\/weeks\/\d{4}-W\d{2}$/);
    const here = page.url();
    await page.keyboard.press('[');
    await expect(page).not.toHaveURL(here);
    await page.keyboard.press(']');
    await expect(page).toHaveURL(here);

    await page.keyboard.press('Control+k');
    await page.getByPlaceholder('A page, a week or something new').fill('new project');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'New project' })).toBeVisible();
});

test('the rail is one tab stop with arrows inside', async ({ page }) => {
    await open(page, '/week');
    const week = page.locator('header [aria-current="page"]').first();
    await week.focus();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('Enter');
    await expect(page.getByText(', over')).toBeVisible();
    await expect(page.locator('header a[aria-label^="Week "][tabindex="0"]')).toHaveCount(1);
});

test('a task is ticked with space, at once, and unticked with undo', async ({ page }) => {
    await open(page, '/projects/3');
    const line = page
        .locator('[data-task-line]')
        .filter({ has: page.locator('[aria-checked="false"]') })
        .first();
    const id = (await line.getAttribute('data-task')) ?? '';
    const tick = page.locator(`[data-task="${id}"] [role="checkbox"]`).first();
    await line.getByRole('link').focus();
    await page.keyboard.press('Space');
    await expect(tick).toHaveAttribute('aria-checked', 'true');
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(page.getByText(/Undid: ticked/)).toBeVisible();
    await expect(tick).toHaveAttribute('aria-checked', 'false');
});

test('what else can be done with a task opens with a key', async ({ page }) => {
    await open(page, '/projects/3');
    const line = page.locator('[data-task-line]').first();
    await line.getByRole('link').focus();
    await page.keyboard.press('.');
    await page.getByRole('menuitem', { name: 'Shelve' }).click();
    await expect(page.getByText(/Shelved “/)).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/Undid: shelved/)).toBeVisible();
});

test('the page of keys says what the page hears, and a key can be replaced', async ({ page }) => {
    await open(page, '/year');
    await page.keyboard.press('?');
    const keys = page.getByRole('dialog', { name: 'Keyboard shortcuts' });
    await expect(keys.getByText('Zoom out')).toBeVisible();
    await expect(keys.getByText('Tick the focused task')).toBeHidden();

    await keys.getByRole('button', { name: 'Change the key for Jot' }).click();
    await page.keyboard.press('f');
    await expect(keys.getByRole('alert')).toHaveText('“f” is already used: Next week.');
    await keys.getByRole('button', { name: 'Change the key for Jot' }).click();
    await page.keyboard.press('j');
    await expect(keys.getByText('j', { exact: true })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(keys).toBeHidden();

    await open(page, '/week');
    await page.keyboard.press('n');
    await expect(page.getByLabel('What is on your mind')).toBeHidden();
    await page.keyboard.press('j');
    await expect(page.getByLabel('What is on your mind')).toBeVisible();
});
