import type { Locator, Page } from '@playwright/test';
import { choose, expect, test, TODAY } from './signedIn';

/** Presses keys until the thing has the focus, as somebody without a mouse does. */
async function tabTo(page: Page, is: (focused: string) => boolean, most = 80): Promise<void> {
    for (let presses = 0; presses < most; presses++) {
        await page.keyboard.press('Tab');
        const focused = await page.evaluate(() => {
            const element = document.activeElement;

            return element?.getAttribute('aria-label') ?? element?.textContent ?? '';
        });

        if (is(focused.trim())) {
            return;
        }
    }

    throw new Error('It was not reached by Tab.');
}

/** Goes down a menu to an item, by arrows, and takes it. */
async function take(page: Page, name: string, key = 'Enter'): Promise<void> {
    const item = page.getByRole('menuitem', { name, exact: true });
    await item.waitFor();
    // A menu hears keys once it has the focus.
    await expect(page.locator('[role="menu"]:focus-within').last()).toBeVisible();

    for (let presses = 0; presses < 20; presses++) {
        if (await item.evaluate((element) => element === document.activeElement)) {
            await page.keyboard.press(key);

            return;
        }

        await page.keyboard.press('ArrowDown');
        // The focus follows a moment later.
        await page.waitForTimeout(60);
    }

    throw new Error(`${name} was not reached by arrows.`);
}

/** Takes one thing with the mouse and holds it over another. */
async function drag(page: Page, what: Locator, over: Locator): Promise<void> {
    // Once it stands still: a page that has just come may still grow.
    await what.hover({ position: { x: 5, y: 8 } });
    await page.mouse.down();
    await aim(page, over);
}

/** Moves what is held over a place. */
async function aim(page: Page, over: Locator): Promise<void> {
    const to = await over.boundingBox();
    await page.mouse.move((to?.x ?? 0) + 40, (to?.y ?? 0) + 12, { steps: 12 });
}

const title = (number: number) => `Float test ${String(number).padStart(2, '0')}`;
const line = (page: Page, text: string) => page.locator('[data-task-line]').filter({ hasText: text });

test('a project of ten tasks in three stages is made and worked on by keyboard alone', async ({ page }) => {
    await page.goto('/projects/new');
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();

    // The name has the focus; three stages are added, the form is sent.
    await page.keyboard.type('Float tests of the winter');

    for (const stage of ['Prepare', 'In the basin', 'At sea']) {
        await tabTo(page, (focused) => focused === 'Add a stage');
        // The new line has the focus.
        await page.keyboard.press('Enter');
        await page.keyboard.type(stage);
    }

    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Float tests of the winter' })).toBeVisible();

    // Ten tasks: Enter keeps one, and the line is free again.
    for (const [stage, from, to] of [
        ['Prepare', 1, 4],
        ['In the basin', 5, 7],
        ['At sea', 8, 10],
    ] as const) {
        // A letter on the closed choice opens it at what begins so.
        const choice = page.getByLabel('Stage of what is added');
        await choice.focus();
        await page.keyboard.press(stage.charAt(0));
        await expect(page.getByLabel('Search', { exact: true })).toBeFocused();
        await page.keyboard.type(stage.slice(1));
        await page.keyboard.press('Enter');
        await expect(choice).toHaveText(stage);
        await expect(choice).toBeFocused();
        await page.getByLabel('Add a task', { exact: true }).focus();

        for (let number = from; number <= to; number++) {
            await page.keyboard.type(title(number));
            await page.keyboard.press('Enter');
            await expect(line(page, title(number))).toBeVisible();
            await expect(page.getByLabel('Add a task', { exact: true })).toHaveValue('');
        }
    }

    await expect(page.locator('[data-task-line]')).toHaveCount(10);

    // Three are marked and planned at once.
    await line(page, title(1)).getByRole('link').focus();
    await page.keyboard.press('v');
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Shift+ArrowDown');
    await expect(page.getByText('3 selected')).toBeVisible();
    await page.keyboard.press('.');
    await expect(page.getByRole('menuitem', { name: 'This week' })).toBeVisible();
    await take(page, 'This week');
    await expect(page.getByText('Planned 3 tasks')).toBeVisible();
    await expect(line(page, title(3))).toContainText('week');
    await expect(page.getByText('3 selected')).toHaveCount(0);

    // One is handed over.
    await line(page, title(4)).getByRole('link').focus();
    await page.keyboard.press('.');
    await take(page, 'Hand over', 'ArrowRight');
    await take(page, 'Kwame Boateng');
    await expect(line(page, title(4))).toContainText('KB');

    // In columns one goes on to the next stage and up in it; the focus goes with it.
    await page.getByRole('link', { name: 'Columns' }).click();
    await page.waitForURL(/as=columns/);
    await line(page, title(3)).getByRole('link').focus();
    await page.keyboard.press('Alt+ArrowRight');
    const basin = page.locator('section').filter({ has: page.getByRole('heading', { name: 'In the basin' }) });
    await expect(basin.locator('[data-task-line]').last()).toContainText(title(3));
    await expect(line(page, title(3)).getByRole('link')).toBeFocused();
    await page.keyboard.press('Alt+ArrowUp');
    await expect(basin.locator('[data-task-line]').nth(2)).toContainText(title(3));

    // One is shelved, and comes back by undo.
    await line(page, title(8)).getByRole('link').focus();
    await page.keyboard.press('.');
    await take(page, 'Shelve');
    await expect(page.getByText('Shelved “Float test 08”', { exact: true })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/Undid: shelved/)).toBeVisible();
    await expect(line(page, title(8))).toBeVisible();
});

