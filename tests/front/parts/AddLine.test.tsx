import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ItemRow, PointRow, RoomView, SeriesView } from '../../../resources/js/generated/props';
import { AddTask } from '../../../resources/js/parts/task/AddTask';
import { Log } from '../../../resources/js/parts/day/Log';
import { JotDialog } from '../../../resources/js/parts/frame/JotDialog';
import { Points } from '../../../resources/js/parts/meetings/Points';
import { RaiseIssue } from '../../../resources/js/parts/meetings/RaiseIssue';
import { NextSteps } from '../../../resources/js/parts/meetings/room/NextSteps';
import { SeriesTray } from '../../../resources/js/parts/meetings/SeriesTray';
import { elif, mei, noor, TODAY } from '../made';
import { path, server } from '../server';

const LIST = '- Ask the diver\n- [ ] Coil the spare rope\n3. Ring the mill\n';

const line = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });
const write = (name: string, value: string) => fireEvent.change(line(name), { target: { value } });
const enter = (name: string) => fireEvent.submit(line(name));
const paste = (name: string, text: string) => fireEvent.paste(line(name), { clipboardData: { getData: () => text } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

beforeEach(() => {
    // Nothing is understood of what is written, unless a test says so.
    server.says('{"lines":[]}');
});

describe('a line for the next task', () => {
    const show = () => render(<AddTask to={{ project: 3, stage_id: 5 }} words="Add a task" />);

    it('sends what is written with its place, to be read as plain English', async () => {
        show();
        write('Add a task', 'Ring the mill by Friday');
        enter('Add a task');
        const sent = await server.last();
        expect([sent.method, path(sent.url)]).toEqual(['post', '/tasks']);
        expect(sent.data).toEqual({ title: 'Ring the mill by Friday', project: 3, stage_id: 5, isLine: true, refused: [], chosen: {} });
        expect(line('Add a task').value).toBe('');
    });

    it('sends nothing of nothing', async () => {
        show();
        write('Add a task', '   ');
        enter('Add a task');
        await new Promise((done) => setTimeout(done, 5));
        expect(server.sent).toEqual([]);
    });

    it('asks once about a list that is pasted: each line for itself, without what marks it as a list', async () => {
        show();
        paste('Add a task', LIST);
        const asked = screen.getByRole('group', { name: 'A list was pasted' });
        expect(
            within(asked)
                .getAllByRole('listitem')
                .map(({ textContent }) => textContent),
        ).toEqual([...['Ask the diver', 'Coil the spare rope', 'Ring the mill']]);
        press('Add 3 separately');
        const sent = await server.last();
        expect(sent.data).toMatchObject({ title: '', lines: ['Ask the diver', 'Coil the spare rope', 'Ring the mill'], project: 3 });
        expect(screen.queryByRole('group')).toBeNull();
    });

    it('or all of it as one line', async () => {
        show();
        paste('Add a task', LIST);
        press('Keep as one line');
        expect(line('Add a task').value).toBe('Ask the diver; Coil the spare rope; Ring the mill');
        expect(screen.queryByRole('group')).toBeNull();
        enter('Add a task');
        expect((await server.last()).data).toMatchObject({ title: 'Ask the diver; Coil the spare rope; Ring the mill' });
    });

    it('shows five lines of a long list, and says how many more', () => {
        show();
        paste('Add a task', Array.from({ length: 40 }, (_, at) => `Buoy ${String(at + 1)}`).join('\n'));
        expect(screen.getAllByRole('listitem')).toHaveLength(5);
        expect(screen.getByText('and 35 more')).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Add 40 separately' })).toBeTruthy();
    });

    it('is a plain field for one line, and for a list that is pasted into other words', () => {
        show();
        paste('Add a task', 'Ask the diver\n');
        expect(screen.queryByRole('group')).toBeNull();
        write('Add a task', 'Ask ');
        paste('Add a task', LIST);
        expect(screen.queryByRole('group')).toBeNull();
    });

    it('asks no more once the words were changed', () => {
        show();
        paste('Add a task', LIST);
        write('Add a task', 'Ask the diver');
        expect(screen.queryByRole('group')).toBeNull();
    });

    it('says which line of a list is wrong, and has the list again', async () => {
        show();
        paste('Add a task', LIST);
        press('Add 3 separately');
        const sent = await server.last();
        await act(() => sent.refuses({ lines: '“Ring the mill”: This project is closed.' }));
        expect(screen.getByText('“Ring the mill”: This project is closed.')).toBeTruthy();
        expect(line('Add a task').value).toBe('Ask the diver; Coil the spare rope; Ring the mill');
        expect(screen.getByRole('button', { name: 'Add 3 separately' })).toBeTruthy();
    });
});

describe('every line to add on takes a list', () => {
    const points: PointRow[] = [];

    it.each([
        ['What to raise with someone', () => <Points points={points} people={[elif, mei]} />, '/points', { about: 2 }],
        ['Write a line', () => <Log on={TODAY} lines={[]} mayWrite />, '/log-lines', { on: TODAY }],
        [
            'What needs discussing?',
            () => <RaiseIssue series={{ id: 4, title: 'Quay hour' }} projects={[]} goals={[]} />,
            '/series/4/issues',
            {},
        ],
        ['What has come in?', () => <SeriesTray page={{ series: { id: 4 }, tray: 0 } as SeriesView} />, '/series/4/jots', {}],
    ])('%s', async (words, part, address, besides) => {
        render(part());
        paste(words, LIST);
        // What is chosen beside it is for each of them; there is one way to add them.
        expect(screen.queryByRole('button', { name: 'Add' })).toBeNull();
        press('Add 3 separately');
        const sent = await server.last();
        expect(path(sent.url)).toBe(address);
        expect(sent.data).toMatchObject({ ...besides, lines: ['Ask the diver', 'Coil the spare rope', 'Ring the mill'] });
        expect(line(words).value).toBe('');
    });
});

describe('a next step of a meeting', () => {
    const item = { id: 9, nextSteps: [], issue: null } as unknown as ItemRow;
    const room = { mayRun: true, unconfirmed: [], people: [noor, elif], projects: [], by: '2027-02-15' } as unknown as RoomView;

    it('asks who does it once that was refused, and has its words again', async () => {
        render(<NextSteps page={room} item={item} />);
        write('What, who, by when?', 'Ring the mill');
        expect(screen.getByText('Who')).toBeTruthy();
        enter('What, who, by when?');
        const sent = await server.last();
        expect(path(sent.url)).toBe('/agenda-items/9/next-steps');
        await act(() => sent.refuses({ owner: 'Who does it? Add “to” and a name, or choose one.' }));

        expect(line('What, who, by when?').value).toBe('Ring the mill');
        expect(screen.getByRole('combobox', { name: 'Who does it?' })).toBeTruthy();
    });
});

describe('a jot', () => {
    const show = () => {
        const onOpenChange = vi.fn();
        render(<JotDialog isOpen onOpenChange={onOpenChange} />);

        return onOpenChange;
    };
    const words = () => screen.getByRole<HTMLTextAreaElement>('textbox');

    it('is saved by Enter, and begins another item with Shift', async () => {
        const onOpenChange = show();
        fireEvent.change(words(), { target: { value: 'Ring the mill' } });
        fireEvent.keyDown(words(), { key: 'Enter', shiftKey: true });
        fireEvent.keyDown(words(), { key: 'Enter' });
        const sent = await server.last();
        expect(sent.data).toMatchObject({ words: 'Ring the mill' });
        await act(() => sent.takes());
        expect(onOpenChange).toHaveBeenCalledWith(false);
        expect(server.sent).toHaveLength(1);
    });

    it('shows what is understood, each piece to be refused', async () => {
        const piece = { key: 'due', kind: 'due', words: 'by Friday', value: '2027-02-12', choices: [] };
        server.says(JSON.stringify({ lines: [{ title: 'Ring the mill', pieces: [piece] }] }));
        show();
        fireEvent.change(words(), { target: { value: 'Ring the mill by Friday' } });
        const understood = await screen.findByRole('list', { name: 'Understood' });
        await waitFor(() => {
            expect(within(understood).getByText('from “by Friday”')).toBeTruthy();
        });
        fireEvent.click(within(understood).getByRole('button', { name: 'not this' }));
        fireEvent.keyDown(words(), { key: 'Enter' });
        expect((await server.last()).data).toMatchObject({ refused: ['due'] });
    });
});
