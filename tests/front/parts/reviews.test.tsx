import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { FollowLine, PeriodFacts as PeriodFactsRow, WeekFacts } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import Report from '../../../resources/js/pages/reviews/Report';
import Review from '../../../resources/js/pages/reviews/Review';
import { AgreedChanges } from '../../../resources/js/parts/reviews/AgreedChanges';
import { AnswerMenu } from '../../../resources/js/parts/reviews/AnswerMenu';
import { Digest } from '../../../resources/js/parts/reviews/Digest';
import { Facts } from '../../../resources/js/parts/reviews/Facts';
import { PeriodFacts } from '../../../resources/js/parts/reviews/PeriodFacts';
import { Share } from '../../../resources/js/parts/reviews/Share';
import { WhatFollows } from '../../../resources/js/parts/reviews/WhatFollows';
import { choose, pick, press, said, strike, write, writeAndLeave } from '../hand';
import { elif, gauge, harbours, noor, TODAY } from '../made';
import { goal, quarter } from '../made/goals';
import { agreed, digest, periodFacts, question, report, retrospective, review, week, weekFacts } from '../made/reviews';
import { page } from '../page';
import { server } from '../server';

const rows = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent);

beforeEach(() => {
    setToday(TODAY);
});

describe('the facts of a week', () => {
    const show = (more: Partial<WeekFacts>) => render(<Facts week={week} facts={weekFacts(more)} />);

    it('say that nothing was done where nothing was', () => {
        show({});
        expect(screen.getByText('Nothing was completed.')).toBeTruthy();
        expect(screen.getByText('No quarter goals were open.')).toBeTruthy();
    });

    it('say how long, how much, how much of it for goals, and how that was before', () => {
        show({
            minutes: 750,
            done: 1,
            alignment: 64,
            before: 70,
            work: [
                { cord: harbours, minutes: 690, title: harbours.title },
                { cord: null, minutes: 60, title: null },
            ],
        });
        expect(screen.getByText('12 h 30 min, 1 task, 64% for goals. The four weeks before: 70%.')).toBeTruthy();
        const parts = [...document.querySelectorAll<HTMLElement>('[title$=" h"]')];
        expect(parts.map(({ title, style }) => [title, style.flexGrow])).toEqual([
            ['40 harbours on the new buoy: 11.5 h', '690'],
            ['Not linked: 1 h', '60'],
        ]);
    });

    it('tell what moved by how much and by which tasks, and name what did not', () => {
        const moved = (id: number, change: number | null) => ({
            goal: goal({ id, title: `Goal ${String(id)}` }),
            change,
            tasks: [],
            more: 0,
        });
        show({ moved: [{ ...moved(1, 6), tasks: ['Fit Leith', 'Fit Oban'], more: 3 }, moved(2, -2), moved(3, 0), moved(4, null)] });
        const list = rows();
        expect(list[0]).toContain('+6');
        expect(list[0]).toContain('Fit Leith, Fit Oban and 3 more');
        expect(list[1]).toContain('-2');
        expect(screen.getByText(/^No change:/).textContent).toBe('No change: Goal 3, Goal 4');
    });

    it('count what was promised, firm and flexible apart', () => {
        const met = gauge({ band: 'met' });
        show({
            promised: [goal({ id: 1, gauge: met }), goal({ id: 2 }), goal({ id: 3, isFirm: false, gauge: gauge({ band: 'reached' }) })],
        });
        expect(screen.getByText('1 of 2 firm, 1 of 1 flexible')).toBeTruthy();
    });

    it('are loud about what is late, and about nothing else', () => {
        show({ late: 2, carried: 5 });
        const [late, carried] = screen.getAllByRole('definition');
        expect([late?.textContent, late?.className.includes('persimmon')]).toEqual(['2', true]);
        expect([carried?.textContent, carried?.className.includes('persimmon')]).toEqual(['5', false]);
    });

    it('list the meetings, with what was agreed in them and done of it', () => {
        const meeting = {
            seriesId: 2,
            title: 'Quay hour',
            on: '2027-02-03',
            time: '08:40',
            minutes: 30,
            link: '/meetings/9',
            state: 'closed',
        };
        show({ meetings: [meeting], nextSteps: { agreed: 1, done: 0 } });
        expect(screen.getByText('1 next step agreed, 0 done')).toBeTruthy();
        expect(screen.getByText('held')).toBeTruthy();
    });
});

