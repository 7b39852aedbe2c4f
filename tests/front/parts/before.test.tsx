import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { PlannedItem, PlannedRow, SeriesValues, StandingValues } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import Decisions from '../../../resources/js/pages/meetings/Decisions';
import SeriesForm from '../../../resources/js/pages/meetings/SeriesForm';
import { Agenda } from '../../../resources/js/parts/meetings/Agenda';
import { AttendeeFields } from '../../../resources/js/parts/meetings/AttendeeFields';
import { Planned } from '../../../resources/js/parts/meetings/Planned';
import { Points } from '../../../resources/js/parts/meetings/Points';
import { RaiseForm } from '../../../resources/js/parts/meetings/RaiseAbout';
import { RuleFields } from '../../../resources/js/parts/meetings/RuleFields';
import { StandingFields } from '../../../resources/js/parts/meetings/StandingFields';
import { choices, choose, holding, press, said, write, writeAndLeave } from '../hand';
import { elif, mei, noor, TODAY } from '../made';
import { crew, decisions, option, seriesForm, seriesView } from '../made/forms';
import { issue } from '../made/meeting';
import { server } from '../server';

beforeEach(() => {
    setToday(TODAY);
    server.says('[]');
});

describe('when a meeting comes back', () => {
    const show = (rule: string) => holding(rule, (now, change) => <RuleFields rule={now} error={undefined} onChange={change} />);
    const on = () => screen.queryByRole('combobox', { name: 'On' })?.textContent;

    it('is said in words, and keeps its day in another rhythm', async () => {
        const now = show('FREQ=WEEKLY;BYDAY=WE');
        expect(on()).toBe('Wednesday');
        await choose('Repeats', 'Every second');
        expect(now()).toBe('FREQ=WEEKLY;INTERVAL=2;BYDAY=WE');
        await choose('On', 'Friday');
        expect(now()).toBe('FREQ=WEEKLY;INTERVAL=2;BYDAY=FR');
        await choose('Repeats', 'Last of the month,');
        expect(now()).toBe('FREQ=MONTHLY;BYDAY=-1FR');
        await choose('On', 'Monday');
        expect(now()).toBe('FREQ=MONTHLY;BYDAY=-1MO');
    });

    it('asks for no day of a meeting that is held once', async () => {
        const now = show('FREQ=WEEKLY;BYDAY=WE');
        await choose('Repeats', 'Once');
        expect(now()).toBe('FREQ=DAILY;COUNT=1');
        expect(on()).toBeUndefined();
    });

    it('by a rule without words stays so, also on another day', async () => {
        const now = show('FREQ=WEEKLY;INTERVAL=3;BYDAY=WE');
        expect((await choices('Repeats'))[0]).toBe('By its own rule: FREQ=WEEKLY;INTERVAL=3;BYDAY=WE');
        await choose('On', 'Thursday');
        expect(now()).toBe('FREQ=WEEKLY;INTERVAL=3;BYDAY=TH');
    });

    it('by a rule without a day asks for none', () => {
        show('FREQ=MONTHLY;BYMONTHDAY=12');
        expect(on()).toBeUndefined();
    });
});

describe('who attends', () => {
    const show = (more: Partial<SeriesValues> = {}) =>
        holding(seriesForm(more).series, (value, change) => (
            <AttendeeFields
                page={seriesForm()}
                value={value}
                errors={{}}
                onChange={(to) => {
                    change({ ...value, ...to });
                }}
            />
        ));

    it('is who was chosen, and who is in a group that was', async () => {
        const now = show();
        await userEvent.click(screen.getByLabelText(`Everyone in ${crew.name}`));
        expect(screen.getByLabelText(elif.name).ariaChecked).toBe('true');
        expect(screen.getByLabelText<HTMLButtonElement>(elif.name).disabled).toBe(true);
        await userEvent.click(screen.getByLabelText(mei.name));
        expect([now().groups, now().attendees]).toEqual([[8], [noor.id, mei.id]]);
    });

    it('can be a guest, each one once', async () => {
        const now = show();
        await press('Add a guest');
        await press('Add a guest');
        expect(now().guests).toEqual([6, 7]);
        expect(screen.queryByRole('button', { name: 'Add a guest' })).toBeNull();
    });
});

describe('a standing agenda', () => {
    const item: StandingValues = { id: 1, title: 'Figures', minutes: 10, owner: null, goal: null, project: null, shows: null };
    const show = () =>
        holding<StandingValues[]>([item], (items, change) => (
            <StandingFields
                {...{ items, people: [noor, elif], goals: [option('4', '40 harbours')], projects: [option('4', 'Moorings')] }}
                errors={{ 'standing.0.title': 'Give the item a title.' }}
                onChange={change}
            />
        ));

    it('says what is looked at: a goal, a project or a page, and nothing else then', async () => {
        const now = show();
        await choose('What is looked at', 'Moorings');
        expect(now()[0]).toMatchObject({ goal: null, project: 4, shows: null });
        await choose('What is looked at', '40 harbours');
        expect(now()[0]).toMatchObject({ goal: 4, project: null, shows: null });
        await choose('What is looked at', 'The team’s week');
        expect(now()[0]).toMatchObject({ goal: null, project: null, shows: 'team_week' });
        await choose('What is looked at', 'nothing to look at');
        expect(now()[0]).toMatchObject({ goal: null, project: null, shows: null });
    });

    it('has an owner, or everybody, and minutes', async () => {
        const now = show();
        expect(screen.getByText('Give the item a title.')).toBeTruthy();
        await choose('Owner', elif.name);
        write('Min', '15');
        expect(now()[0]).toMatchObject({ owner: elif.id, minutes: 15 });
    });
});