test('a task is dragged to another stage', async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 1600 });
    await page.goto('/projects/3?as=columns');
    const from = page.getByRole('link', { name: 'Hand over at Burray' });
    const to = page.getByRole('link', { name: 'Moor the buoy at Longhope' });
    await drag(page, from, to);
    await page.mouse.up();
    await expect(page.getByText('Moved “Hand over at Burray”', { exact: true })).toBeVisible();
    const moor = page.locator('section').filter({ has: page.getByRole('heading', { name: 'Moor', exact: true }) });
    await expect(moor.getByRole('link', { name: 'Hand over at Burray' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/Undid: moved/)).toBeVisible();
    await expect(moor.getByRole('link', { name: 'Hand over at Burray' })).toBeHidden();

    // What is marked goes together.
    const marked = ['Hand over at Burray', 'Hand over at Lyness'];

    for (const name of marked) {
        await line(page, name).click({ modifiers: ['Control'], position: { x: 3, y: 3 } });
    }

    await expect(page.getByText('2 selected')).toBeVisible();
    await drag(page, from, to);
    await expect(page.getByText('2 tasks', { exact: true })).toBeVisible();
    await page.mouse.up();

    for (const name of marked) {
        await expect(moor.getByRole('link', { name })).toBeVisible();
    }
});

test('what has no time is dragged to its week', async ({ page }) => {
    // The whole week beside the list in sight, however much others planned on it.
    await page.setViewportSize({ width: 1280, height: 1600 });
    await page.goto('/lists/not_scheduled');
    const title = 'Sketch a float for the Gudenå';
    const task = page.getByRole('link', { name: title });
    const nextWeek = page.getByRole('complementary', { name: 'The rest of the week' }).getByRole('listitem').last();
    await drag(page, task, nextWeek);
    await page.mouse.up();
    await expect(page.getByText(/^Planned/)).toBeVisible();
    await expect(task).toBeHidden();
    await page.keyboard.press('Control+z');
    await expect(task).toBeVisible();
});

test('a task is dragged along the scale by date, and says where it stands now', async ({ page }) => {
    // The whole scale in sight.
    await page.setViewportSize({ width: 1280, height: 1900 });
    await page.goto('/lists');
    const step = (name: string) => page.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) });
    const task = page.getByRole('link', { name: 'Look up what is measured in the Tay' });
    await expect(step('Not scheduled').locator(task)).toBeVisible();
    await drag(page, task, step('Fri 27 Nov'));
    await page.mouse.up();
    await expect(step('Fri 27 Nov').locator(task)).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(step('Not scheduled').locator(task)).toBeVisible();
});

test('a task is dragged from one day of the week to another, and to the week after', async ({ page }) => {
    // The whole week in sight.
    await page.setViewportSize({ width: 1280, height: 2400 });
    await page.goto('/week');
    const row = (name: string) => page.locator('section').filter({ has: page.getByRole('heading', { name, exact: true }) });
    const task = page.getByRole('link', { name: 'Visit the Bornholm farm', exact: true });
    await expect(row('Wed 25 Nov').locator(task)).toBeVisible();
    await drag(page, task, row('Fri 27 Nov'));
    await page.mouse.up();
    await expect(row('Fri 27 Nov').locator(task)).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(row('Wed 25 Nov').locator(task)).toBeVisible();
    await drag(page, task, row('The week after'));
    await page.mouse.up();
    await expect(task).toBeHidden();
    await page.keyboard.press('Control+z');
    await expect(row('Wed 25 Nov').locator(task)).toBeVisible();
});