describe('the facts of a longer time', () => {
    const show = (more: Partial<PeriodFactsRow>) => render(<PeriodFacts period={quarter()} facts={periodFacts(more)} />);

    it('count what was met, closed or not, and say as of when', () => {
        show({
            asOf: '2027-02-09',
            goals: [
                { goal: goal({ id: 1 }), estimate: 60, result: 'met' },
                { goal: goal({ id: 2, gauge: gauge({ band: 'reached' }) }), estimate: null, result: null },
                { goal: goal({ id: 3 }), estimate: null, result: 'in_part' },
            ],
        });
        expect(screen.getByText('2 of 3 goals met')).toBeTruthy();
        expect(screen.getByText(/as of Tue 9 Feb/)).toBeTruthy();
        expect(screen.getByText('stands at')).toBeTruthy();
        expect(rows()[0]).toContain('60%, met');
        expect(rows()[2]).toContain('in part');
    });

    it('of a time that is over say how it ended', () => {
        show({ goals: [{ goal: goal(), estimate: null, result: 'met' }] });
        expect(screen.getByText('ended at')).toBeTruthy();
        expect(screen.queryByText(/as of/)).toBeNull();
    });

    it('set what was meant beside what was given', () => {
        show({
            efforts: [{ title: 'Visits', meant: 4, given: 2.5 }],
            assumptions: [{ title: 'Ice', testOn: '2027-03-01', seen: null }],
        });
        expect(screen.getByText('Visits: 2.5 h a week, meant 4')).toBeTruthy();
        expect(screen.getByText('Ice: not looked at yet')).toBeTruthy();
        expect(screen.getByText('No goals were set for this time.')).toBeTruthy();
    });
});

describe('a review of a week', () => {
    const leftOver = [{ heading: 'Late', tasks: [] }] as never;

    it('asks its questions first, then sorts what is open, then is finished', async () => {
        render(<Review page={review({ leftOver })} />);
        expect(screen.getByText('0 of 1 answered, in any order, saved automatically', { exact: false })).toBeTruthy();
        expect(screen.queryByRole('button', { name: /Finish review/ })).toBeNull();
        await press(/Sort open tasks/);
        expect(screen.getByRole('button', { name: 'Back to the questions' })).toBeTruthy();
        strike('Enter', { ctrlKey: true });
        expect(await said()).toEqual(['post', '/reviews/2027-W05/hold', {}]);
    });

    it('is finished at once where nothing is left to sort', async () => {
        render(<Review page={review()} />);
        await press(/Finish review/);
        expect((await server.last()).url).toContain('/reviews/2027-W05');
    });

    it('is not finished before its week has begun', () => {
        render(<Review page={review({ hasBegun: false, facts: null })} />);
        strike('Enter', { ctrlKey: true });
        expect(server.sent).toEqual([]);
        expect(screen.getByText('This week has not begun, so there is nothing to review yet.')).toBeTruthy();
    });

    it('can only be read once it is finished, and is reopened', async () => {
        render(<Review page={review({ heldAt: '2027-02-08', questions: [question({ id: 5, answer: 'The ice held.' })] })} />);
        expect(screen.queryByLabelText('What went well?')).toBeNull();
        expect(screen.getByText('The ice held.')).toBeTruthy();
        await press('Reopen');
        expect((await server.last()).url).toContain('/reviews/2027-W05/reopen');
    });

    it('shows one page at a time where there is room for one', async () => {
        render(<Review page={review()} />);
        await press('Your words');
        expect(screen.getByRole('button', { name: 'Your words' }).getAttribute('aria-pressed')).toBe('true');
    });

    it('leaves out what rests, unless it was answered', () => {
        const questions = [
            question({ key: 'a', question: 'Rests?', isResting: true }),
            question({ key: 'b', question: 'Rested?', isResting: true, answer: 'Yes.', id: 3 }),
        ];
        render(<Review page={review({ questions })} />);
        expect(screen.queryByText('Rests?')).toBeNull();
        expect(screen.getByLabelText('Rested?')).toBeTruthy();
    });
});

