import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { DateStep, ListCount, SavedView, ShelfRow } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { route } from '../../../resources/js/lib/routes';
import Saved from '../../../resources/js/pages/lists/Saved';
import { BringBack } from '../../../resources/js/parts/capture/BringBack';
import { ReturnDate } from '../../../resources/js/parts/capture/ReturnDate';
import { ShelfLine } from '../../../resources/js/parts/capture/ShelfLine';
import { DateScale } from '../../../resources/js/parts/lists/DateScale';
import { ListNav } from '../../../resources/js/parts/lists/ListNav';
import { choose, press, said, write, writeAndLeave } from '../hand';
import { elif, noor, task, TODAY } from '../made';
import { path, server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

const counts: ListCount[] = [
    { list: 'late', count: 2 },
    { list: 'free_time', count: 0 },
    { list: 'focus', count: 3 },
];

describe('the index of the lists', () => {
    const show = (at: string) =>
        render(<ListNav lists={counts} saved={[{ id: 5, title: 'At sea', isShared: true, isMine: false }]} at={at} sum="9 tasks, 4 h" />);
    const at = (name: string | RegExp) => screen.getByRole('link', { name }).getAttribute('href') ?? '';

    it('opens of each question the first list that holds something', () => {
        show(route('lists'));
        expect(path(at('Can start now'))).toBe('/lists/focus');
        expect(path(at('Held up'))).toBe('/lists/waiting');
        expect(screen.getByRole('link', { name: 'By date', current: true })).toBeTruthy();
    });

    it('shows the lists of the question that is open, with how much is in them', () => {
        show(route('lists.show', 'late'));
        expect(screen.getByRole('link', { name: 'Late 2', current: 'page' })).toBeTruthy();
        expect(path(at('‹ All dates'))).toBe('/lists');
        expect(screen.queryByRole('link', { name: /^Waiting/ })).toBeNull();
    });

    it('has one’s own lists, and says which are shared', () => {
        show(route('saved.show', 5));
        expect(screen.getByRole('link', { name: /^At sea ?\(shared\)/, current: 'page' })).toBeTruthy();
        expect(screen.getByText('9 tasks, 4 h')).toBeTruthy();
    });
});

describe('tasks by date', () => {
    const step = (more: Partial<DateStep>): DateStep => ({
        ...{ step: 'today', time: '2027-02-09', free: 90, count: 1, minutes: 30, tasks: [task()], more: 0 },
        ...more,
    });
    const show = (...steps: DateStep[]) =>
        render(<DateScale page={{ week: '2027-W06', steps, count: 1, minutes: 30, lists: [], saved: [], people: [] }} />);
    const headings = () => screen.getAllByRole('heading').map(({ textContent }) => textContent);

    it('say of each step what still fits, or what there is', () => {
        show(
            step({}),
            step({ step: '2027-02-10', time: '2027-02-10', free: -45 }),
            step({ step: 'late', time: null, free: null, count: 2, minutes: 75 }),
        );
        expect(headings()).toEqual(['Today, Tue 9 Feb', 'Wed 10 Feb', 'Late']);
        expect(screen.getByText('1 h 30 min free after these')).toBeTruthy();
        expect(screen.getByText('45 min over')).toBeTruthy();
        expect(screen.getByText('2 tasks, 1 h 15 min')).toBeTruthy();
    });

    it('name weeks and months, and lead to all of a step', () => {
        show(
            step({ step: '2027-W07', time: '2027-W07', count: 6, more: 240 }),
            step({ step: 'not_scheduled', time: null, free: null, tasks: [], count: 9, more: 300 }),
        );
        expect(headings()).toEqual(['Week 7', 'Not scheduled']);
        const [week, none] = screen.getAllByRole('link', { name: /more|tasks, / });
        expect([week?.textContent, path(week?.getAttribute('href') ?? '')]).toEqual(['5 more, 4\u00a0h', '/weeks/2027-W07']);
        expect([none?.textContent, path(none?.getAttribute('href') ?? '')]).toEqual([
            '9 tasks, 5\u00a0h: give them a day',
            '/lists/not_scheduled',
        ]);
    });
});

describe('a list that one builds', () => {
    const saved = (more: Partial<SavedView> = {}): SavedView => ({
        ...{ id: null, title: '', isShared: false, isMine: true, owner: noor.name, conditions: [], sort: 'due', group: null },
        ...{ sentence: 'All open tasks', lists: counts, saved: [], groups: [], total: 0, people: [] },
        fields: [{ field: 'owner', isNumber: false, options: [{ value: '1', label: noor.name, group: null }] }],
        ...more,
    });

    it('asks for what is found with each choice, and is saved under a name', async () => {
        render(<Saved page={saved()} />);
        await choose('Sort by', 'rank');
        expect((await server.last()).data).toMatchObject({ sort: 'rank' });
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(true);
        write('Name', 'At sea');
        await userEvent.click(screen.getByLabelText('Shared with everyone'));
        await press('Save');
        expect(await server.nth(2)).toMatchObject({ method: 'post', data: { title: 'At sea', isShared: true, sort: 'rank' } });
    });

    it('says at its fields what is refused', async () => {
        render(<Saved page={saved()} />);
        write('Name', 'At sea');
        await press('Save');
        await (await server.last()).refuses({ title: 'There is a list with this name already.' });
        expect(await screen.findByText('There is a list with this name already.')).toBeTruthy();
    });

    it('that is there is edited when one wants to, by whose it is', async () => {
        const { unmount } = render(<Saved page={saved({ id: 5, title: 'At sea', isShared: true, total: 1 })} />);
        expect(screen.getByText('All open tasks. Shared.')).toBeTruthy();
        expect(screen.getByText('1 task')).toBeTruthy();
        await press('Edit');
        await press('Delete list');
        expect(await said()).toEqual(['delete', '/lists/saved/5', {}]);
        unmount();
        render(<Saved page={saved({ id: 5, title: 'At sea', isShared: true, isMine: false, owner: elif.name })} />);
        expect(screen.getByText('All open tasks. Shared by Elif Demir.')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Edit' })).toBeNull();
    });

    it('says headings that are times in words, and leaves others as they are', () => {
        let last = 0;
        const group = (heading: string | null) => ({ heading, tasks: [task({ id: ++last })] });
        render(
            <Saved
                page={saved({ total: 4, groups: [group('2027-W06'), group('2027-02-09'), group('2027'), group('7 moorings')] as never })}
            />,
        );
        expect(screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent)).toEqual([
            ...['week 6', 'Tue 9 Feb', '2027', '7 moorings'],
        ]);
    });
});

describe('what comes back on its day', () => {
    it('is noted with what it is about, a time and a rhythm in words', async () => {
        render(<BringBack about={{ kind: 'task', id: 7, title: 'Berth licence' }} />);
        await press('Return date');
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(true);
        await writeAndLeave('Return date', '1 Mar');
        write('Repeat (optional)', 'every year');
        await vi.waitFor(() => {
            expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(false);
        });
        await press('Save');
        expect((await server.last()).data).toEqual({
            ...{ words: 'Berth licence', on: '2027-03-01', at: '', rhythm: 'every year', kind: 'task', about: 7 },
        });
    });

    it('stands on the thing itself, and one’s own can be deleted', async () => {
        const returns = [
            { id: 3, on: '2027-03-01', at: '09:00', rhythm: 'every year' },
            { id: null, on: '2027-04-01', at: null, rhythm: null },
        ];
        render(<BringBack returns={returns} />);
        expect(screen.getByText('Returns to your tray on Mon 1 Mar at 09:00, again every year')).toBeTruthy();
        expect(screen.getByText('On the shelf until Thu 1 Apr')).toBeTruthy();
        await press('Delete the return date Mon 1 Mar');
        expect(await said()).toEqual(['delete', '/shelf/idea/3', {}]);
    });

    it('is shelved with a return date, or without one', async () => {
        render(<ReturnDate kind="task" id={7} words="Shelve" />);
        await press('Shelve');
        await userEvent.click(screen.getAllByRole('button', { name: 'Shelve' }).at(-1) ?? document.body);
        expect(await said()).toEqual(['put', '/shelf/task/7', { returnOn: null }]);
        await (await server.last()).takes();
        await vi.waitFor(() => {
            expect(screen.queryByRole('dialog')).toBeNull();
        });
    });
});

describe('a line of the shelf', () => {
    const row = (more: Partial<ShelfRow> = {}): ShelfRow => ({
        ...{ kind: 'task', id: 7, title: 'Berth licence', link: '/tasks/7', owner: elif, since: '2027-01-20', returnOn: '2027-03-01' },
        ...{ mayChange: true, returnAt: '09:00', rhythm: null, ...more },
    });
    const show = (more: Partial<ShelfRow> = {}) => render(<ShelfLine row={row(more)} />);

    it('says what it is, whose, since when and until when', () => {
        show();
        expect(screen.getByText('task of Elif Demir, shelved Wed 20 Jan, returns Mon 1 Mar at 09:00')).toBeTruthy();
    });

    it.each([
        ['task', 'Restore'],
        ['idea', 'Move to tray'],
        ['goal', 'Plan again'],
    ] as const)('brings back a %s by its own word', async (kind, word) => {
        show({ kind });
        await press(word);
        expect(await said()).toEqual(['post', `/shelf/${kind}/7/back`, {}]);
    });

    it('changes its date from the one it has', async () => {
        show();
        await press('Change date');
        expect(screen.getByLabelText<HTMLInputElement>('Return date').value).toBe('Mon 1 Mar');
    });

    it('is only read by who may not change it', () => {
        show({ mayChange: false });
        expect(screen.queryByRole('button')).toBeNull();
    });
});