test('what is dropped lands where the pointer is, whatever the page has grown by meanwhile', async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 2600 });
    await page.goto('/week');
    const row = (name: string) => page.locator('section').filter({ has: page.getByRole('heading', { name, exact: true }) });
    const task = page.getByRole('link', { name: 'Visit the Bornholm farm', exact: true });
    await drag(page, task, row('Thu 26 Nov'));
    // As when somebody else adds tasks to an earlier day.
    await row('Wed 25 Nov').evaluate((day) => {
        day.style.paddingBottom = '400px';
    });
    await aim(page, row('Fri 27 Nov'));
    await page.mouse.up();
    await expect(row('Fri 27 Nov').locator(task)).toBeVisible();

    // Let go where it cannot be planned for anything, it stays, and that is said.
    await drag(page, task, page.getByRole('navigation', { name: 'Rooms' }));
    await page.mouse.up();
    await expect(page.getByText('Visit the Bornholm farm was not moved')).toBeAttached();
    await expect(row('Fri 27 Nov').locator(task)).toBeVisible();
});

test('a project is started from a template in two presses', async ({ page }) => {
    await page.goto('/templates');
    await page.getByRole('listitem').filter({ hasText: 'Harbour demo' }).getByRole('link', { name: 'Start a project' }).click();
    await expect(page.getByRole('heading', { name: 'Hours' })).toBeVisible();
    await choose(page.getByLabel('Crew, 4 tasks'), 'Elif Demir');
    await expect(page.getByRole('listitem').filter({ hasText: 'Elif Demir' }).first()).toBeVisible();
    await page.getByRole('button', { name: 'Start project' }).click();
    await expect(page.getByRole('heading', { name: 'Harbour demo 2' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Prepare the demo buoy' })).toBeVisible();
});

test('a list is built from conditions and kept', async ({ page }) => {
    await page.goto('/lists/new');
    await page.getByRole('button', { name: 'Add a condition' }).click();
    await expect(page.getByText('Tasks owned by whoever opens the list')).toBeVisible();
    await page.getByRole('button', { name: 'and …' }).click();
    await choose(page.getByLabel('Condition 2', { exact: true }), 'is ranked');
    await expect(page.getByText('Tasks owned by whoever opens the list, ranked A')).toBeVisible();
    await page.getByLabel('Name').fill('My first ones');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { name: 'My first ones' })).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Lists' }).getByRole('link', { name: 'My first ones' })).toHaveAttribute(
        'aria-current',
        'page',
    );
});

test('a file and a word lie beside a task', async ({ page }) => {
    await page.goto('/tasks/60');
    await page.getByLabel('File').setInputFiles({ name: 'readings.csv', mimeType: 'text/csv', buffer: Buffer.from('a;b\n1;2\n') });
    await expect(page.getByRole('link', { name: /readings\.csv/ })).toBeVisible();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: /readings\.csv/ }).click();
    expect((await download).suggestedFilename()).toBe('readings.csv');

    await page.getByLabel('File').setInputFiles({ name: 'run.sh', mimeType: 'text/plain', buffer: Buffer.from('#!/bin/sh\necho hello\n') });
    await expect(page.getByText('This kind of file is not accepted.')).toBeVisible();
    await page.getByLabel('Write a comment').fill('Seen, @Priya');
    await page.getByRole('button', { name: 'Post' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Seen, @Priya' })).toBeVisible();
});

test('who is told of a comment is chosen by name, addresses are links, and an estimate is written in words', async ({ page }) => {
    await page.goto('/tasks/209');
    const comment = page.getByLabel('Write a comment');
    await comment.fill('Ask at https://harbour.example/berths first, @Tom');
    await page.getByRole('button', { name: '@Tomasz Zieliński' }).click();
    await expect(comment).toHaveValue('Ask at https://harbour.example/berths first, @Tomasz Zieliński ');
    await expect(comment).toBeFocused();
    await page.getByRole('button', { name: 'Post' }).click();
    await expect(page.locator('b', { hasText: '@Tomasz Zieliński' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'https://harbour.example/berths' })).toHaveAttribute('rel', /noopener/);

    const estimate = page.getByLabel('Estimate');

    for (const [written, shown] of [
        ['1h 30', '1 h 30 min'],
        ['1:15', '1 h 15 min'],
        ['0,5 h', '30 min'],
        ['45 minutes', '45 min'],
    ] as const) {
        await estimate.fill(written);
        await estimate.press('Enter');
        await expect(estimate).toHaveValue(shown);
    }

    await estimate.fill('soon');
    await estimate.press('Enter');
    await expect(page.getByText('Enter the estimate in whole minutes.')).toBeVisible();
});