describe('an answer', () => {
    it('is worth telling, or no longer, by one press', async () => {
        render(<AnswerMenu question={question({ isWorthTelling: true, goal: 4, goalTitle: '40 harbours' })} answer={8} />);
        expect(screen.getByText('about 40 harbours, worth telling')).toBeTruthy();
        await pick(/^More for your answer/, 'Not worth telling');
        expect(await said()).toEqual(['put', '/worth-telling', { source: 'answer', id: 8, isWorth: false }]);
    });

    it('is tied to a goal, or to none', async () => {
        Object.assign(page.props, { served: [{ value: '4', label: '40 harbours', group: null }] });
        render(<AnswerMenu question={question()} answer={8} />);
        await pick(/^More for your answer/, 'About a goal');
        await choose('Goal', '40 harbours');
        const tied = await vi.waitFor(() => {
            const sent = server.sent.find(({ method }) => method === 'put');
            expect(sent).toBeTruthy();

            return sent;
        });
        expect(tied?.data).toEqual({ answer: 8, goal: 4 });
        Object.assign(page.props, { served: undefined });
    });

    it('is shared by one press each, and not with oneself', async () => {
        const sharing = { review: null, shares: [], people: [noor, elif], groups: [{ id: 8, name: 'Sea crew', people: [] }] };
        render(<Share of="answer" id={8} shares={[{ isGroup: true, id: 8, name: 'Sea crew' }]} sharing={sharing} />);
        await press('Shared with Sea');
        const dialog = within(screen.getByRole('dialog'));
        expect(dialog.getAllByRole('checkbox').length).toBe(2);
        await userEvent.click(dialog.getByLabelText('Everyone in Sea crew'));
        expect((await server.last()).data).toEqual({ of: 'answer', id: 8, with: 'group', whom: 8, isShared: false });
    });
});

describe('what was written in shorter reviews', () => {
    const show = (more = {}) =>
        render(
            <Digest
                {...{
                    rows: [digest({ level: 'month' }), digest({ id: 2, words: 'Fog.', period: '2027-W06' })],
                    horizon: 'month',
                    isOpen: true,
                }}
                up={{ to: 'quarter', name: 'Q1' }}
                {...more}
            />,
        );

    it('has what was marked first in sight, and the rest a press away', async () => {
        show();
        expect(screen.getByText('1 marked, 1 other. What you keep comes back in Q1.')).toBeTruthy();
        expect(rows()).toEqual([expect.stringContaining('Ring first')]);
        await press('Show 1 line more');
        expect(rows().length).toBe(2);
        await press('Only what was marked');
        expect(rows().length).toBe(1);
    });

    it('is all in sight where nothing was marked', () => {
        show({ rows: [digest()] });
        expect(rows().length).toBe(1);
        expect(screen.queryByRole('button', { name: /^Show/ })).toBeNull();
    });

    it('goes up by one press, and comes down again to where it was', async () => {
        show({ rows: [digest({ level: 'quarter' })] });
        await press('Kept for Q1');
        expect((await server.last()).data).toEqual({ source: 'answer', id: 1, level: 'month' });
    });

    it('goes nowhere from a review that is finished, or from a year', () => {
        show({ isOpen: false });
        expect(screen.queryByRole('button', { name: /^Keep/ })).toBeNull();
    });

    it('says where it was written, short', () => {
        show({
            rows: [
                digest(),
                digest({ id: 2, period: '2027-02-03' }),
                digest({ id: 3, period: '2026-09' }),
                digest({ id: 4, period: '2026-Q3' }),
            ],
        });
        expect(screen.getAllByRole('link').map(({ textContent }) => textContent)).toEqual(['w5', '3 Feb', 'Sep', 'Q3']);
    });
});

