import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ItemRow, LineRow, RoomView } from '../../../resources/js/generated/props';
import { useWrittenIn } from '../../../resources/js/lib/keys';
import { openLines } from '../../../resources/js/lib/kept/lines';
import { Notes } from '../../../resources/js/parts/meetings/room/Notes';
import { TimeStrip } from '../../../resources/js/parts/meetings/room/TimeStrip';
import { strike } from '../hand';
import { elif, noor } from '../made';
import { item } from '../made/meeting';
import { path, server } from '../server';

describe('the agenda to the scale of time', () => {
    const strip = (items: ItemRow[], passed = 0) => {
        const onChoose = vi.fn();
        const page = { items, minutes: 30, ends: '09:10' } as RoomView;
        render(<TimeStrip page={page} passed={passed} shown={null} onChoose={onChoose} />);

        return onChoose;
    };
    const bars = () => screen.getAllByRole('listitem');

    it('gives each item its minutes in height, and shows who it is and why it matters', () => {
        strip([
            item({ id: 1, minutes: 10, who: 'Priya Raman' }),
            item({ id: 2, minutes: 5, title: 'Berth 7', issue: { rank: 'A' } as ItemRow['issue'] }),
        ]);
        expect(bars().map(({ style }) => style.minHeight)).toEqual(['60px', '30px']);
        expect(bars().map(({ textContent }) => textContent)).toEqual([
            '08:40Harbours Priya10 min',
            '08:40Berth 7 gets worse each week5 min',
        ]);
    });

    it('grows with an item that takes longer, says by how much, and how late the end is', () => {
        strip(
            [
                item({ id: 1, state: 'done', minutes: 8, spent: 8 * 60 }),
                item({ id: 2, state: 'current', minutes: 10, spent: 12 * 60 }),
                item({ id: 3, minutes: 10 }),
            ],
            180,
        );
        expect(bars()[1]?.style.minHeight).toBe('90px');
        expect(bars()[1]?.textContent).toContain('10 min, 5 over');
        expect(bars()[1]?.getAttribute('aria-current')).toBe('step');
        expect(screen.getByText('3 min late')).toBeTruthy();
    });

    it('shrinks with an item that was over sooner, and then nothing is late', () => {
        strip([item({ id: 1, state: 'done', minutes: 20, spent: 120 }), item({ id: 2, minutes: 20 })]);
        expect(bars()[0]?.style.minHeight).toBe('26px');
        expect(screen.queryByText(/late/)).toBeNull();
    });

    it('keeps what will not fit below the end, with how much that is', () => {
        const onChoose = strip([item({ id: 1 }), item({ id: 2, state: 'wont_fit', title: 'Coffee machine', minutes: 5, extra: 2 })]);
        expect(screen.getByText('7 min will not fit')).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: /Coffee machine/ }));
        expect(onChoose).toHaveBeenCalledWith(2);
    });
});

