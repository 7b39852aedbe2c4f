import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { CommentRow, Condition, DayView, FieldOptions, GoalView, HabitRow } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { changedKeys, singleKeys } from '../../../resources/js/lib/keys';
import { Comments } from '../../../resources/js/parts/beside/Comments';
import { FocusSession } from '../../../resources/js/parts/day/FocusSession';
import { Habits } from '../../../resources/js/parts/day/Habits';
import { EnterReading } from '../../../resources/js/parts/goals/EnterReading';
import { SayChance } from '../../../resources/js/parts/goals/OwnersEstimate';
import { PasteReadings } from '../../../resources/js/parts/goals/PasteReadings';
import { KeysHelp } from '../../../resources/js/parts/frame/KeysHelp';
import { Conditions } from '../../../resources/js/parts/lists/Conditions';
import { Frame } from '../../../resources/js/parts/frame/Frame';
import { elif, mei, noor, task, TODAY } from '../made';
import { press, write } from '../hand';
import { page } from '../page';
import { path, server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

describe('comments', () => {
    const comment = (more: Partial<CommentRow>): CommentRow => ({
        ...{ id: 4, by: elif, on: '2027-02-08', words: 'The slip is icy.', mentions: [], isMine: false },
        ...more,
    });

    beforeEach(() => {
        page.props = { ...page.props, everybody: [noor, elif, mei] } as never;
    });

    it('are there with who wrote them and when, and one’s own can be deleted', async () => {
        render(<Comments of="tasks 7" comments={[comment({}), comment({ id: 5, by: noor, isMine: true })]} address="/tasks/7/comments" />);
        expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
            'Mon 8 FebElif DemirThe slip is icy.',
            'Mon 8 FebNoor AksoyThe slip is icy.Delete',
        ]);
        await press('Delete your comment of Mon 8 Feb');
        expect(await server.last()).toMatchObject({ method: 'delete' });
    });

    it('are posted once there is something to post', async () => {
        render(<Comments of="tasks 7" comments={[]} address="/tasks/7/comments" />);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Post', hidden: true }).disabled).toBe(true);
        write('Write a comment', 'Good.');
        await press('Post');
        const sent = await server.last();
        expect(sent.data).toEqual({ words: 'Good.' });
        await act(() => sent.takes());
        expect(screen.getByLabelText<HTMLTextAreaElement>('Write a comment').value).toBe('');
    });

    it('offer whom an @ can mean, but not oneself, and take the whole name', async () => {
        render(<Comments of="tasks 7" comments={[]} address="/tasks/7/comments" />);
        write('Write a comment', 'Good. @');
        expect(
            within(screen.getByRole('group'))
                .getAllByRole('button')
                .map(({ textContent }) => textContent),
        ).toEqual([...['@Elif Demir', '@Mei Tanaka']]);
        write('Write a comment', 'Good. @me');
        await press('@Mei Tanaka');
        expect(screen.getByLabelText<HTMLTextAreaElement>('Write a comment').value).toBe('Good. @Mei Tanaka ');
        write('Write a comment', 'noor@saltglass.example');
        expect(screen.queryByRole('group')).toBeNull();
    });
});

