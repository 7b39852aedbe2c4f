import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ReadPiece, Tray, TrayItem } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { guessed } from '../../../resources/js/lib/queue/queue';
import { Notices } from '../../../resources/js/parts/signs/Notices';
import { SortItem } from '../../../resources/js/parts/capture/SortItem';
import { elif, mei, noor, TODAY } from '../made';
import { strike } from '../hand';
import { path, server } from '../server';

const save = () => strike('Enter', { ctrlKey: true });

const piece = (kind: ReadPiece['kind'], value: string, words: string, choices: ReadPiece['choices'] = []): ReadPiece => ({
    key: `${kind} ${words}`,
    kind,
    words,
    value,
    choices,
});

const item = (words: string, pieces: ReadPiece[] = [], more: Partial<TrayItem> = {}): TrayItem => ({
    ...{ id: 4, words, jottedOn: '2027-02-08', by: 'Noor Aksoy', refused: [], chosen: {}, returned: null },
    line: { title: pieces.length === 0 ? words : (words.split(' by ')[0] ?? words), pieces },
    ...more,
});

const tray = (more: Partial<Tray> = {}): Tray => ({
    of: null,
    items: [item('One'), item('Two')],
    again: [],
    days: [
        { on: '2027-02-09', free: 90 },
        { on: '2027-02-10', free: -30 },
        { on: '2027-02-12', free: 0 },
    ] as Tray['days'],
    thisWeek: '2027-W06',
    nextWeek: '2027-W07',
    nextFree: 600,
    people: [noor, elif, mei],
    meetings: [{ value: '1', label: 'Quay hour', group: null }],
    ...more,
});

const show = (thing: TrayItem, page: Tray = tray()) => {
    const told = { onSkip: vi.fn(), onSorted: vi.fn() };
    render(<SortItem item={thing} page={page} number={1} {...told} />);

    return told;
};

const title = () => screen.queryByLabelText<HTMLInputElement>('Title')?.value;

beforeEach(() => {
    setToday(TODAY);
    server.says('{"lines":[]}');
});

describe('a thing to sort', () => {
    it('stands as it was typed and has the focus', () => {
        show(item('Ring the mill'));
        expect(document.activeElement?.textContent).toBe('Ring the mill');
        expect(screen.getByText('written Mon 8 Feb')).toBeTruthy();
        // The sentence is the title, until something of it is understood or it is edited.
        expect(title()).toBeUndefined();
    });

    it('becomes a task of one’s own by one key, as it stands', async () => {
        const { onSorted } = show(item('Ring the mill'));
        save();
        const sent = await server.last();
        expect(path(sent.url)).toBe('/jots/4/task');
        expect(sent.data).toEqual({
            ...{ title: 'Ring the mill', project: '', goal: '', planned: '', isDone: false, refused: [], chosen: {} },
        });
        await act(() => sent.takes());
        expect(onSorted).toHaveBeenCalledWith('Ring the mill');
    });

    it('is planned by the digit of a day, which says what room it has, and let go of by the same digit', async () => {
        show(item('Ring the mill'));
        expect(screen.getByRole('button', { name: /Tue 9 Feb 1.h.30.min/ })).toBeTruthy();
        expect(screen.getByRole('button', { name: /Fri 12 Feb full/ })).toBeTruthy();
        strike('5');
        strike('5');
        strike('2');
        save();
        expect((await server.last()).data).toMatchObject({ planned: '2027-02-09' });
    });

    it.each([
        ['w', '2027-W06'],
        ['k', '2027-W07'],
        ['0', ''],
    ])('is planned by %s', async (key, planned) => {
        show(item('Ring the mill'));
        strike(key);
        save();
        expect((await server.last()).data).toMatchObject({ planned });
    });

    it('is done already by d, which is no plan then', async () => {
        show(item('Fixed the label printer'));
        strike('2');
        strike('d');
        save();
        expect((await server.last()).data).toMatchObject({ isDone: true });
    });

    it('is handed over', async () => {
        show(item('Ring the mill'));
        await userEvent.click(screen.getByRole('combobox', { name: 'Somebody else' }));
        await userEvent.click(screen.getByRole('option', { name: 'Elif Demir' }));
        save();
        expect((await server.last()).data).toMatchObject({ owner_id: '2' });
    });

    it('stays with its words where it is refused', async () => {
        render(<Notices />);
        show(item('Ring the mill'));
        strike('e');
        fireEvent.change(screen.getByLabelText('Title'), { target: { value: 'Ring both mills' } });
        save();
        const page = tray({ items: [item('Ring the mill'), { ...item('Two'), id: 5 }] });
        // The next one stands there at once.
        expect(guessed(page).items.map(({ words }) => words)).toEqual(['Two']);
        const sent = await server.last();
        await act(() => sent.refuses({ jot: 'This has been sorted already.' }));
        expect(await screen.findByText('This has been sorted already.')).toBeTruthy();
        expect(guessed(page).items).toHaveLength(2);
        expect(title()).toBe('Ring both mills');
    });

    it('is skipped by the arrow, and deleted by no single letter', async () => {
        const { onSkip, onSorted } = show(item('Ring the mill'));
        strike('ArrowDown');
        expect(onSkip).toHaveBeenCalledOnce();
        strike('x');
        expect(server.sent).toEqual([]);
        strike('Delete');
        const sent = await server.last();
        expect([sent.method, path(sent.url)]).toEqual(['delete', '/jots/4']);
        await act(() => sent.takes());
        expect(onSorted).toHaveBeenCalledWith('Deleted: Ring the mill');
    });

    it('starts a project by o', async () => {
        const { onSorted } = show(item('Refit the workshop'));
        strike('o');
        const sent = await server.last();
        expect(path(sent.url)).toBe('/jots/4/project');
        expect(sent.data).toEqual({ title: 'Refit the workshop' });
        await act(() => sent.takes());
        expect(onSorted).toHaveBeenCalledWith('Project: Refit the workshop');
    });

    it('is raised in a meeting', async () => {
        show(item('Who has the second key?'));
        await userEvent.click(screen.getByRole('combobox', { name: 'Raise it in a meeting' }));
        await userEvent.click(screen.getByRole('option', { name: 'Quay hour' }));
        const sent = await server.last();
        expect(path(sent.url)).toBe('/jots/4/issue');
        expect(sent.data).toEqual({ title: 'Who has the second key?', series: '1' });
    });

    it('of a meeting’s tray is an issue of that by i, and not put on anybody’s shelf', async () => {
        show(item('Who has the second key?'), tray({ of: { kind: 'series', id: 3, title: 'Quay hour', link: '/series/3' } }));
        expect(screen.queryByText('shelve')).toBeNull();
        strike('i');
        expect((await server.last()).data).toEqual({ title: 'Who has the second key?', series: '3' });
    });

    it('is kept as a reference only where there is an address in it', () => {
        show(item('Ring the mill'));
        expect(screen.queryByText('keep as a reference')).toBeNull();
        strike('r');
        expect(screen.queryByRole('dialog')).toBeNull();
    });

    it('becomes several, each line one', async () => {
        show(item('Chain and shackles'));
        strike('c');
        const dialog = screen.getByRole('dialog');
        fireEvent.change(within(dialog).getByRole('textbox'), { target: { value: 'Order chain\nOrder shackles' } });
        await userEvent.click(within(dialog).getByRole('button', { name: 'Split' }));
        const sent = await server.last();
        expect([path(sent.url), sent.data]).toEqual(['/jots/4/split', { words: 'Order chain\nOrder shackles' }]);
        await act(() => sent.takes());
        expect(screen.queryByRole('dialog')).toBeNull();
    });
});