test('what is known of a task is changed where it stands', async ({ page }) => {
    await page.goto('/lists/not_scheduled');
    await page.getByRole('link', { name: 'Sketch a float for the Tay' }).click();
    const estimate = page.getByLabel('Estimate');
    await estimate.fill('a while');
    await estimate.press('Enter');
    await expect(page.getByText('Enter the estimate in whole minutes.')).toBeVisible();
    await expect(estimate).toHaveValue('a while');
    await estimate.fill('75');
    await estimate.press('Enter');
    await expect(page.getByText('Enter the estimate in whole minutes.')).toBeHidden();

    const planned = page.getByLabel('Planned for');
    const year = '2027';
    await choose(planned, '2027/28');
    await expect(page.getByText(/^Planned “/)).toBeVisible();
    await choose(planned, 'on a day …');
    await page.getByLabel('On', { exact: true }).fill(`1 mar ${year}`);
    await page.getByLabel('On', { exact: true }).press('Enter');
    await page.getByLabel('At', { exact: true }).fill('2.30 pm');
    await page.getByLabel('At', { exact: true }).press('Enter');

    // What is not set is offered by name, and stands among the rest once it is.
    await expect(page.getByLabel('Place', { exact: true })).toHaveCount(0);
    await page.getByRole('button', { name: 'Place', exact: true }).click();
    await expect(page.getByLabel('Place', { exact: true })).toBeFocused();
    await page.keyboard.type('the quay');
    await page.keyboard.press('Enter');

    await page.getByRole('button', { name: 'Move to …' }).click();
    await page.getByPlaceholder('Name').fill('28 harb');
    await expect(page.getByRole('option', { name: '28 harbours fitted' })).toHaveAttribute('data-selected', 'true');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('link', { name: '28 harbours fitted' })).toBeVisible();

    const title = page.getByLabel('Title');
    await title.fill('Said in other words');
    await title.press('Enter');
    await expect(page.getByRole('heading', { name: 'Said in other words' })).toBeAttached();
    // The message of the change before it goes first: what is undone is the title.
    await expect(page.getByText('Changed “Sketch a float for the Tay”')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Undo' })).toHaveCount(1);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText(/Undid: changed/)).toBeVisible();
    await expect(title).toHaveValue('Sketch a float for the Tay');
    await page.reload();
    await expect(estimate).toHaveValue('1 h 15 min');
    await expect(page.getByLabel('At', { exact: true })).toHaveValue('14:30');
    await expect(page.getByLabel('Place', { exact: true })).toHaveValue('the quay');
});

test('what two write at once is not lost: the second sees both and decides', async ({ page }) => {
    await page.goto('/tasks/120');
    await page.getByLabel('Notes').fill('mine');
    const other = await page.context().newPage();
    await other.goto('/tasks/120');
    await other.getByLabel('Notes').fill('theirs');
    await other.getByRole('button', { name: 'Save' }).click();
    await expect(other.getByText(/Changed “/).first()).toBeVisible();
    await other.close();

    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/Somebody changed this to “theirs”/)).toBeVisible();
    await expect(page.getByLabel('Notes')).toHaveValue('mine');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/Somebody changed this/)).toHaveCount(0);
    await page.reload();
    await expect(page.getByLabel('Notes')).toHaveValue('mine');
});

test('a recurring task is ticked and comes back', async ({ page }) => {
    await page.goto('/recurring-tasks/new');
    await page.getByLabel('What', { exact: true }).fill('Grease the winch');
    await page.getByLabel('Repeats').fill('every blue moon');
    await page.getByRole('button', { name: 'Add recurring task' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'every second Thursday' })).toHaveCount(0);
    await expect(page.getByText(/every second Thursday”, “every 31st”/)).toHaveCount(1);
    await page.getByLabel('Repeats').fill('every second Thursday');
    await expect(page.getByText(/^Next: /)).toBeVisible();
    await page.getByLabel('Repeats').fill('two weeks after it is done');
    await page.getByRole('button', { name: 'Add recurring task' }).click();
    await page.getByRole('link', { name: 'Grease the winch' }).click();
    await page.getByRole('checkbox', { name: 'Done: Grease the winch' }).click();
    await expect(page.getByText('1 done')).toBeVisible();
    await expect(page.getByRole('checkbox', { name: 'Done: Grease the winch' })).toHaveAttribute('aria-checked', 'false');
});