describe('conditions of a list', () => {
    const fields = [
        { field: 'owner', isNumber: false, options: [{ value: '1', label: 'Noor Aksoy', group: null }] },
        { field: 'age', isNumber: true, options: [] },
    ] as FieldOptions[];

    function Built({ errors = {} }: { errors?: Record<string, string> }) {
        const [conditions, setConditions] = useState<Condition[]>([]);

        return (
            <>
                <Conditions conditions={conditions} fields={fields} errors={errors} onChange={setConditions} />
                <output>{JSON.stringify(conditions)}</output>
            </>
        );
    }

    const built = () => JSON.parse(screen.getByRole('status').textContent) as unknown;

    it('are added one after the other, each with what is not used yet', async () => {
        render(<Built />);
        await press('Add a condition');
        await press('and …');
        expect(built()).toEqual([
            { field: 'owner', value: '1' },
            { field: 'age', value: '' },
        ]);
        write('Value of condition 2', ' 30 ');
        fireEvent.blur(screen.getByLabelText('Value of condition 2'));
        await press('Remove condition 1');
        expect(built()).toEqual([{ field: 'age', value: '30' }]);
    });

    it('say what is wrong with one of them', async () => {
        render(<Built errors={{ 'conditions.0.value': 'Enter a whole number.' }} />);
        await press('Add a condition');
        expect(screen.getByText('Enter a whole number.')).toBeTruthy();
    });

    it('speak as the product does', async () => {
        render(<Built />);
        await press('Add a condition');
        await userEvent.click(screen.getByRole('combobox', { name: 'Condition 1' }));
        expect(screen.getByRole('option', { name: 'contributes to' })).toBeTruthy();
    });
});

describe('a habit', () => {
    const habit = (more: Partial<HabitRow> = {}): HabitRow => ({
        ...{ id: 2, title: 'Walk the quay', per: 'day', times: 1, weekdays: [], goalId: null, goal: null },
        ...{ today: 0, count: 0, inARow: 0, recent: [], met: 0, over: 0 },
        ...more,
    });
    const show = (more: Partial<HabitRow> = {}, mayTick = true) => render(<Habits habits={[habit(more)]} on={TODAY} mayTick={mayTick} />);

    it.each<[string, Partial<HabitRow>]>([
        ['begun', {}],
        ['4 in a row, 9 of the last 10', { inARow: 4, met: 9, over: 10 }],
        ['2 of 3 this week, 1 in a row', { per: 'week', times: 3, count: 2, inARow: 1 }],
        ['1 of 8 today', { times: 8, count: 1 }],
    ])('says how it goes: %s', (words, more) => {
        show(more);
        expect(screen.getByText(words)).toBeTruthy();
    });

    it.each<[string, Partial<HabitRow>, number]>([
        ['ticked', {}, 1],
        ['unticked', { today: 1 }, 0],
        ['ticked as a whole where it is several times a day', { times: 8, today: 3 }, 8],
    ])('is %s', async (_, more, count) => {
        show(more);
        await userEvent.click(screen.getByRole('checkbox', { name: 'Walk the quay, done' }));
        expect((await server.last()).data).toEqual({ on: TODAY, count });
    });

    it('counts one more, several times a day', async () => {
        show({ times: 8, today: 3 });
        await press('Walk the quay: once more');
        expect((await server.last()).data).toEqual({ on: TODAY, count: 4 });
    });

    it('only shows itself on a day that cannot be ticked, and says how the last ones went', () => {
        show(
            {
                recent: [
                    { first: '2027-02-07', count: 1, state: 'met' },
                    { first: '2027-02-08', count: 0, state: 'missed' },
                ],
            },
            false,
        );
        expect(screen.getByRole<HTMLButtonElement>('checkbox').disabled).toBe(true);
        expect(screen.getByRole('img', { name: 'The last 2: met, missed' })).toBeTruthy();
    });
});

describe('a reading', () => {
    const goal = { goal: { id: 3 }, unit: 'm' } as GoalView;

    it('is of today unless another day is said, and asks about a date that is likely a slip', async () => {
        render(<EnterReading page={goal} />);
        write('Enter a reading in m', '12,5');
        fireEvent.submit(screen.getByLabelText('Enter a reading in m'));
        const sent = await server.last();
        expect(path(sent.url)).toBe('/goals/3/readings');
        expect(sent.data).toEqual({ on: TODAY, value: '12,5', sure: false });
        await act(() => sent.refuses({ sure: 'This is ten years ago.' }));

        expect(screen.getByRole('alert').textContent).toBe('This is ten years ago.');
        await userEvent.click(screen.getByLabelText('The date is right'));
        fireEvent.submit(screen.getByLabelText('Enter a reading in m'));
        const again = await server.nth(2);
        expect(again.data).toMatchObject({ sure: true });
        await act(() => again.takes());
        expect(screen.getByLabelText<HTMLInputElement>('Enter a reading in m').value).toBe('');
    });

    it('is one of a column that is pasted, which stays until all of it is taken', async () => {
        render(<PasteReadings goal={3} />);
        await press('Paste a column');
        write('Lines', '1/2/2027\t12\n2/2/2027\t14');
        await press('Add readings');
        const sent = await server.last();
        expect(sent.data).toEqual({ text: '1/2/2027\t12\n2/2/2027\t14', last: TODAY, order: '', sure: false });
        await act(() => sent.refuses({ order: 'Does the day or the month come first in these dates?' }));
        await userEvent.click(screen.getByRole('radio', { name: 'the day' }));
        await press('Add readings');
        const again = await server.nth(2);
        expect(again.data).toMatchObject({ order: 'day' });
        await act(() => again.takes());
        expect(screen.queryByRole('dialog')).toBeNull();
    });
});