describe('what was understood of it', () => {
    const said = item('Ring the mill by Friday, to Elif', [
        piece('planned', '2027-02-12', 'by Friday'),
        piece('owner', '2', 'to Elif', [{ value: '2', label: 'Elif Demir', group: null }]),
    ]);

    it('has a title of its own, who does it and when, to be sent as they are', async () => {
        show(said);
        expect(title()).toBe('Ring the mill');
        expect(screen.getByRole('button', { name: /Fri 12 Feb/ }).getAttribute('aria-pressed')).toBe('true');
        expect(screen.getByRole('combobox', { name: 'Somebody else' }).textContent).toBe('Elif Demir');
        save();
        // The server reads the sentence again: only what was chosen is sent beside it.
        expect((await server.last()).data).toMatchObject({ title: 'Ring the mill', planned: '', refused: [] });
    });

    it('is not meant where no day yet is chosen', async () => {
        show(said);
        strike('0');
        save();
        expect((await server.last()).data).toMatchObject({ planned: '', refused: ['planned by Friday'] });
    });

    it('gives way to what is chosen', async () => {
        show(said);
        strike('m');
        strike('w');
        fireEvent.change(screen.getByLabelText('Title'), { target: { value: 'Ring the other mill' } });
        save();
        expect((await server.last()).data).toMatchObject({ title: 'Ring the other mill', owner_id: '1', planned: '2027-W06' });
    });

    it('that can mean two asks which', async () => {
        const two = [
            { value: 'p1', label: 'Moorings Orkney', group: null },
            { value: 'p2', label: 'Moorings Jutland', group: null },
        ];
        show(item('Order chain for Moorings', [piece('for', '', 'for Moorings', two)]));
        const asked = screen.getByRole('group', { name: 'Which one is meant by for Moorings?' });
        await userEvent.click(within(asked).getByRole('button', { name: 'Moorings Jutland?' }));
        save();
        expect((await server.last()).data).toMatchObject({ chosen: { 'for for Moorings': 'p2' } });
    });
});

describe('what came back on its day', () => {
    it('is for what it came back about, unless another is chosen', async () => {
        const returned = { id: 1, words: 'x', on: TODAY, at: null, rhythm: null, about: 'Moorings Orkney', link: '/projects/3' };
        show(item('Look at the chain', [], { returned: { ...returned, kind: 'project', aboutId: 3 } }));
        save();
        expect((await server.last()).data).toMatchObject({ project: '3', goal: '' });
    });
});
