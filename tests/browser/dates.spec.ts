import { expect, test } from '@playwright/test';
import { loadReader, readDate, readTime } from '../../resources/js/lib/readDate';
import { pastedLines } from '../../resources/js/lib/pastedLines';
import { test as signedIn } from './signedIn';

const FRIDAY = '2026-11-27';

const ahead: [typed: string, day: string][] = [
    ['today', '2026-11-27'],
    ['Tomorrow', '2026-11-28'],
    ['fri', '2026-11-27'],
    ['tue', '2026-12-01'],
    ['next friday', '2026-12-04'],
    ['in two weeks', '2026-12-11'],
    ['in 3 days', '2026-11-30'],
    ['end of month', '2026-11-30'],
    ['9 feb', '2027-02-09'],
    ['Feb 9', '2027-02-09'],
    ['9 Feb 2026', '2026-02-09'],
    ['Tue 9 Feb', '2027-02-09'],
    ['9/2', '2027-02-09'],
    ['9.2.', '2027-02-09'],
    ['9. 2. 2028', '2028-02-09'],
    ['29 feb 2028', '2028-02-29'],
    ['last friday', '2026-11-20'],
    ['yesterday', '2026-11-26'],
    [' 2026-12-24 ', '2026-12-24'],
    ['', ''],
];

// What is no date stays as it was typed: the field says so, and nothing is guessed.
const unread = ['30 feb', 'soon', 'after 9 feb perhaps', '9 feb or 10 feb', '99/99', '12'];

const times: [typed: string, time: string][] = [
    ['9', '09:00'],
    ['930', '09:30'],
    ['9.30', '09:30'],
    ['14:05', '14:05'],
    ['2 pm', '14:00'],
    ['12am', '00:00'],
    ['12 pm', '12:00'],
    ['24:00', '24:00'],
    ['9:75', '9:75'],
    ['noonish', 'noonish'],
];

test.beforeAll(async () => {
    await loadReader();
});

for (const [typed, day] of ahead) {
    test(`a due date reads “${typed}”`, () => {
        expect(readDate(typed, FRIDAY, 'ahead')).toBe(day);
    });
}

for (const typed of unread) {
    test(`“${typed}” is not taken for a date`, () => {
        expect(readDate(typed, FRIDAY, 'ahead')).toBe(typed);
    });
}

test('a day behind us is meant where only the past can be entered', () => {
    expect(readDate('9 feb', FRIDAY, 'behind')).toBe('2026-02-09');
});

for (const [typed, time] of times) {
    test(`a time reads “${typed}” as ${time}`, () => {
        expect(readTime(typed)).toBe(time);
    });
}

signedIn('a date is typed in words, moved in its month by the arrow keys, and kept as typed when it is none', async ({ page }) => {
    await page.goto('/lists/not_scheduled');
    await page.getByRole('link', { name: 'Ask three people who measure the Gudenå' }).click();
    const due = page.getByLabel('Due', { exact: true });
    await due.fill('in two weeks');
    await due.press('Enter');
    await expect(due).toHaveValue('Wed 9 Dec');

    await due.press('ArrowDown');
    await expect(page.getByRole('grid', { name: 'December 2026' })).toBeVisible();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Enter');
    await expect(due).toHaveValue('Thu 10 Dec');

    await due.fill('when the ice is gone');
    await due.press('Enter');
    await expect(page.getByText('Enter a valid date')).toBeVisible();
    await expect(due).toHaveValue('when the ice is gone');
    await page.reload();
    await expect(page.getByLabel('Due', { exact: true })).toHaveValue('Thu 10 Dec');
});

const lists: [name: string, text: string, lines: string[]][] = [
    ['bullets', '- Ask the diver\n- Order 12 shackles\n', ['Ask the diver', 'Order 12 shackles']],
    ['numbers', '1. Ask\r\n2) Order\r\n10. Go', ['Ask', 'Order', 'Go']],
    ['boxes', '- [ ] Ask\n- [x] Order\n☐ Go', ['Ask', 'Order', 'Go']],
    ['bare lines with gaps', 'Ask\n\n   \nOrder', ['Ask', 'Order']],
    ['a line that begins with a figure', '12 buoys to Orkney\n3 crews', ['12 buoys to Orkney', '3 crews']],
    ['a dash within', 'Ask - politely\nOrder', ['Ask - politely', 'Order']],
    ['one line is no list', '- Ask the diver', []],
    ['nothing', '\n \n', []],
];

for (const [name, text, lines] of lists) {
    test(`a pasted list is read line by line: ${name}`, () => {
        expect(pastedLines(text)).toEqual(lines);
    });
}
