import type { Locator, Page } from '@playwright/test';
import { choose, expect, test } from './signedIn';

/** Goes on or back with the Tab key until the element has the focus. */
async function reach(page: Page, target: Locator): Promise<void> {
    await target.waitFor();

    for (let presses = 0; presses < 200; presses++) {
        const way = await target.evaluate((element) => {
            const focused = document.activeElement ?? document.body;
            const isBefore = (focused.compareDocumentPosition(element) & Node.DOCUMENT_POSITION_PRECEDING) !== 0;

            return focused === element ? null : isBefore ? 'Shift+Tab' : 'Tab';
        });

        if (way === null) {
            return;
        }

        await page.keyboard.press(way);
    }

    throw new Error(`Not reached with the Tab key: ${target.toString()}`);
}

async function press(page: Page, target: Locator, key = 'Enter'): Promise<void> {
    await reach(page, target);
    await page.keyboard.press(key);
}

async function write(page: Page, target: Locator, words: string): Promise<void> {
    await reach(page, target);
    await page.keyboard.type(words);
    await page.keyboard.press('Enter');
    await expect(target).toHaveValue('');
}

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('a year planned from nothing, by keyboard alone', async ({ page }) => {
    await page.goto('/');
    const next = page.getByRole('link', { name: /^The year after, / });
    const year = ((await next.getAttribute('aria-label')) ?? '').slice(-4);
    const words = `${String(Number(year) - 1)}/${year.slice(2)}`;
    await press(page, next);
    await expect(page.getByText(`There are no goals for ${words} yet.`)).toBeVisible();

    await press(page, page.getByRole('link', { name: `Plan ${words}` }));
    await press(page, button(page, 'Next: Direction'));
    await press(page, button(page, `Add the motto of ${words}`));
    await page.keyboard.type('Fewer things, finished');
    await press(page, button(page, 'Save'));
    await expect(page.getByText('Fewer things, finished')).toBeVisible();

    await press(page, button(page, 'Next: Goals'));
    await write(page, page.getByLabel('A goal of the year'), 'Eighty harbours');
    await write(page, page.getByLabel('A goal of the year'), 'A profit in winter');
    const placed = page.getByRole('group', { name: 'Quarters in which Eighty harbours is worked on' });
    await press(page, placed.getByRole('button', { name: 'Q1' }), 'Space');
    await expect(placed.getByRole('button', { name: 'Q1' })).toHaveAttribute('aria-pressed', 'true');

    await press(page, button(page, 'Next: Order'));
    await press(page, page.getByLabel('main goal: Eighty harbours'), 'Space');
    await expect(page.getByLabel('main goal: Eighty harbours')).toBeChecked();
    await press(page, button(page, 'Next: Efforts'));
    await write(page, page.getByLabel('Add a main effort').first(), 'A harbour visit each week, 2 h a week');
    await write(page, page.getByLabel('Add a trade-off').first(), 'Fairs');
    await press(page, button(page, 'Next: Hours'));
    await expect(page.getByRole('row', { name: /Noor Aksoy/ })).toBeVisible();
    await press(page, button(page, 'Next: Shelve'));
    await press(page, button(page, `Finish planning ${words}`));

    await expect(page).toHaveURL(new RegExp(`/year/${year}$`));
    await expect(page.getByRole('link', { name: 'Eighty harbours' }).first()).toBeVisible();

    // Its first quarter, from the sheet one step closer.
    await page.goto(`/planning/${year}-Q1/goals`);
    await write(page, page.getByLabel('A goal for “Eighty harbours”'), 'Twenty berths surveyed');
    await expect(page.getByRole('link', { name: 'Twenty berths surveyed', exact: true })).toBeVisible();
    await press(page, button(page, 'Next: Order'));
    await press(page, page.getByLabel('priority: Twenty berths surveyed'), 'Space');
    await expect(page.getByLabel('priority: Twenty berths surveyed')).toBeChecked();

    // Left, and taken up where it was.
    await press(page, page.getByRole('link', { name: 'Finish later' }));
    await press(page, page.getByRole('link', { name: /Continue planning Q1/ }));
    await expect(page.getByText('If only a few get done, which?')).toBeVisible();
});