describe('the owner’s estimate', () => {
    it('is said with why, and stays where it is refused', async () => {
        render(<SayChance goal={3} chance={70} />);
        await press('Update estimate');
        expect(screen.getByLabelText<HTMLInputElement>('Chance in per cent').value).toBe('70');
        write('Chance in per cent', '170');
        write('Why', 'Two crews.');
        await press('Save');
        const sent = await server.last();
        expect(sent.data).toEqual({ chance: '170', line: 'Two crews.' });
        await act(() => sent.refuses({ chance: 'The chance must be between 0 and 100.' }));
        expect(screen.getByText('The chance must be between 0 and 100.')).toBeTruthy();
        expect(screen.getByLabelText<HTMLInputElement>('Why').value).toBe('Two crews.');
    });
});

describe('a focus session', () => {
    const day = (main: DayView['mainThing']) => ({ running: null, mainThing: main }) as unknown as DayView;
    const begin = async () => {
        await userEvent.click(screen.getByRole('button', { name: /^Start a focus session/ }));
    };

    it('begins with the main thing of the day, for that task', async () => {
        render(<FocusSession page={day(task({ id: 9, title: 'Quote for the Gotland farm' }))} />);
        await begin();
        expect(screen.getByLabelText<HTMLInputElement>('Intent').value).toBe('Quote for the Gotland farm');
        await press('Start');
        expect((await server.last()).data).toEqual({
            ...{ intent: 'Quote for the Gotland farm', minutes: '50', rounds: '1', break: '0', task: 9 },
        });
    });

    it('has another intent for no task, and a break between rounds', async () => {
        render(<FocusSession page={day(task({ id: 9, title: 'Quote for the Gotland farm', isDone: true }))} />);
        await begin();
        write('Intent', 'Read');
        write('Rounds', '3');
        write('Break, min', '5');
        await press('Start');
        expect((await server.last()).data).toEqual({ intent: 'Read', minutes: '50', rounds: '3', break: '5', task: null });
    });
});

describe('the page of keys', () => {
    afterEach(() => {
        localStorage.clear();
    });

    const show = () =>
        render(
            <>
                <Frame>
                    <p>Week</p>
                </Frame>
                <KeysHelp isOpen onOpenChange={vi.fn()} room="Week" everywhere={['n', 'b']} />
            </>,
        );

    it('lets a key be replaced, and not by one that is taken', async () => {
        show();
        const change = screen.getByRole('button', { name: 'Change the key for Jot' });
        await userEvent.click(change);
        fireEvent.keyDown(change, { key: 'b' });
        expect(screen.getByRole('alert').textContent).toBe('“b” is already used: Previous week.');
        await userEvent.click(change);
        fireEvent.keyDown(change, { key: 'j' });
        expect(changedKeys.all()).toEqual({ n: 'j' });
        expect(screen.queryByRole('alert')).toBeNull();
    });

    it('lets single keys be switched off', async () => {
        show();
        await userEvent.click(screen.getByLabelText('Use single keys'));
        expect(singleKeys.areOn()).toBe(false);
    });
});
