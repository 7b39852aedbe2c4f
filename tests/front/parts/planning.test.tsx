import { act, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { setToday } from '../../../resources/js/lib/dates';
import Closing from '../../../resources/js/pages/direction/Closing';
import Planning from '../../../resources/js/pages/direction/Planning';
import { YearsAhead } from '../../../resources/js/parts/direction/YearsAhead';
import { LoadRuler, scaleOf, unknownWords } from '../../../resources/js/parts/planning/LoadBeside';
import { choose, press, said, write } from '../hand';
import { elif, noor, TODAY } from '../made';
import { closing, closingRow, direction, goal, load, planned, planning } from '../made/goals';
import { server } from '../server';

const rows = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent);
const heading = (name: string | RegExp) => screen.getByRole('heading', { name });

beforeEach(() => {
    setToday(TODAY);
});

describe('a pass of planning', () => {
    it('asks one question a step, and goes on, back, or anywhere', async () => {
        render(<Planning page={planning({ step: 'direction' })} />);
        expect(screen.getByText('Where are we going, and where should we be at the end?')).toBeTruthy();
        expect(screen.getByRole('button', { name: /Direction/, current: 'step' })).toBeTruthy();
        await press('Next: Goals');
        expect(await said()).toEqual(['put', '/planning/2027-Q2/goals', {}]);
        await (await server.last()).takes();
        await press('Back');
        expect((await server.nth(2)).url).toContain('/planning/2027-Q2/look_back');
        await (await server.nth(2)).takes();
        await press(/Shelve/);
        expect((await server.nth(3)).url).toContain('/planning/2027-Q2/shelve');
    });

    it('ends at its last step, and can be finished later at any', async () => {
        render(<Planning page={planning({ step: 'shelve', finishedOn: '2027-02-01' })} />);
        expect(screen.getByText(/planned on 1 February 2027/)).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Finish later' }).getAttribute('href')).toMatch(/\/$/);
        await press('Finish planning Q2');
        expect(await server.last()).toMatchObject({ method: 'post', url: expect.stringContaining('/planning/2027-Q2') as string });
    });

    it('of weeks asks how many', async () => {
        const weeks = planning().stretch;
        render(
            <Planning
                page={planning({ stretch: { ...weeks, horizon: 'week', periods: [{ ...weeks.periods[0], name: '2027-W07' } as never] } })}
            />,
        );
        await choose('How many weeks', '3 weeks');
        expect((await server.last()).url).toContain('/planning/2027-W07+3');
    });

    it('adds a goal by its title under the goal above, and the next one after it', async () => {
        render(
            <Planning
                page={planning({
                    above: [{ goal: goal({ id: 1, title: '40 buoys' }), expectedAtEnd: 50, isPlaced: false, goals: [planned()] }],
                })}
            />,
        );
        expect(rows()).toEqual(expect.arrayContaining([expect.stringContaining('40 harbours')]));
        const field = screen.getByLabelText<HTMLInputElement>('A goal for “40 buoys”');
        fireEvent.change(field, { target: { value: 'Ten more harbours' } });
        fireEvent.submit(field);
        expect((await server.last()).data).toEqual({
            title: 'Ten more harbours',
            period: '2027-Q2',
            parent: 1,
            measure: 'work',
            stay: true,
        });
        expect(field.value).toBe('');
    });

    it('puts priorities and the main goal in sight, and lets nobody mark what is not theirs', async () => {
        const theirs = planned({ goal: goal({ id: 9, title: 'New office', owner: elif }), mayChange: false });
        render(<Planning page={planning({ step: 'order', alone: [planned(), theirs] })} />);
        await userEvent.click(screen.getByLabelText('priority: 40 harbours'));
        expect((await server.last()).data).toEqual({ isFirst: true });
        expect(screen.getByLabelText<HTMLButtonElement>('main goal: New office').disabled).toBe(true);
    });

    it('says what the main efforts come to, person by person, the most first', () => {
        const effort = (id: number, person = noor, hours: string | null = '4') => ({
            ...{ id, title: `Visits ${String(id)}`, person, hours, minutes: null, share: null, comesBack: [] },
        });
        const parts = { goal: { id: 4, title: '40 harbours', period: '2027-Q2' }, mayChange: false, assumptions: [], tradeOffs: [] };
        render(
            <Planning
                page={planning({
                    step: 'efforts',
                    parts: [{ ...parts, efforts: [effort(1, elif, '2.5'), effort(2), effort(3), effort(4, noor, null)] }],
                })}
            />,
        );
        expect(screen.getByText('Meant each week: Noor 8 h, Elif 2.5 h.')).toBeTruthy();
    });

    it('says whether it fits, who is over, and what the hours do not know', () => {
        const { rerender } = render(<Planning page={planning({ step: 'hours', load: [load()] })} />);
        expect(heading('It fits')).toBeTruthy();
        rerender(<Planning page={planning({ step: 'hours', load: [load({ unestimated: 1 })] })} />);
        expect(heading('What is estimated fits')).toBeTruthy();
        expect(screen.getByText('1 goal has no estimated tasks yet, so their work is not in these hours.')).toBeTruthy();
        rerender(
            <Planning
                page={planning({
                    step: 'hours',
                    load: [load({ isOver: true, planned: 1500 }), load({ person: elif, hasMany: true, goals: 6 })],
                })}
            />,
        );
        expect(heading('Noor Aksoy, Elif Demir: over')).toBeTruthy();
        expect(screen.getByText('too many at once')).toBeTruthy();
    });

    it('shelves what does not fit, until the next one begins', async () => {
        render(<Planning page={planning({ step: 'shelve', alone: [planned({ isMain: true })] })} />);
        expect(screen.getByText(', the main goal')).toBeTruthy();
        await press('To the shelf of Q3: 40 harbours');
        expect((await server.last()).data).toEqual({
            ...{ result: 'stopped', rest: 'shelved', line: 'Did not fit into Q2.', returnOn: '2027-07-01' },
        });
    });

    it('looks back at what is unfinished, what became of the rest, and what was assumed', () => {
        const tried = {
            ...{ goal: { id: 4, title: '40 harbours', period: '2027-Q1' }, mayChange: false },
            efforts: [{ id: 1, title: 'Visits', person: noor, hours: null, minutes: null, share: null, comesBack: [] }],
            assumptions: [
                { id: 2, title: 'Ice melts in March', person: noor, testOn: '2027-03-01', isDue: false, seen: null, seenOn: null },
            ],
            tradeOffs: [{ id: 3, title: 'No fairs', person: noor }],
        };
        render(
            <Planning
                page={planning({
                    ...{ step: 'look_back', unfinished: [goal()], tried: [tried] },
                    results: [{ goal: goal({ id: 6, title: 'Licence' }), line: 'Granted in January.', successors: [] }],
                })}
            />,
        );
        expect(screen.getByRole('link', { name: 'Close Q1' }).getAttribute('href')).toContain('/closing/2027-Q1');
        expect(screen.getByText('Granted in January.')).toBeTruthy();
        expect(rows()).toEqual(
            expect.arrayContaining([expect.stringContaining('Ice melts in March'), 'Main effort: Visits', 'Trade-off: No fairs']),
        );
    });

    it('says where nothing was closed', () => {
        render(<Planning page={planning({ step: 'look_back' })} />);
        expect(screen.getByText('No goal of Q1 was closed.')).toBeTruthy();
    });
});