describe('the form of a meeting', () => {
    it('asks from when a change of its time applies, and only of one that is there', () => {
        const { unmount } = render(<SeriesForm page={seriesForm()} />);
        expect(screen.queryByLabelText('The change applies from')).toBeNull();
        write('Min', '45');
        expect(screen.getByLabelText('The change applies from')).toBeTruthy();
        unmount();
        render(<SeriesForm page={seriesForm({ id: null })} />);
        write('Min', '45');
        expect(screen.queryByLabelText('The change applies from')).toBeNull();
        expect(screen.getByRole('button', { name: 'Add meeting' })).toBeTruthy();
    });

    it('sends what was changed, with what stood there', async () => {
        render(<SeriesForm page={seriesForm()} />);
        write('Name', 'Quay half hour');
        await userEvent.click(screen.getByLabelText('Private to its attendees'));
        await press('Save');
        expect(await said()).toEqual([
            'put',
            '/series/2',
            { title: 'Quay half hour', isPrivate: true, seen: { title: 'Quay hour', isPrivate: false } },
        ]);
    });
});

describe('the next meetings', () => {
    const row = (more: Partial<PlannedRow> = {}): PlannedRow => ({
        ...{ by: '2027-02-17', on: '2027-02-17', time: '08:40', isChanged: false, reason: null },
        ...more,
    });
    const show = (coming: PlannedRow[], more = {}) => render(<Planned page={seriesView({ coming, ...more })} />);

    it('are moved to another day and time, with a reason', async () => {
        show([row()]);
        await press('Move or cancel');
        await writeAndLeave('Move to', '18 Feb');
        write('Reason', 'Harbour festival');
        await vi.waitFor(() => {
            expect(screen.getByLabelText<HTMLInputElement>('Move to').value).toBe('Thu 18 Feb');
        });
        await press('Move');
        expect(await said()).toEqual([
            'put',
            '/series/2/meetings/2027-02-17',
            { movedTo: '2027-02-18', time: '08:40', reason: 'Harbour festival' },
        ]);
        await (await server.last()).refuses({ movedTo: 'There is a meeting on that day already.' });
        expect(await screen.findByText('There is a meeting on that day already.')).toBeTruthy();
    });

    it('are cancelled, and restored', async () => {
        show([
            row(),
            row({ by: '2027-02-24', on: null, isChanged: true, reason: 'snow' }),
            row({ by: '2027-03-03', on: '2027-03-04', isChanged: true }),
        ]);
        const [, cancelled, moved] = screen.getAllByRole('listitem');
        expect(cancelled?.textContent).toContain('cancelled, snow');
        expect(moved?.textContent).toContain('instead of Wed 3 Mar');
        await userEvent.click(within(cancelled ?? document.body).getByRole('button', { name: 'Restore' }));
        expect(await server.last()).toMatchObject({ method: 'delete', url: expect.stringContaining('2027-02-24') as string });
        await (await server.last()).takes();
        await press('Move or cancel');
        await press('Cancel this meeting');
        expect((await server.nth(2)).data).toEqual({ movedTo: null, time: '08:40', reason: '' });
    });

    it('are only read by who may not run them', () => {
        show([row()], { mayRun: false });
        expect(screen.queryByRole('button')).toBeNull();
    });
});

describe('an agenda that is being prepared', () => {
    const planned = (id: number, more: Partial<PlannedItem> = {}): PlannedItem => ({
        ...{ kind: 'issue', title: `Issue ${String(id)}`, minutes: 10, at: '08:42', who: 'Elif Demir', look: null },
        ...{ issue: issue({ id, title: `Issue ${String(id)}`, waited: id === 2 ? 2 : 0 }), ...more },
    });
    const agenda = {
        items: [planned(1), planned(2)],
        wontFit: [issue({ id: 3, title: 'Issue 3', minutes: 9 })],
        ends: '09:10',
        spare: 0,
        arranged: [1, 2],
    };

    it('says why an issue comes where it comes, and what will not fit', () => {
        render(<Agenda page={seriesView({ agenda })} />);
        expect(screen.getByText(/postponed twice/).textContent).toBe('Elif, costs something, needs a decision, postponed twice');
        expect(screen.getByText('9 min will not fit')).toBeTruthy();
    });

    it('is put in order by hand, also with what did not fit, and by the rules again', async () => {
        render(<Agenda page={seriesView({ agenda })} />);
        await press('Move Issue 3 up');
        expect(await said()).toEqual(['put', '/series/2/agenda', { issues: [1, 3, 2], seen: [1, 2] }]);
        await (await server.last()).takes();
        await press('Move Issue 1 down');
        expect((await server.nth(2)).data).toEqual({ issues: [2, 1, 3], seen: [1, 2] });
        await (await server.nth(2)).takes();
        await press('Order by cost of waiting');
        expect((await server.nth(3)).data).toEqual({ issues: [], seen: [1, 2] });
    });

    it('moves nothing over its ends', async () => {
        render(<Agenda page={seriesView({ agenda })} />);
        await press('Move Issue 1 up');
        await press('Move Issue 3 down');
        expect(server.sent).toEqual([]);
    });

    it('can only be read by who may not run it', () => {
        render(<Agenda page={seriesView({ agenda, mayRun: false })} />);
        expect(screen.queryByRole('button')).toBeNull();
    });

    it('says how much is to spare, and never less than nothing', () => {
        render(<Agenda page={seriesView({ agenda: { ...agenda, wontFit: [], spare: -3 } })} />);
        expect(screen.getByText('0 min to spare')).toBeTruthy();
    });
});