describe('what follows from a review', () => {
    const line: FollowLine = {
        key: 'Start',
        words: 'Ring every harbour once a month',
        goal: null,
        task: null,
        recurring: null,
        issue: null,
    };

    it('becomes a goal of the next time, a task or a recurring task by one press', async () => {
        render(<WhatFollows period={quarter()} lines={[line]} />);
        await press(/^a goal of/);
        expect((await server.last()).data).toEqual({ title: line.words, period: '2027-Q2', measure: 'work', stay: true });
        await (await server.last()).takes();
        await press('a task');
        expect((await server.nth(2)).data).toEqual({ title: line.words });
        await (await server.nth(2)).takes();
        await pick('a recurring task', 'every month');
        expect((await server.nth(3)).data).toEqual({ title: line.words, kind: 'task', words: 'every month', stay: true });
    });

    it('says what it became, and leads there', () => {
        render(<WhatFollows period={quarter()} lines={[{ ...line, task: '/tasks/12' }]} />);
        expect(screen.getByRole('link', { name: 'a task' }).getAttribute('href')).toBe('/tasks/12');
        expect(screen.queryByRole('button', { name: 'a task' })).toBeNull();
    });

    it('is nothing where nothing was written', () => {
        expect(render(<WhatFollows period={quarter()} lines={[]} />).container.innerHTML).toBe('');
    });
});

describe('changes that a retrospective ends in', () => {
    it('are agreed with an owner, a day and a sign, all of them', async () => {
        render(<AgreedChanges page={retrospective()} />);
        write(/What/, 'Two crews');
        const agree = screen.getByRole<HTMLButtonElement>('button', { name: 'Agree on it' });
        expect(agree.disabled).toBe(true);
        await choose(/Who|Owner/, elif.name);
        await writeAndLeave('By', '1 Mar');
        write('Sign that it worked', 'No day lost.');
        await vi.waitFor(() => {
            expect(agree.disabled).toBe(false);
        });
        fireEvent.click(agree);
        expect((await server.last()).data).toEqual({ words: 'Two crews', owner: '2', by: '2027-03-01', sign: 'No day lost.' });
    });

    it('of before are judged, with what was seen', async () => {
        render(<AgreedChanges page={retrospective({ earlier: [agreed({ verdict: 'worked' })] })} />);
        await writeAndLeave('What was seen of “Two crews”', 'Not one.');
        expect(await said()).toEqual(['put', '/agreed-changes/3', { seen: 'Not one.' }]);
        await (await server.last()).takes();
        await userEvent.click(screen.getByRole('radio', { name: 'it did not' }));
        expect((await server.nth(2)).data).toEqual({ verdict: 'failed' });
    });

    it('are not judged while they are being agreed', () => {
        render(<AgreedChanges page={retrospective({ changes: [agreed()] })} />);
        expect(screen.queryByRole('radio')).toBeNull();
        expect(screen.getByText(/by Mon 1 Mar\. Sign: No day lost\./)).toBeTruthy();
    });
});

describe('a report', () => {
    it('is written, and read as it will be sent', async () => {
        render(<Report page={report()} />);
        expect(screen.getByText('We fitted 12.').closest('.hidden')).toBeTruthy();
        await userEvent.click(screen.getByRole('radio', { name: 'As it reads' }));
        expect(screen.getByText('We fitted 12.').closest('.hidden')).toBeNull();
    });

    it('is sent to whom one chooses, but not to oneself', async () => {
        render(<Report page={report({ contacts: [{ value: '6', label: 'Sten, harbour office', group: null }] })} />);
        await press('Send');
        const dialog = within(screen.getByRole('dialog'));
        expect(dialog.queryByLabelText(noor.name)).toBeNull();
        expect(dialog.getByRole<HTMLButtonElement>('button', { name: 'Send' }).disabled).toBe(true);
        await userEvent.click(dialog.getByLabelText(elif.name));
        await userEvent.click(dialog.getByLabelText('Sten, harbour office'));
        await userEvent.click(dialog.getByRole('button', { name: 'Send' }));
        expect(await said()).toEqual(['post', '/reports/4/send', { people: [2], groups: [], contacts: [6] }]);
        await (await server.last()).refuses({ report: 'This report was sent already.' });
        expect((await screen.findByRole('alert')).textContent).toBe('This report was sent already.');
    });

    it('that went out can only be read', () => {
        const { report: line } = report();
        render(<Report page={report({ report: { ...line, sentOn: '2027-02-08' }, sentTo: ['Elif', 'Sea crew'] })} />);
        expect(screen.getByText(/Sent Mon 8 Feb to Elif, Sea crew\. It stays as it went out\./)).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Send' })).toBeNull();
        expect(screen.queryByLabelText('Text of the report')).toBeNull();
    });
});