describe('hours as a ruler', () => {
    it('find room on one scale, also where nobody has any', () => {
        expect(scaleOf([load(), load({ planned: 2400 })])).toBe(2400);
        expect(scaleOf([load({ planned: 0, available: 0 })])).toBe(1);
        expect(scaleOf([])).toBe(1);
    });

    it('stand out beyond what is available', () => {
        const { container } = render(<LoadRuler row={load({ planned: 1500, isOver: true })} scale={2000} />);
        const [room, full, over] = [...container.querySelectorAll<HTMLElement>('span span')].map(({ style }) => style);
        expect([room?.width, full?.width, over?.left, over?.width]).toEqual(['60%', '60%', '60%', '15%']);
    });

    it('count what is not in them', () => {
        expect(unknownWords([load(), load({ unestimated: 2 })])).toContain('2 goals have no estimated tasks yet');
        expect(unknownWords([load()])).toBe('');
    });
});

describe('the years ahead', () => {
    const longTermGoal = (id: number, on: string) => ({ id, title: `North ${String(id)}`, why: null, on });
    const show = (days: string[], more = {}) =>
        render(
            <YearsAhead
                page={direction({ longTerm: { purpose: null, longTermGoals: days.map((day, at) => longTermGoal(at + 1, day)) }, ...more })}
                onPress={() => undefined}
            />,
        );
    const years = () => [...document.querySelectorAll('.font-mono')].map(({ textContent }) => textContent);

    it('stand in order of time, whatever the order they were written in', () => {
        show(['2031-06-30', '2029-01-01']);
        expect(rows().map((row) => row.slice(0, 7))).toEqual(['North 2', 'North 1']);
        expect(years()).toEqual(['2027', '2028', '2029', '2030', '2031']);
    });

    it('name only as many years as can be read beside each other', () => {
        show(['2087-01-01']);
        expect(years().length).toBeLessThanOrEqual(12);
        expect(years()[0]).toBe('2027');
    });

    it('have a cord for each year goal that leads there, and a dashed line where none does', () => {
        const { container } = show(['2029-01-01', '2030-01-01'], {
            goals: [1, 2].map((id) => ({ goal: goal({ id }), why: null, longTermGoal: 1, quarters: [], mayChange: true })),
        });
        const cords = [...container.querySelectorAll('li')].map((row) => row.querySelectorAll('[aria-hidden] > .bg-current').length);
        expect(cords).toEqual([2, 0]);
        expect(container.querySelectorAll('.border-dashed').length).toBe(1);
    });

    it('can be edited by who may', () => {
        const { unmount } = show(['2029-01-01']);
        expect(screen.getByRole('button', { name: 'Edit North 1' })).toBeTruthy();
        unmount();
        show(['2029-01-01'], { mayChange: false });
        expect(screen.queryByRole('button')).toBeNull();
    });
});