describe('an issue that is raised from what it is about', () => {
    it('goes into the meeting that is chosen, with what it is about', async () => {
        server.says(JSON.stringify([option('2', 'Quay hour')]));
        const onDone = vi.fn();
        render(<RaiseForm about={{ task: 7 }} title="The crane" onDone={onDone} />);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Raise' }).disabled).toBe(true);
        await vi.waitFor(() => choose('Meeting', 'Quay hour'));
        await press('Raise');
        expect(await server.last()).toMatchObject({ method: 'post', data: { title: 'The crane', series: '2', task: 7 } });
        await (await server.last()).takes();
        expect(onDone).toHaveBeenCalled();
    });

    it('keeps what is written where no meeting can be fetched', () => {
        vi.mocked(globalThis.fetch).mockRejectedValue(new Error('no network'));
        const { unmount } = render(<RaiseForm about={{ task: 7 }} onDone={() => undefined} />);
        write('What needs discussing?', 'The crane');
        unmount();
        render(<RaiseForm about={{ task: 7 }} onDone={() => undefined} />);
        expect(screen.getByLabelText<HTMLInputElement>('What needs discussing?').value).toBe('The crane');
    });
});

describe('points for somebody', () => {
    const point = { id: 5, about: elif, words: 'Her holiday', notedOn: '2027-02-01', isDone: false };

    it('are noted for whom one chooses, ticked and deleted', async () => {
        render(<Points points={[point]} people={[elif, mei]} />);
        write('What to raise with someone', 'The van');
        await choose('With', mei.name);
        fireEvent.submit(screen.getByLabelText('What to raise with someone'));
        expect((await server.last()).data).toEqual({ words: 'The van', about: mei.id });
        await (await server.last()).takes();
        await userEvent.click(screen.getByLabelText('Elif: Her holiday'));
        expect((await server.nth(2)).data).toEqual({ isDone: true });
        await (await server.nth(2)).takes();
        await press('Delete');
        expect(await server.nth(3)).toMatchObject({ method: 'delete', url: expect.stringContaining('/points/5') as string });
    });
});

describe('decisions', () => {
    const decision = {
        ...{ id: 9, words: 'Two suppliers.', because: 'One was late.', decidedOn: '2027-02-03', by: 'Quay hour', link: '/meetings/9' },
        ...{ on: 'Modems', for: 'New data logger', mayDelete: true },
    };

    it('say when, where, on what and for what they were made', () => {
        render(
            <Decisions
                page={decisions({
                    decisions: [decision, { ...decision, id: 10, link: null, by: 'Elif', on: null, for: null, mayDelete: false }],
                })}
            />,
        );
        const [first, second] = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
        expect(first).toContain('Reason: One was late.');
        expect(first).toContain('on “Modems”for New data logger');
        expect(second).toContain('recorded by Elif');
        expect(screen.getAllByRole('button', { name: 'Delete' }).length).toBe(1);
    });

    it('are found by words and by who was there, both in the address', async () => {
        render(<Decisions page={decisions({ who: 2 })} />);
        write('Words', 'modem');
        await press('Search');
        const { url, data } = await server.last();
        expect([new URL(url, 'http://loftrin.test').pathname, data]).toEqual(['/decisions', { q: 'modem', who: 2 }]);
    });

    it('made outside a meeting are recorded with their reason', async () => {
        render(<Decisions page={decisions()} />);
        write('What was decided?', 'Cash only.');
        write('Reason', 'The card reader is wet.');
        fireEvent.submit(screen.getByLabelText('What was decided?'));
        expect((await server.last()).data).toMatchObject({ words: 'Cash only.', because: 'The card reader is wet.' });
    });

    it('says so where nothing was found', () => {
        render(<Decisions page={decisions({ words: 'whale' })} />);
        expect(screen.getByText('No decisions match.')).toBeTruthy();
        expect(screen.getByText('No minutes were found.')).toBeTruthy();
    });
});
