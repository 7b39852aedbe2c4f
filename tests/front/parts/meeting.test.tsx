import { act as acting, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { HereNow, RoomView } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { guessed } from '../../../resources/js/lib/queue/queue';
import { CloseMeeting } from '../../../resources/js/parts/meetings/room/CloseMeeting';
import { CurrentItem } from '../../../resources/js/parts/meetings/room/CurrentItem';
import { FollowUps } from '../../../resources/js/parts/meetings/room/FollowUps';
import { Room } from '../../../resources/js/parts/meetings/room/Room';
import { ToConfirm } from '../../../resources/js/parts/meetings/room/ToConfirm';
import { pick, press, said, strike, write, writeAndLeave } from '../hand';
import { elif, mei, noor, task, TODAY } from '../made';
import { attendance, followUp, issue, issueItem, item, room } from '../made/meeting';
import { server } from '../server';

beforeEach(() => {
    setToday(TODAY);
    server.says('{}', 503);
});

describe('what is being talked about', () => {
    const show = (page: RoomView, at = 0) => {
        const shown = page.items[at];

        if (shown !== undefined) {
            render(<CurrentItem page={page} item={shown} passed={0} />);
        }
    };

    it('says of an issue who needs what, since when, and how often it waited', () => {
        show(room({ items: [issueItem({}, { waited: 2, for: 'New data logger', context: 'Two firms answered.' })] }));
        expect(screen.getByText('Elif needs a decision. Raised Wed 27 Jan, postponed twice, New data logger')).toBeTruthy();
        expect(screen.getByText('Two firms answered.')).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Open the issue' }).getAttribute('href')).toContain('/issues/14');
    });

    it('says once what an issue that was never postponed needs', () => {
        show(room({ items: [issueItem({}, { need: 'information' })] }));
        expect(screen.getByText('Elif needs everyone informed. Raised Wed 27 Jan')).toBeTruthy();
    });

    it('names who is there at the opening, and nobody else', () => {
        const attendances = [attendance(), attendance({ id: 62, personId: elif.id, name: elif.name, wasThere: false })];
        show(room({ items: [item({ kind: 'opening', title: 'Opening round' })], attendances }));
        expect(
            within(screen.getAllByRole('list')[0] ?? document.body)
                .getAllByRole('listitem')
                .map(({ textContent }) => textContent),
        ).toEqual([noor.name]);
    });

    it('leads to what an item is about', () => {
        show(room({ items: [item({ look: { value: '/goals/4', label: 'Open the goal', group: null } })] }));
        expect(screen.getByRole('link', { name: 'Open the goal' }).getAttribute('href')).toBe('/goals/4');
    });

    it('keeps a decision with its reason, and sends it once', async () => {
        show(room({ items: [issueItem({ decisions: [{ id: 1, words: 'Two suppliers.', because: 'One was late.' }] })] }));
        expect(screen.getByText('Reason: One was late.')).toBeTruthy();
        write('What was decided?', 'The second from April.');
        write('Reason', 'Prices hold until March.');
        fireEvent.submit(screen.getByLabelText('What was decided?'));
        const sent = await said();
        expect(sent).toEqual([
            'post',
            '/agenda-items/6/decisions',
            { words: 'The second from April.', because: 'Prices hold until March.' },
        ]);
        expect(screen.getByLabelText<HTMLInputElement>('What was decided?').value).toBe('');
    });

    it('is only read by who may not run it', () => {
        show(room({ items: [issueItem({ state: 'current', spent: 0 })], mayRun: false }));
        expect(screen.queryByLabelText('What was decided?')).toBeNull();
        expect(screen.queryByLabelText('What, who, by when?')).toBeNull();
        expect(screen.queryByLabelText('Write a line')).toBeNull();
        expect(screen.getByLabelText('Your own notes on Second modem supplier')).toBeTruthy();
    });

    it('marks a next step that nobody has said yes to', () => {
        const nextSteps = [task({ id: 50, title: 'Ask for prices', owner: mei }), task({ id: 51, title: 'Ring the mill' })];
        show(room({ items: [issueItem({ nextSteps })], unconfirmed: [50] }));
        const rows = screen.getAllByRole('listitem').filter(({ textContent }) => /Ask|Ring/.test(textContent));
        expect(rows.map((row) => within(row).queryByText('not confirmed') !== null)).toEqual([true, false]);
    });
});

describe('what was to be done since last time', () => {
    const show = (more = {}, page: Partial<RoomView> = {}) => render(<FollowUps page={room({ followUps: [followUp(more)], ...page })} />);

    it('is done by one press', async () => {
        show();
        await press('Done');
        expect(await said()).toEqual(['put', '/meetings/31/follow-ups/40', { answer: 'done', words: '', until: '' }]);
    });

    it.each([
        ['Help needed', 'What help is needed?', 'Make it an issue', { answer: 'help' }],
        ['Held up', 'What is it waiting for?', 'Save', { answer: 'held_up' }],
    ])('asks what %s means, and keeps the words through a reload', async (answer, label, save, data) => {
        const { unmount } = show();
        await press(answer);
        expect(server.sent).toEqual([]);
        write(label, 'a second pair of hands');
        unmount();
        show();
        await press(answer);
        await press(save);
        expect((await server.last()).data).toEqual({ ...data, words: 'a second pair of hands', until: '' });
    });

    it('asks until when something that is not done yet is put off, and for nothing else', async () => {
        show();
        await press('Held up');
        write('What is it waiting for?', 'the crane');
        await press('Cancel');
        await press('Not yet');
        await writeAndLeave('New date', 'Fri');
        await vi.waitFor(() => {
            expect(screen.getByLabelText<HTMLInputElement>('New date').value).toBe('Fri 12 Feb');
        });
        await press('Save');
        expect((await server.last()).data).toEqual({ answer: 'not_yet', words: '', until: '2027-02-12' });
    });

    it('stays open with the reason where it is refused, and closes once it is taken', async () => {
        show();
        await press('Help needed');
        await press('Make it an issue');
        await (await server.last()).refuses({ words: 'Say what help is needed.' });
        expect(await screen.findByText('Say what help is needed.')).toBeTruthy();
        await userEvent.type(screen.getByLabelText('What help is needed?'), 'A crane');
        await press('Make it an issue');
        await (await server.nth(2)).takes();
        await vi.waitFor(() => {
            expect(screen.queryByLabelText('What help is needed?')).toBeNull();
        });
    });

    it('shows the answer it has, and offers the others', () => {
        show({ answer: 'not_yet', until: '2027-02-16' });
        expect(screen.getByText('Not yet, until Tue 16 Feb')).toBeTruthy();
        expect(screen.getAllByRole('button').filter(({ textContent }) => /Done|Not yet|Help|Held/.test(textContent)).length).toBe(3);
    });

    it('is asked of nobody who may not run the meeting', () => {
        show({}, { mayRun: false });
        expect(screen.queryByRole('button', { name: 'Not yet' })).toBeNull();
    });
});

describe('a next step for whoever looks', () => {
    it('is confirmed by one press', async () => {
        render(<ToConfirm page={room({ toConfirm: [task({ title: 'Ask for prices', dueOn: '2027-02-17' })] })} />);
        expect(screen.getByRole('listitem').textContent).toContain('Ask for prices, by Wed 17 Feb');
        await press('Confirm');
        expect(await said()).toEqual(['put', '/tasks/7/confirmation', {}]);
    });

    it('takes no room where there is none', () => {
        const { container } = render(<ToConfirm page={room()} />);
        expect(container.innerHTML).toBe('');
    });
});

describe('closing a meeting', () => {
    const quiet: HereNow = { here: [1], writing: [], isClosing: false };
    const onGo = vi.fn();
    const open = async (page: RoomView, here = quiet) => {
        const view = render(<CloseMeeting page={page} here={here} isNext onGo={onGo} />);
        await press('Close the meeting');
        await (await server.last()).takes();

        return view;
    };

    it('is announced to all pages, and called off again', async () => {
        await open(room());
        expect(server.sent[0]).toMatchObject({ method: 'put', data: { isClosing: true } });
        await userEvent.keyboard('{Escape}');
        expect((await server.nth(2)).data).toEqual({ isClosing: false });
        expect(screen.queryByRole('dialog')).toBeNull();
    });

    it('asks about every issue without an outcome, and each can be settled there', async () => {
        await open(room({ items: [issueItem(), issueItem({ id: 8, title: 'Berth 7', outcome: 'decided' }), item()] }));
        const dialog = screen.getByRole('dialog');
        expect(
            within(dialog)
                .getAllByRole('listitem')
                .map(({ firstChild }) => firstChild?.textContent),
        ).toEqual(['Second modem supplier']);
        await press('Next time');
        const sent = await server.nth(2);
        expect(sent).toMatchObject({ method: 'put', data: { outcome: 'next_time' } });
        await sent.takes();
        await pick('Move …', 'Make a project of it');
        expect((await server.nth(3)).data).toEqual({ outcome: 'project' });
    });

    it('names what was typed and not added, also where it was refused, and leads there', async () => {
        const page = room({ items: [issueItem(), item()] });
        const at = page.items[1];

        if (at !== undefined) {
            render(<CurrentItem page={page} item={at} passed={0} />);
        }

        write('What, who, by when?', 'Ring the mill');
        strike('Enter');
        await open(page);
        const dialog = within(screen.getByRole('dialog'));
        expect(dialog.getByText('Ring the mill')).toBeTruthy();
        await press('Go to it');
        expect(onGo).toHaveBeenCalledWith(at?.id);
        expect(screen.queryByRole('dialog')).toBeNull();
    });

    it('names who has not confirmed what they are to do', async () => {
        const nextSteps = [task({ id: 50, title: 'Ask for prices', owner: mei })];
        await open(room({ items: [issueItem({ nextSteps, outcome: 'next_steps' })], unconfirmed: [50] }));
        expect(within(screen.getByRole('dialog')).getByText('Ask for prices, Mei Tanaka')).toBeTruthy();
    });

    it('drafts a summary only into an empty field', async () => {
        await open(room({ draft: 'Decided: two suppliers.' }));
        await press('Draft it from decisions and next steps');
        expect(screen.getByLabelText<HTMLTextAreaElement>('Summary').value).toBe('Decided: two suppliers.');
        expect(screen.queryByRole('button', { name: /Draft it/ })).toBeNull();
        await press('Close meeting');
        expect(await server.nth(2)).toMatchObject({ method: 'post', data: { summary: 'Decided: two suppliers.', waits: true } });
    });

    it('waits in sight for lines that are still being written, or closes without them', async () => {
        await open(room(), { ...quiet, writing: ['Elif', 'Mei'] });
        expect(screen.getByText('Waiting for lines from Elif, Mei.')).toBeTruthy();
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Close meeting' }).disabled).toBe(true);
        await press(/Close without waiting/);
        expect(await server.nth(2)).toMatchObject({ data: { waits: false } });
    });

    it('offers to close without waiting where the server knows of lines that the page does not', async () => {
        await open(room());
        expect(screen.queryByRole('button', { name: /Close without waiting/ })).toBeNull();
        await press('Close meeting');
        await (await server.nth(2)).refuses({ waits: 'Elif is still writing.' });
        expect(await screen.findByText('Elif is still writing.')).toBeTruthy();
        expect(screen.getByRole('button', { name: /Close without waiting/ })).toBeTruthy();
    });
});

describe('the room', () => {
    const heading = () => screen.getByRole('heading', { level: 2, name: /Harbours|Second modem|Berth/ }).textContent;
    const moved = (items = room().items) => room({ items: items.map((each, at) => ({ ...each, state: at === 1 ? 'current' : 'done' })) });

    it('shows what is talked about, and follows when the chair moves on', () => {
        const { rerender } = render(<Room page={room()} />);
        expect(heading()).toBe('Harbours');
        rerender(<Room page={moved()} />);
        expect(heading()).toBe('Second modem supplier');
    });

    it('moves nobody away who is writing, and says where the room is', async () => {
        const { rerender } = render(<Room page={room()} />);
        const field = screen.getByLabelText<HTMLTextAreaElement>('Write a line');
        field.focus();
        fireEvent.change(field, { target: { value: 'Berth 7 has' } });
        rerender(<Room page={moved()} />);
        expect(heading()).toBe('Harbours');
        expect(screen.getByLabelText<HTMLTextAreaElement>('Write a line').value).toBe('Berth 7 has');
        await press(/Go there/);
        expect(heading()).toBe('Second modem supplier');
    });

    it('keeps the field of who writes before the first item was started', () => {
        const before = room({ items: room().items.map((each) => ({ ...each, state: 'coming' })) });
        const { rerender } = render(<Room page={before} />);
        const field = screen.getByLabelText<HTMLTextAreaElement>('Write a line');
        field.focus();
        fireEvent.change(field, { target: { value: 'Half a wo' } });
        rerender(<Room page={moved()} />);
        expect(heading()).toBe('Harbours');
        expect(document.activeElement).toBe(screen.getByLabelText('Write a line'));
    });

    it('is at an item from the press on, and back where that is refused', async () => {
        const page = room();
        render(<Room page={page} />);
        await press(/Next item/);
        const states = () => guessed(page).items.map(({ state }) => state);
        expect(states().slice(0, 2)).toEqual(['done', 'current']);
        const sent = await server.last();
        await acting(() => sent.refuses({ item: 'The minutes are final.' }));
        expect(states()).toEqual(page.items.map(({ state }) => state));
    });

    it('moves nobody back who looks at something else', async () => {
        const items = [...room().items, item({ id: 9, title: 'Berth 7' })];
        const { rerender } = render(<Room page={room({ items })} />);
        await press(/Berth 7/);
        expect(heading()).toBe('Berth 7');
        rerender(<Room page={moved(items)} />);
        expect(heading()).toBe('Berth 7');
        expect(screen.getByText('Second modem supplier', { selector: 'strong' })).toBeTruthy();
    });

    it('Ctrl Enter goes to where the room is, and from there to the next item', async () => {
        const items = [...room().items, item({ id: 9, title: 'Berth 7' })];
        render(<Room page={room({ items })} />);
        await press(/Berth 7/);
        strike('Enter', { ctrlKey: true });
        expect(heading()).toBe('Harbours');
        expect(server.sent).toEqual([]);
        strike('Enter', { ctrlKey: true });
        expect(await said()).toEqual(['post', '/agenda-items/6/turn', {}]);
        expect(heading()).toBe('Second modem supplier');
    });

    it('is turned on by nobody who may not run it', () => {
        render(<Room page={room({ mayRun: false })} />);
        strike('Enter', { ctrlKey: true });
        expect(server.sent).toEqual([]);
        expect(screen.queryByRole('button', { name: 'Close the meeting' })).toBeNull();
    });

    it('says that it is paused, and goes on by one press', async () => {
        render(<Room page={room({ isPaused: true })} />);
        await userEvent.click(screen.getAllByRole('button', { name: 'Continue' })[0] ?? document.body);
        expect(await said()).toEqual(['put', '/meetings/31/pause', { isPaused: false }]);
    });

    it('takes five more minutes, moves an item and settles an issue from its bar', async () => {
        const items = [item({ state: 'current', spent: 60 }), issueItem(), item({ id: 9, title: 'Berth 7' })];
        render(<Room page={room({ items })} />);
        await pick('More …', 'Take 5 more minutes');
        expect(await server.last()).toMatchObject({
            url: expect.stringContaining('/agenda-items/5/extra') as string,
            data: { minutes: 5 },
        });
        await (await server.last()).takes();
        await press(/Berth 7/);
        await pick('More …', 'Move to the top');
        expect(await server.nth(2)).toMatchObject({ url: expect.stringContaining('/agenda-items/9/place') as string, data: { before: 6 } });
        await (await server.nth(2)).takes();
        await press(/Second modem/);
        await pick('Move …', 'Drop');
        expect(await server.nth(3)).toMatchObject({ data: { outcome: 'dropped' } });
    });

    it('shelves an issue with a return date or without one', async () => {
        render(<Room page={room({ items: [issueItem({ state: 'current', spent: 0 })] })} />);
        await pick('Move …', 'Shelve …');
        await userEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Shelve' }));
        expect(await server.last()).toMatchObject({ data: { outcome: 'shelved', returnOn: '' } });
    });

    it('says who is here, ticks who is present, and takes up what was raised meanwhile', async () => {
        const attendances = [attendance(), attendance({ id: 62, personId: null, name: 'Jo Mills' })];
        render(<Room page={room({ attendances, raisedMeanwhile: [issue({ id: 15, title: 'Cold store' })] })} />);
        expect(screen.getByText('guest')).toBeTruthy();
        await userEvent.click(screen.getByLabelText('Jo Mills'));
        expect(await said()).toEqual(['put', '/attendances/62', { wasThere: false }]);
        await (await server.last()).takes();
        await press('Take it up today');
        expect((await server.nth(2)).url).toContain('/meetings/31/issues/15');
    });

    it('tells all pages that it is about to be closed, and sends what they hold', async () => {
        vi.mocked(globalThis.fetch).mockImplementation(() =>
            Promise.resolve(new Response(JSON.stringify({ here: [2], writing: [], isClosing: true }))),
        );
        render(<Room page={room({ attendances: [attendance({ personId: elif.id, name: elif.name })] })} />);
        expect(await screen.findByText(/about to be closed/)).toBeTruthy();
        expect(screen.getByText('here')).toBeTruthy();
    });
});