describe('goals closed in one pass', () => {
    it('closes those for which something was chosen, and counts them', async () => {
        render(<Closing page={closing({ open: [closingRow(), closingRow({ goal: goal({ id: 5, title: 'Licence' }) })] })} />);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Close goals' }).disabled).toBe(true);
        const [first] = screen.getAllByRole('radio', { name: 'met' });
        await userEvent.click(first ?? document.body);
        expect(screen.getByText('1 of 2')).toBeTruthy();
        write('Why of 40 harbours', 'All forty since Friday.');
        await press('Close 1 goal');
        const { data } = await server.last();
        expect(data).toMatchObject({ goals: { 4: { result: 'met', line: 'All forty since Friday.' }, 5: { result: '' } } });
    });

    it('keeps what was chosen through a reload', async () => {
        const page = closing({ open: [closingRow()] });
        const { unmount } = render(<Closing page={page} />);
        await userEvent.click(screen.getByRole('radio', { name: 'met' }));
        write('Why of 40 harbours', 'All forty.');
        unmount();
        render(<Closing page={page} />);
        expect(screen.getByLabelText<HTMLInputElement>('Why of 40 harbours').value).toBe('All forty.');
        expect(screen.getByRole('button', { name: 'Close 1 goal' })).toBeTruthy();
    });

    it('says at the goal what was refused, also what has no field', async () => {
        render(<Closing page={closing({ open: [closingRow()] })} />);
        await userEvent.click(screen.getByRole('radio', { name: 'met' }));
        await press('Close 1 goal');
        await act(async () => {
            await (await server.last()).refuses({ 'goals.4.goal': 'This goal was closed by Elif meanwhile.' });
        });
        expect(screen.getByText('This goal was closed by Elif meanwhile.')).toBeTruthy();
    });

    it('leaves what is not one’s own to its owner, and says so', () => {
        render(<Closing page={closing({ isOver: false, open: [closingRow({ mayClose: false, goal: goal({ owner: elif }) })] })} />);
        expect(screen.getByText('Elif Demir or a lead can close it.')).toBeTruthy();
        expect(screen.queryByRole('radio')).toBeNull();
        expect(screen.getByText(/This period is not over yet/)).toBeTruthy();
    });

    it('leads to planning where nothing is open', () => {
        render(<Closing page={closing()} />);
        expect(screen.getByRole('link', { name: /^Plan/ }).getAttribute('href')).toContain('/planning/2027-Q2');
    });

    it('shows what was closed, and where it goes on', () => {
        render(
            <Closing
                page={closing({
                    closed: [
                        {
                            goal: goal({ isClosed: true }),
                            line: '12 of 40.',
                            successors: [{ id: 8, title: 'The other 28', period: '2027-Q2' }],
                        },
                    ],
                })}
            />,
        );
        expect(rows()[0]).toContain('12 of 40.');
        expect(screen.getByRole('link', { name: /: The other 28$/ })).toBeTruthy();
    });
});