test('a quarter closed in one pass: two carried over, one split, one stopped', async ({ page }) => {
    await page.goto('/');
    const quarter = await page.locator('header a.font-semibold[href*="-Q"]').getAttribute('href');
    await page.goto(`/closing/${(quarter ?? '').split('/').pop() ?? ''}`);
    const answer = (group: string, word: string | RegExp) =>
        page.getByRole('radiogroup', { name: group, exact: true }).getByRole('radio', { name: word, exact: true }).click();
    const close = async (goal: string, result: string, rest: string | RegExp) => {
        // It may be what is proposed.
        await answer(`Result of ${goal}`, new RegExp(`^${result}( \\(proposed\\))?$`));
        await answer(`What is still open of ${goal}`, rest);
    };

    // What is done is proposed as met, and stays a proposal until somebody chooses it.
    await expect(page.getByRole('radio', { name: 'met (proposed)' }).first()).not.toBeChecked();
    await close('Fixed at the first visit, 9 in 10', 'in part', /^carry over to/);
    // What it was for ends with the quarter: nothing loses its place unsaid.
    await choose(page.getByLabel(/^What Fixed at the first visit, 9 in 10 contributes to/), 'No goal');
    await close('Twenty answers to the autumn survey', 'not met', /^carry over to/);
    await choose(page.getByLabel(/^What Twenty answers to the autumn survey contributes to/), 'No goal');
    await close('Baltic fish farms: three contracts', 'not met', 'split');
    await page.getByLabel('Goals of Baltic fish farms: three contracts').fill('Bornholm signs\nGotland answers');
    await page.getByRole('button', { name: 'Stop Two more mooring crews trained' }).click();
    await answer('What is still open of Two more mooring crews trained', 'drop');
    await page.getByLabel('Why of Two more mooring crews trained').fill('The yard trains its own.');
    // What it does to the figures is there before it is done.
    await expect(page.getByRole('complementary').getByText('Two more mooring crews trained')).toBeVisible();
    await page.getByRole('button', { name: 'Close 4 goals' }).click();

    await expect(page.getByRole('link', { name: /continued in Q\d \d{4}\/\d\d: Bornholm signs/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /^continued in Q\d \d{4}\/\d\d$/ })).toHaveCount(2);
    await page.getByRole('link', { name: /continued in Q\d \d{4}\/\d\d: Bornholm signs/ }).click();
    await expect(page.getByText('continues')).toBeVisible();
    await page.goBack();

    await page.goto('/goals/20');
    await expect(page.getByText('not met', { exact: true }).first()).toBeVisible();
    await page.goto('/projects/6');
    await expect(page.getByLabel('State')).toHaveText('dropped');
});

test('a goal’s history: said, estimated, told to who follows it', async ({ page }) => {
    await page.goto('/goals/4');
    await page.getByLabel('Write a comment').fill('Elif held the week alone.');
    await page.getByRole('button', { name: 'Post' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Elif held the week alone.' }).last()).toBeVisible();

    await page.getByRole('button', { name: 'Update estimate' }).click();
    await page.getByLabel('Chance in per cent').fill('35');
    await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('35%', { exact: true })).toBeVisible();

    await page.goto('/goals/17?on=2026-11-20');
    await expect(page.getByText('As of 20 November 2026.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Post' })).toBeHidden();
});

test('a change shows what it does to the figures before it is done', async ({ page }) => {
    await page.goto('/goals/21/edit');
    await choose(page.getByLabel('Contributes to'), 'A team that runs two weeks without the founder');
    const row = page.getByRole('listitem').filter({ hasText: /A team that runs two weeks without the founder/ });
    await expect(row).toBeVisible();
    await page.getByRole('link', { name: 'Cancel' }).click();
    await expect(page.getByRole('heading', { name: 'Firmware 2.4 on every buoy at sea' })).toBeVisible();
});