test('what comes back at a time says so by the workspace’s clock, and stays until it is read', async ({ page }) => {
    await page.clock.install();
    await page.goto('/');
    // One of the afternoon would come before it, unless it is sorted.
    const earlier = page.getByRole('button', { name: 'Done: Look at the ice in the basin' });
    await earlier.click();
    await expect(earlier).toBeHidden();
    await page.goto('/shelf');
    await page.getByRole('button', { name: 'Return date' }).click();
    const inputs = page.getByRole('dialog');
    await inputs.getByLabel('What').fill('Call the crane');
    await inputs.getByLabel('Return date', { exact: true }).fill(TODAY);
    await inputs.getByLabel('Time (optional)').fill('23:59');
    await inputs.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('at 23:59')).toBeVisible();

    await page.goto('/year');
    await expect(page.getByText('23:59 Call the crane')).toBeHidden();
    await page.clock.fastForward('24:00:00');
    await expect(page.getByText('23:59 Call the crane')).toBeVisible();
    await page.clock.fastForward('00:30');
    await page.getByRole('button', { name: 'Open Day' }).click();
    await expect(page).toHaveURL(/\/$/);
    await expect(page.getByText('Call the crane', { exact: true })).toBeVisible();
    await expect(page.getByText('23:59 Call the crane')).toBeHidden();
});

test('a project for two is there for them and for nobody else', async ({ page, browser, other, address }) => {
    const context = await browser.newContext({ storageState: other, baseURL: address });
    const elif = await context.newPage();
    await page.goto('/projects');
    await page.getByRole('link', { name: 'Pay review for the workshop' }).click();
    await expect(page.getByText('Noor Aksoy, Lucía Herrera')).toBeVisible();
    await elif.goto('/projects');
    await expect(elif.getByRole('link', { name: 'Moorings Orkney' }).first()).toBeVisible();
    await expect(elif.getByRole('link', { name: 'Pay review for the workshop' })).toHaveCount(0);
    await elif.goto(page.url());
    await expect(elif.getByRole('heading', { name: 'Pay review for the workshop' })).toHaveCount(0);

    await page.getByRole('link', { name: 'Edit the project' }).click();
    await page.getByRole('checkbox', { name: 'Elif Demir' }).click();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Noor Aksoy, Lucía Herrera, Elif Demir')).toBeVisible();
    await elif.goto(page.url());
    await expect(elif.getByRole('heading', { name: 'Pay review for the workshop' })).toBeVisible();
    await context.close();
});

