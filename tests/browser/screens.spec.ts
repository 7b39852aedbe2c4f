import { Checker } from './accessibility';
import { inParts } from './inParts';
import { expect, test } from './signedIn';

const screens = {
    day: '/',
    'a past day with its evening': '/days/2026-11-20',
    log: '/log',
    week: '/week',
    'a past week': '/weeks/2026-W46',
    'what got done': '/done?from=2026-11-01&until=2026-11-25',
    'catching up': '/catch-up',
    year: '/year',
    goal: '/goals/16',
    'goal form': '/goals/new',
    projects: '/projects',
    project: '/projects/3',
    task: '/tasks/60',
    meetings: '/meetings',
    series: '/series/2',
    minutes: '/meetings/5',
    reviews: '/reviews',
    'review of a week': '/reviews/2026-W48',
    'review of a quarter': '/reviews/2027-Q2',
    'review of a year': '/reviews/2027',
    'a report': '/reports/1',
    reports: '/reports',
    retrospectives: '/retrospectives',
    'a retrospective': '/retrospectives/1',
    'what is worth telling': '/worth-telling',
    'thinning out': '/thinning-out',
    'answers over time': '/reviews/answers?question=differently',
    'the week of the team': '/reviews/team',
    'an issue': '/issues/1',
    'form of a meeting': '/series/1/edit',
    people: '/people',
    tray: '/tray',
    'list of today': '/lists',
    'tasks by date': '/lists',
    'tasks not scheduled': '/lists/not_scheduled',
    direction: '/direction',
    areas: '/areas',
    area: '/areas/1',
    shelf: '/shelf',
    updates: '/updates',
    'planning, looking back': '/planning/2027-Q3/look_back',
    'planning, goals': '/planning/2027-Q3/goals',
    'planning, order': '/planning/2027-Q3/order',
    'planning, efforts': '/planning/2027-Q3/efforts',
    'planning, hours': '/planning/2027-Q3/hours',
    closing: '/closing/2027-Q3',
    'a judged goal': '/goals/27',
    'stages beside each other': '/projects/3?as=columns',
    'register, only some': '/projects?group=owner&focus=full&state=all',
    templates: '/templates',
    'a template': '/templates/1',
    'start from a template': '/templates/1/start',
    recurringTasks: '/recurring-tasks',
    'a recurring task': '/recurring-tasks/2',
    'a quarterly output': '/recurring-tasks/18',
    'a list being built': '/lists/new?conditions[0][field]=owner&conditions[0][value]=me&group=project',
    'a saved list': '/lists/saved/2',
    notifications: '/notifications',
};

const WIDTHS = [360, 768, 1280, 2560];

/** What stands around every screen: the same around each, and looked through on the first of a part. */
const FRAME = 'header:has(> nav[aria-label="Rooms"])';

for (const some of inParts(Object.entries(screens), 12)) {
    const [from = '', to = ''] = [some[0]?.[0], some.at(-1)?.[0]];

    test(`screens are readable for everybody in light and dark, and nothing runs out of them: ${from} to ${to}`, async ({ page }) => {
        // Each of them is looked through whole, which takes a slow machine a while.
        test.setTimeout(480_000);

        for (const [place, [name, address]] of some.entries()) {
            await page.emulateMedia({ colorScheme: 'light' });
            await page.setViewportSize({ width: 1280, height: 844 });
            await page.goto(address);
            await page.getByRole('main').waitFor();
            // Other letters have other widths.
            await page.evaluate(async () => {
                await document.fonts.ready;
            });
            const checker = await Checker.of(page, place === 0 ? null : FRAME);
            expect(await checker.faults(), name).toEqual([]);
            expect(await checker.paleWords(), `${name}, light`).toEqual([]);
            // Only colours differ in the dark.
            await page.emulateMedia({ colorScheme: 'dark' });
            expect(await checker.paleWords(), `${name}, dark`).toEqual([]);

            for (const width of WIDTHS) {
                await page.setViewportSize({ width, height: 844 });
                expect(await page.evaluate(() => document.documentElement.scrollWidth), `${name}, ${String(width)} px`).toBeLessThanOrEqual(
                    width,
                );
            }
        }
    });
}

test('the year prints on one landscape page, with every goal, whose it is and of which day', async ({ page }) => {
    await page.goto('/year');
    // What folds on screen does not on paper.
    await expect(page.getByRole('button', { name: /^\+4 TM more goals/ })).toBeVisible();
    await expect(page.getByRole('link', { name: 'One week away, no calls' })).toBeHidden();
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('link', { name: 'One week away, no calls' })).toBeVisible();
    await expect(page.getByText('as of 25 November 2026')).toBeVisible();
    await expect(page.getByText('More hands on the rope').last()).toBeVisible();
    const file = (await page.pdf({ preferCSSPageSize: true, printBackground: true })).toString('latin1');
    const [, width, height] = /MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/.exec(file) ?? [];

    expect(file.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
    expect(Number(width)).toBeGreaterThan(Number(height));
});

test('nothing is fetched from elsewhere', async ({ page, baseURL }) => {
    const asked: string[] = [];
    page.on('request', (request) => asked.push(request.url()));
    await page.goto('/year');
    await page.goto('/goals/16');
    await page.waitForLoadState('networkidle');
    expect(asked.filter((url) => !url.startsWith(baseURL ?? '') && !url.startsWith('data:'))).toEqual([]);
});

test('what is built is fetched once and kept', async ({ page }) => {
    const fetched = () =>
        page.evaluate(() =>
            performance
                .getEntriesByType('resource')
                .filter((entry) => entry.name.includes('/build/') && (entry as PerformanceResourceTiming).transferSize > 0)
                .map(({ name }) => name),
        );
    await page.goto('/year');
    await page.waitForLoadState('networkidle');
    expect(await fetched()).not.toEqual([]);
    await page.goto('/year');
    await page.waitForLoadState('networkidle');
    expect(await fetched()).toEqual([]);
});
