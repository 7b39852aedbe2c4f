import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { GoalRow, GoalView, TeamGoal, TeamWeek, YearFilter, YearView } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import Team from '../../../resources/js/pages/reviews/Team';
import { AskedGoals } from '../../../resources/js/parts/goals/AskedGoals';
import { Judge } from '../../../resources/js/parts/goals/Judge';
import { goalAddress, yearAddress } from '../../../resources/js/parts/year/address';
import { Filter, isFiltered } from '../../../resources/js/parts/year/Filter';
import { Fold } from '../../../resources/js/parts/year/Fold';
import { choices, choose, press, said, write } from '../hand';
import { elif, harbours, noor, rail, TODAY } from '../made';
import { goal } from '../made/goals';
import { week } from '../made/reviews';
import { server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

const unfiltered: YearFilter = { owner: null, group: null, area: null, thread: null, band: null };

const sheet = (more: Partial<YearView> = {}): YearView => ({
    ...{
        period: rail().year,
        above: [],
        on: TODAY,
        isPast: false,
        holdsOn: true,
        slackest: null,
        lag: null,
        floors: [],
        filter: unfiltered,
    },
    ...{ people: [noor, elif], groups: [], areas: [], threads: [{ value: '1', label: '40 harbours', group: null }] },
    ...more,
});

const asked = (address: string) => {
    const url = new URL(address, 'http://loftrin.test');

    return [url.pathname, Object.fromEntries(url.searchParams)];
};

describe('the address of the year', () => {
    it('says what is drawn, and nothing of what is not chosen', () => {
        expect(asked(yearAddress(sheet()))).toEqual(['/year/2027', {}]);
        expect(asked(yearAddress(sheet({ filter: { ...unfiltered, owner: 2 } }), { period: '2027-Q1' }))).toEqual([
            '/year/2027-Q1',
            { owner: '2' },
        ]);
    });

    it('stays at a past day until one goes back to today', () => {
        const past = sheet({ isPast: true, on: '2027-01-20' });
        expect(asked(yearAddress(past, { filter: { band: 'behind' } }))).toEqual(['/year/2027', { on: '2027-01-20', band: 'behind' }]);
        expect(asked(yearAddress(past, { on: null }))).toEqual(['/year/2027', {}]);
        expect(asked(goalAddress(past, 4))).toEqual(['/goals/4', { on: '2027-01-20' }]);
        expect(asked(goalAddress(sheet(), 4))).toEqual(['/goals/4', {}]);
    });
});

describe('which goals are drawn', () => {
    it('is chosen from what there is, and stands in the address', async () => {
        render(<Filter sheet={sheet({ filter: { ...unfiltered, thread: 1 } })} />);
        expect(screen.queryByRole('combobox', { name: 'Group' })).toBeNull();
        await choose('Owner', elif.name);
        expect(asked((await server.last()).url)).toEqual(['/year/2027', { owner: '2', thread: '1' }]);
    });

    it('is all of them again by one press, or by any', async () => {
        render(<Filter sheet={sheet({ filter: { ...unfiltered, band: 'behind' } })} />);
        expect((await choices('Progress'))[0]).toBe('Any');
        await press('Clear filters');
        expect(asked((await server.last()).url)).toEqual(['/year/2027', {}]);
    });

    it('has nothing to clear where nothing is chosen', () => {
        expect(isFiltered(unfiltered)).toBe(false);
        expect(isFiltered({ ...unfiltered, area: 3 })).toBe(true);
        render(<Filter sheet={sheet()} />);
        expect(screen.queryByRole('button', { name: 'Clear filters' })).toBeNull();
    });
});

describe('goals that fold', () => {
    const of = (id: number, mark = 'HB') => goal({ id, title: `Goal ${String(id)}`, cord: { ...harbours, mark } });
    const show = (goals: GoalRow[], shown: number) =>
        render(
            <ul>
                <Fold goals={goals} shown={shown}>
                    {(each) => each.title}
                </Fold>
            </ul>,
        );
    const inSight = () =>
        screen
            .getAllByRole('listitem')
            .filter((row) => row.dataset.folded === undefined && row.textContent.startsWith('Goal'))
            .map(({ textContent }) => textContent);

    it('do not, while there is room for all', () => {
        show([of(1), of(2), of(3)], 3);
        expect(inSight().length).toBe(3);
        expect(screen.queryByRole('button')).toBeNull();
    });

    it('keep the first two of each thread in sight, and open thread by thread', async () => {
        show([of(1), of(2), of(3), of(4, 'TM'), of(5), of(6, 'TM'), of(7, 'TM')], 4);
        expect(inSight()).toEqual(['Goal 1', 'Goal 2', 'Goal 4', 'Goal 6']);
        expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual(['+2 HB more goals', '+1 TM more goals']);
        await press(/^\+2/);
        expect(inSight()).toEqual(['Goal 1', 'Goal 2', 'Goal 3', 'Goal 4', 'Goal 5', 'Goal 6']);
    });

    it('stand on paper all the same', () => {
        show([of(1), of(2), of(3)], 1);
        expect(screen.getByText('Goal 3').className).toContain('print:list-item');
    });
});

describe('the week of the team', () => {
    const team = (more: Partial<TeamGoal> = {}): TeamGoal => ({
        ...{ goal: goal(), change: 6, chance: 60, line: 'Two crews.', on: '2027-02-02', isSaid: true, isMine: false },
        ...more,
    });
    const page = (more: Partial<TeamWeek> = {}): TeamWeek => ({
        ...{ week, changed: [], others: [], silent: [], asksOn: 'thursday', mayChange: true, reviewed: null, differing: [] },
        ...more,
    });

    it('says what changed first, and who has said nothing', () => {
        render(
            <Team
                page={page({
                    changed: [team()],
                    others: [team({ goal: goal({ id: 5, title: 'Licence' }), change: null })],
                    silent: [elif.name],
                })}
            />,
        );
        expect(screen.getByText('Nothing said yet this week: Elif.')).toBeTruthy();
        expect(screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent)).toEqual([
            'Changed this week',
            'No change',
        ]);
        expect(screen.getAllByRole('listitem').map(({ textContent }) => /\+6|–/.exec(textContent)?.[0])).toEqual(['+6', '–']);
    });

    it('says what was said before as what it is, and offers one’s own to be said anew', () => {
        render(<Team page={page({ changed: [team({ isSaid: false }), team({ goal: goal({ id: 5 }), chance: null, isMine: true })] })} />);
        const [before, mine] = screen.getAllByRole('listitem');
        expect(before?.textContent).toContain('said 2 Feb');
        expect(mine?.textContent).toContain('no estimate yet');
        expect(within(mine ?? document.body).getByRole('button', { name: 'Update estimate' })).toBeTruthy();
        expect(within(before ?? document.body).queryByRole('button')).toBeNull();
    });

    it('asks from the day that leads choose, and only says so to others', async () => {
        const { unmount } = render(<Team page={page()} />);
        await choose('The day from which owners are asked', 'Monday');
        expect((await server.last()).data).toEqual({ on: 'monday' });
        unmount();
        render(<Team page={page({ mayChange: false })} />);
        expect(screen.getByText(/Owners are asked from/).textContent).toContain('Thursday');
        expect(screen.queryByRole('combobox')).toBeNull();
    });

    it('tells a lead who has reviewed, not what', () => {
        const { rerender } = render(<Team page={page({ reviewed: [elif.name] })} />);
        expect(screen.getByText('Finished their own review of this week: Elif. Only they can read it.')).toBeTruthy();
        rerender(<Team page={page({ reviewed: [] })} />);
        expect(screen.getByText('Nobody has finished their own review of this week yet.')).toBeTruthy();
    });
});