test('a template is put in order by keys, and a project takes later what it left', async ({ page }) => {
    await page.goto('/templates/1');
    const ostend = page.getByRole('listitem').filter({ hasText: 'Harbour demo, Ostend' });
    await ostend.getByRole('button', { name: 'Leave all' }).click();
    await expect(ostend.getByText('differs on purpose')).toBeVisible();

    await page.getByLabel('Task of task 2', { exact: true }).focus();
    await page.keyboard.press('Alt+ArrowUp');
    await expect(page.getByLabel('Task of task 1', { exact: true })).toBeFocused();
    await expect(page.getByLabel('Task of task 1', { exact: true })).toHaveValue('Find a berth and a date');
    await page.getByRole('group', { name: '“Pack the van”' }).getByRole('button', { name: 'Depends on' }).click();
    await page.getByRole('checkbox', { name: 'Prepare the demo buoy' }).click();
    await page.getByRole('button', { name: 'Back to the template' }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(ostend.getByText(/Pack the van.*depends on “Prepare the demo buoy”/)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Task of task 1', { exact: true })).toHaveValue('Find a berth and a date');

    // What was left is not proposed; it is taken when it is chosen.
    const taken = ostend.getByRole('checkbox', { name: /Write down what the harbour asked new/ });
    await expect(taken).toHaveAttribute('aria-checked', 'false');
    await taken.click();
    await ostend.getByRole('button', { name: /^Take 2/ }).click();
    await ostend.getByRole('link', { name: 'Harbour demo, Ostend' }).click();
    await expect(page.getByText('differs in 1 task, left on purpose')).toBeVisible();
    await expect(page.getByText('Write down what the harbour asked')).toBeVisible();
});

test('a pasted list is asked about once, and each of its lines becomes a task', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await page.goto('/projects');
    await page.getByRole('link', { name: 'Moorings Orkney' }).first().click();
    const line = page.getByLabel('Add a task', { exact: true });
    const paste = async (text: string) => {
        await page.evaluate((words) => navigator.clipboard.writeText(words), text);
        await line.focus();
        await page.keyboard.press('Control+v');
    };

    await paste('- Ask the diver by Friday\n- Coil the spare rope, 20 min\n');
    await page.getByRole('button', { name: 'Keep as one line' }).click();
    await expect(line).toHaveValue('Ask the diver by Friday; Coil the spare rope, 20 min');
    await line.fill('');
    await paste('- Ask the diver by Friday\n- Coil the spare rope, 20 min\n');
    // Until it is answered, what was pasted is kept as everything typed is.
    await page.reload();
    await expect(line).toHaveValue('Ask the diver by Friday; Coil the spare rope, 20 min');
    await line.fill('');
    await paste('- Ask the diver by Friday\n- Coil the spare rope, 20 min\n');
    await page.getByRole('button', { name: 'Add 2 separately' }).click();
    await page.getByRole('button', { name: /more can start now/ }).click();
    await expect(page.getByRole('checkbox', { name: 'Done: Ask the diver' })).toBeVisible();
    await expect(page.getByRole('checkbox', { name: 'Done: Coil the spare rope' })).toBeVisible();
    await expect(line).toHaveValue('');
});

test('a pasted list waits for the network as a whole, and each of its lines is there once', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await page.goto('/shelf');
    const line = page.getByLabel('Add an idea for later');
    await page.evaluate(() =>
        navigator.clipboard.writeText('1. A kite camera over the farm\n2. Paint that mussels hate\n3. A tide clock for the lobby'),
    );
    await line.focus();
    await page.keyboard.press('Control+v');
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Add 3 separately' }).click();
    // The line is free for the next thought at once.
    await expect(line).toHaveValue('');
    await expect(page.getByRole('region', { name: 'Not saved yet' })).toContainText('A kite camera over the farm');
    await line.fill('Ask the school');
    await page.reload({ waitUntil: 'commit' }).catch(() => undefined);

    await context.setOffline(false);
    await page.goto('/shelf');
    await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden();

    for (const idea of ['A kite camera over the farm', 'Paint that mussels hate', 'A tide clock for the lobby']) {
        await expect(page.getByText(idea, { exact: true })).toHaveCount(1);
    }

    await expect(line).toHaveValue('Ask the school');
});

test('the keyboard is never dropped: arrows lead in from anywhere, and what goes leaves the focus where one works', async ({ page }) => {
    const focused = () => page.locator(':focus');
    await page.goto('/projects/3');
    await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
    // From nowhere into the list, and out of a button of the page to the list after it.
    await page.keyboard.press('ArrowDown');
    await expect(focused()).toHaveRole('link');
    const first = await focused().textContent();
    await page.getByRole('button', { name: 'Charter', exact: true }).focus();
    await page.keyboard.press('ArrowDown');
    await expect(focused()).toHaveText(first ?? '');

    // What takes the place of a button has the focus.
    await page.getByRole('button', { name: 'Charter', exact: true }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Edit charter' })).toBeFocused();

    // A line of the outline is deleted: the one after it is next, and the one before where it was the last.
    const lines = page.getByLabel('Add a line: something that may have to be done');
    for (const words of ['Ask the diver', 'Ask the harbour']) {
        await lines.fill(words);
        await lines.press('Enter');
        await expect(page.getByRole('button', { name: `Make a task of: ${words}` })).toBeVisible();
    }

    await page.getByRole('button', { name: 'Delete the line Ask the diver' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Make a task of: Ask the harbour' })).toBeFocused();
    await page.getByRole('button', { name: 'Delete the line Ask the harbour' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Delete the line Ask the harbour' })).toHaveCount(0);
    await expect(focused()).toHaveRole('button');

    // In another room it begins at the content, not at the top of the frame.
    await page.keyboard.press('g');
    await page.keyboard.press('p');
    await expect(page.getByRole('heading', { name: 'Projects', level: 1 })).toBeVisible();
    await expect(page.locator('#content')).toBeFocused();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/projects\/\d+$/);
});