describe('notes of an item', () => {
    const line = (more: Partial<LineRow> = {}): LineRow => ({
        ...{ id: 9, key: 'k-9', version: 2, words: 'Two boats.', who: elif, at: '08:44', isMine: false, became: null, correctedBy: null },
        ...more,
    });
    const show = (lines: LineRow[] = [], mayWrite = true, mayCorrect = false) =>
        render(<Notes item={item({ lines })} mayWrite={mayWrite} mayCorrect={mayCorrect} />);
    const field = () => screen.getByLabelText<HTMLTextAreaElement>('Write a line');
    const write = (words: string) => fireEvent.change(field(), { target: { value: words } });
    const sent = () => server.sent.map(({ data }) => data.words);
    const shown = () => [...document.querySelectorAll('[data-note-line] > span:first-child')].map(({ textContent }) => textContent);

    beforeEach(() => {
        openLines(1);
    });

    it('stand one after the other with who wrote them; what the server does not have yet comes last', () => {
        show([line()]);
        write('Three, not two.');
        fireEvent.keyDown(field(), { key: 'Enter' });
        expect(shown()).toEqual(['Two boats.', 'Three, not two.']);
        expect(screen.getByText('Elif')).toBeTruthy();
        expect(screen.getByText('sending')).toBeTruthy();
        expect(field().value).toBe('');
    });

    it('become several where several lines are pasted, and the last goes on being written', async () => {
        show();
        write('One\nTwo\nThr');
        expect(shown()).toEqual(['One', 'Two']);
        expect(field().value).toBe('Thr');
        await vi.waitFor(() => {
            expect(sent()).toEqual(['One', 'Two']);
        });
    });

    it('show one’s own later words over the server’s, and the server’s once those are newer', () => {
        const { rerender } = show([line({ key: 'mine', isMine: true, who: noor, version: 1, words: 'Two boats' })]);
        fireEvent.click(screen.getByRole('button', { name: 'Edit' }));
        fireEvent.change(screen.getByLabelText('Edit the line'), { target: { value: 'Two boats, not three' } });
        fireEvent.keyDown(screen.getByLabelText('Edit the line'), { key: 'Enter' });
        expect(shown()).toEqual(['Two boats, not three']);
        rerender(
            <Notes item={item({ lines: [line({ key: 'mine', isMine: true, who: noor, version: 9, words: 'One boat' })] })} mayWrite />,
        );
        expect(shown()).toEqual(['One boat']);
    });

    it.each([
        ['s', '/agenda-items/5/next-steps', { title: 'Two boats.', line: 9 }],
        ['d', '/agenda-items/5/decisions', { words: 'Two boats.', line: 9 }],
    ])('become something where they stand, by %s', async (key, address, data) => {
        show([line()]);
        const row = document.querySelector<HTMLElement>('[data-note-line]');
        row?.focus();
        fireEvent.keyDown(row ?? document.body, { key });
        const act = await server.last();
        expect(path(act.url)).toBe(address);
        expect(act.data).toEqual(data);
    });

    it('become something once the server has them, if it was called before', async () => {
        const { rerender } = show();
        write('Three boats.');
        fireEvent.keyDown(field(), { key: 'Enter' });
        const written = await server.last();
        const row = document.querySelector<HTMLElement>('[data-note-line]');
        row?.focus();
        fireEvent.keyDown(row ?? document.body, { key: 'd' });
        await written.takes();
        expect(server.sent).toHaveLength(1);

        const { key, version } = written.data as { key: string; version: number };
        const known = line({ id: 12, key, version, words: 'Three boats.', isMine: true, who: noor });
        rerender(<Notes item={item({ lines: [known] })} mayWrite />);
        await vi.waitFor(() => {
            expect(server.sent).toHaveLength(2);
        });
        expect(server.sent[1]?.data).toEqual({ words: 'Three boats.', line: 12 });
    });

    it('are for writing where they are pressed: one’s own are edited, and others’ words stay theirs', () => {
        show([line({ words: 'Hers.' }), line({ id: 10, key: 'k-10', isMine: true, who: noor, words: 'Mine.' })]);
        fireEvent.click(screen.getByText('Hers.'));
        expect(document.activeElement).toBe(field());
        fireEvent.click(screen.getByText('Mine.'));
        expect(screen.getByLabelText<HTMLTextAreaElement>('Edit the line').value).toBe('Mine.');
    });

    it('have letters for letters in a running meeting, until a key is called', async () => {
        const Running = () => {
            useWrittenIn();

            return <Notes item={item({ lines: [line()] })} mayWrite />;
        };
        render(<Running />);
        const row = document.querySelector<HTMLElement>('[data-note-line]');
        row?.focus();
        strike('d');
        await new Promise((done) => setTimeout(done, 5));
        expect(server.sent).toEqual([]);
        strike('.', { ctrlKey: true });
        strike('d');
        expect(path((await server.last()).url)).toBe('/agenda-items/5/decisions');
        strike('s');
        await new Promise((done) => setTimeout(done, 5));
        expect(server.sent).toHaveLength(1);
    });

    it('are corrected where they stand by who may, with what stood there, and say so', async () => {
        const { rerender } = show([line({ words: 'Half a meter' })], true, true);
        fireEvent.click(screen.getByText('Half a meter'));
        const correcting = screen.getByLabelText('Correct the line');
        fireEvent.change(correcting, { target: { value: 'Half a metre' } });
        fireEvent.keyDown(correcting, { key: 'Enter' });
        const sent = await server.last();
        expect([sent.method, path(sent.url), sent.data]).toEqual([
            'put',
            '/note-lines/9',
            { words: 'Half a metre', seen: { words: 'Half a meter' } },
        ]);
        rerender(<Notes item={item({ lines: [line({ words: 'Half a metre', correctedBy: 'Noor Aksoy' })] })} mayWrite />);
        expect(screen.getByText('corrected by Noor')).toBeTruthy();
    });

    it('become nothing twice, and nothing while only this browser has them', async () => {
        show([line({ became: 'decision' })]);
        write('Three.');
        fireEvent.keyDown(field(), { key: 'Enter' });
        document.querySelectorAll<HTMLElement>('[data-note-line]').forEach((row) => fireEvent.keyDown(row, { key: 'd' }));
        await new Promise((done) => setTimeout(done, 5));
        expect(server.sent.map(({ url }) => path(url))).toEqual(['/agenda-items/5/lines']);
        expect(screen.queryByRole('button', { name: 'Decision' })).toBeNull();
    });

    it('are deleted by their writer alone, by an address of their own', async () => {
        show([line(), line({ id: 10, key: 'k-10', isMine: true, who: noor, words: 'Mine.' })]);
        const [others, mine] = [...document.querySelectorAll<HTMLElement>('[data-note-line]')];
        expect(within(others ?? document.body).queryByRole('button', { name: 'Delete' })).toBeNull();
        fireEvent.click(within(mine ?? document.body).getByRole('button', { name: 'Delete' }));
        const sent = await server.last();
        expect([sent.method, path(sent.url)]).toEqual(['delete', '/note-lines/10']);
    });

    it('can only be read by who may not write', () => {
        show([line({ isMine: true, who: noor })], false);
        expect(screen.queryByLabelText('Write a line')).toBeNull();
        expect(screen.queryByRole('button')).toBeNull();
        expect(document.querySelector('[data-note-line]')?.getAttribute('tabindex')).toBeNull();
    });

    it('of a line that was begun come back after a reload, where it was begun', () => {
        const { unmount } = show();
        write('half a li');
        unmount();
        act(() => {
            openLines(1);
        });
        show();
        expect(field().value).toBe('half a li');
    });
});