describe('what owners are asked once a week', () => {
    it('is a chance and why, a line each, with what was said before', async () => {
        render(<AskedGoals goals={[{ id: 4, title: '40 harbours', chance: 60, line: null, on: '2027-02-02' }]} />);
        expect(screen.getByText('60% on 2 Feb')).toBeTruthy();
        write('Chance of “40 harbours” in per cent', '45');
        write('Why “40 harbours”', 'The ice.');
        await press('Save');
        expect(await said()).toEqual(['post', '/goals/4/estimates', { chance: '45', line: 'The ice.' }]);
    });

    it('is nothing where no goal is one’s own', () => {
        expect(render(<AskedGoals goals={[]} />).container.innerHTML).toBe('');
    });
});

describe('a direction that is not a number', () => {
    const judged = (more: Partial<GoalView> = {}) =>
        ({
            goal: goal(),
            mayChange: true,
            closedOn: null,
            history: [{ kind: 'judgement', words: 'backward', text: 'Two left.' }],
            ...more,
        }) as GoalView;

    it('says which way it went last, and is said anew with what shows it', async () => {
        render(<Judge page={judged()} />);
        expect(screen.getByText('Backward').parentElement?.textContent).toBe('Backward: Two left.');
        write('What shows where it is heading?', 'Three joined.');
        await userEvent.click(screen.getByLabelText('What shows where it is heading?'));
        await userEvent.keyboard('{Enter}');
        expect(await said()).toEqual(['post', '/goals/4/judgements', { direction: 'forward', line: 'Three joined.' }]);
        await (await server.last()).refuses({ line: 'Say it in 500 characters.' });
        expect(await screen.findByText('Say it in 500 characters.')).toBeTruthy();
    });

    it('is judged no more once it is closed', () => {
        render(<Judge page={judged({ closedOn: '2027-02-08' })} />);
        expect(screen.queryByLabelText('What shows where it is heading?')).toBeNull();
    });
});
