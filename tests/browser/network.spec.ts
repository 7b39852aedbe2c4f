import { dice } from '../dice';
import { expect, test } from './signedIn';

const LINES = 8;

const THOUGHTS = 10;

for (const seed of [1, 2, 3]) {
    test(`nothing written is lost or sent twice while the network comes and goes, seed ${String(seed)}`, async ({ page, context }) => {
        const next = dice(seed);
        const jot = page.getByLabel('What is on your mind');
        await page.goto('/tasks/209');
        const notes = page.getByLabel('Notes');
        await notes.fill('');
        let note = '';

        // Each line is saved on its own, whether or not the one before has arrived.
        for (let line = 0; line < LINES; line++) {
            await context.setOffline(next() < 0.5);
            note += `${line === 0 ? '' : '\n'}Line ${String(line)} of run ${String(seed)}.`;
            await notes.fill(note);
            await page.getByRole('button', { name: 'Save', exact: true }).click();
            // It has arrived, or waits in line.
            await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeHidden();
            await page.waitForTimeout(Math.round(next() * 900));
            await expect(notes).toHaveValue(note);
        }

        for (let thought = 0; thought < THOUGHTS; thought++) {
            await context.setOffline(next() < 0.5);
            await page.getByRole('link', { name: 'loftrin' }).focus();
            await page.keyboard.press('n');
            await jot.fill(`Thought ${String(thought)} of run ${String(seed)}`);
            await page.keyboard.press('Enter');
            await expect(jot).toBeHidden();
        }

        await context.setOffline(false);
        await expect(page.getByRole('region', { name: 'Not saved yet' })).toBeHidden({ timeout: 40_000 });
        await page.goto('/tasks/209');
        await expect(page.getByLabel('Notes')).toHaveValue(note);
        await page.goto('/tray');

        for (let thought = 0; thought < THOUGHTS; thought++) {
            await expect(page.getByRole('button', { name: `Thought ${String(thought)} of run ${String(seed)}`, exact: true })).toHaveCount(
                1,
            );
        }
    });
}
