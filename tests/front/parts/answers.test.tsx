import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { ClosingOffer, DayView, EveningRow, TaskRow } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { Evening } from '../../../resources/js/parts/day/Evening';
import { type ClosingValues, nothingChosen } from '../../../resources/js/parts/goals/closing';
import { ClosingFields } from '../../../resources/js/parts/goals/ClosingFields';
import { AskingTask } from '../../../resources/js/parts/week/AskingTask';
import { elif, mei, noor, task, TODAY } from '../made';
import { strike } from '../hand';
import { path, server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

describe('what became of a goal', () => {
    const offer: ClosingOffer = {
        ...{ proposed: 'not_met', because: '12 of 28.', isLateToStop: true, complete: null, next: '2027-Q2' },
        ...{ beneath: 2, tasks: 1, recurringTasks: 0 },
        ...{ projects: ['Moorings Orkney'], leaves: null, parents: [], parent: null },
    };

    function Close({ with: errors = {}, offered = offer }: { with?: Record<string, string>; offered?: ClosingOffer }) {
        const [values, setValues] = useState<ClosingValues>(nothingChosen);

        return (
            <>
                <ClosingFields
                    title="Harbours"
                    offer={offered}
                    values={values}
                    errors={errors}
                    set={(change) => {
                        setValues({ ...values, ...change });
                    }}
                />
                <output>{JSON.stringify(values)}</output>
            </>
        );
    }

    const chosen = () => JSON.parse(screen.getByRole('status').textContent) as ClosingValues;
    const choose = (word: string | RegExp) => userEvent.click(screen.getByRole('radio', { name: word }));
    const words = () => screen.getAllByRole('radio').map(({ textContent }) => textContent);

    it('is proposed with its reason, and chosen by nobody', () => {
        render(<Close />);
        expect(screen.getByText('12 of 28.')).toBeTruthy();
        expect(words()).toEqual(['met', 'in part', 'not met (proposed)']);
        expect(chosen()).toEqual(nothingChosen);
    });

    it('leaves nothing open where it was met', async () => {
        render(<Close />);
        await choose('met');
        expect(words()).toEqual(['met', 'in part', 'not met']);
        expect(screen.getByLabelText('Why of Harbours')).toBeTruthy();
    });

    it('asks what becomes of the rest where it was not, and what goes along', async () => {
        render(<Close />);
        await choose(/^not met/);
        expect(words().slice(3)).toEqual(['carry over to Q2 2027', 'split', 'shelve', 'drop']);
        await choose('carry over to Q2 2027');
        expect(screen.getByText('2 open goals beneath it')).toBeTruthy();
        await userEvent.click(screen.getByLabelText('1 open task'));
        await userEvent.click(screen.getByLabelText('Moorings Orkney'));
        expect(chosen()).toMatchObject({ result: 'not_met', rest: 'carried', withTasks: false, withProjects: false });
    });

    it('asks into which goals it is split, and until when it is shelved', async () => {
        render(<Close />);
        await choose('in part');
        await choose('split');
        fireEvent.change(screen.getByLabelText('Goals of Harbours'), { target: { value: 'Contracts\nPrices' } });
        expect(chosen().titles).toBe('Contracts\nPrices');
        await choose('shelve');
        expect(screen.getByLabelText('Return date of Harbours')).toBeTruthy();
        expect(screen.queryByLabelText('Goals of Harbours')).toBeNull();
    });

    it('is stopped by an act of its own, carried nowhere, and told where “not met” would be the honest word', async () => {
        render(<Close with={{ line: 'Write why it is stopped.' }} />);
        await userEvent.click(screen.getByRole('button', { name: 'Stop Harbours' }));
        expect(chosen().result).toBe('stopped');
        expect(words()).toEqual(['shelve', 'drop']);
        expect(screen.getByText(/More than half of its period is over/)).toBeTruthy();
        expect(screen.getByText('Write why it is stopped.')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Do not stop Harbours' }));
        expect(chosen()).toEqual(nothingChosen);
    });

    it('asks what it contributes to where its parent ends before it goes on, the likely goal first', async () => {
        const leaves = { id: 7, title: '40 harbours', period: '2026' };
        const parents = ['8 Support', '9 60 harbours'].map((each) => ({ value: each[0] ?? '', label: each.slice(2), group: '2027' }));
        render(<Close offered={{ ...offer, leaves, parents, parent: 9 }} />);
        await choose('in part');
        await choose('carry over to Q2 2027');
        expect(screen.getByText(/“40 harbours” ends before Q2 2027/)).toBeTruthy();
        await userEvent.click(screen.getByRole('combobox', { name: 'What Harbours contributes to in Q2 2027' }));
        expect(screen.getAllByRole('option').map(({ textContent }) => textContent)).toEqual([
            'Choose',
            'No goal',
            '60 harbours',
            'Support',
        ]);
        await userEvent.click(screen.getByRole('option', { name: '60 harbours' }));
        expect(chosen().parent).toBe('9');
    });

    it('forgets what becomes of the rest once there is none', async () => {
        render(<Close />);
        await choose(/^not met/);
        await choose('drop');
        await choose('met');
        expect(chosen()).toMatchObject({ result: 'met', rest: '' });
    });

    it('says at its field what is wrong, and offers nothing to go along where there is nothing', async () => {
        const bare = { ...offer, beneath: 0, tasks: 0, projects: [] };
        render(<Close with={{ rest: 'Say what becomes of the rest.', score: 'A score is between 0 and 100.' }} offered={bare} />);
        await choose(/^not met/);
        await choose('carry over to Q2 2027');
        expect(screen.getByText('Say what becomes of the rest.')).toBeTruthy();
        expect(screen.getByText('A score is between 0 and 100.')).toBeTruthy();
        expect(screen.queryByText('Also carried')).toBeNull();
    });
});

describe('a task that was carried over too often', () => {
    const ask = (more: Partial<TaskRow> = {}) =>
        render(<AskingTask task={task({ title: 'Price page', carried: 4, asks: true, ...more })} people={[noor, elif, mei]} />);

    it('asks what is blocking it', () => {
        const { unmount } = ask();
        expect(screen.getByText('carried over 4 times.')).toBeTruthy();
        expect(screen.getByText('Never started. What is blocking it?')).toBeTruthy();
        unmount();
        ask({ steps: 4, stepsDone: 1 });
        expect(screen.getByText('Started, not finished. What is blocking it?')).toBeTruthy();
    });

    it.each<[string, string, object]>([
        ['1', '/tasks/7/plan', { planned: TODAY, at: null }],
        ['4', '/tasks/7/aside', { how: 'shelve' }],
        ['5', '/tasks/7/aside', { how: 'drop' }],
    ])('is answered by %s', async (key, address, data) => {
        ask();
        strike(key);
        const sent = await server.last();
        expect([path(sent.url), sent.data]).toEqual([address, data]);
    });

    it('is handed over from a list of people, and by nobody where nobody else may see it', async () => {
        const { unmount } = ask();
        strike('3');
        expect((await screen.findAllByRole('menuitem')).map(({ textContent }) => textContent)).toEqual(['Elif Demir', 'Mei Tanaka']);
        unmount();
        ask({ isPrivate: true });
        expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual([
            ...['1 Do first', '2 Split into steps', '4 Shelve', '5 Drop'],
        ]);
    });
});

describe('the evening', () => {
    const row = (more: Partial<EveningRow> = {}): EveningRow => ({
        ...{ question: 'What did I learn?', isScore: false, isAsked: true, words: '', score: null },
        ...more,
    });
    const show = (evening: Partial<DayView['evening']> = {}) =>
        render(
            <Evening
                page={
                    {
                        on: TODAY,
                        isToday: true,
                        evening: { isTime: true, questions: [], bank: [], next: null, nextMain: null, candidates: [], ...evening },
                    } as unknown as DayView
                }
            />,
        );

    it('asks nothing until something is chosen', () => {
        show();
        expect(screen.getByText('No questions are asked. Choose up to three.')).toBeTruthy();
    });

    it('takes a number from 1 to 5, and takes it back', async () => {
        const { unmount } = show({ questions: [row({ question: 'How was the day?', isScore: true })] });
        await userEvent.click(screen.getByRole('radio', { name: '4' }));
        expect((await server.last()).data).toEqual({ question: 'How was the day?', score: 4 });
        await (await server.last()).takes();
        unmount();
        show({ questions: [row({ question: 'How was the day?', isScore: true, score: 4 })] });
        await userEvent.click(screen.getByRole('radio', { name: '4' }));
        expect((await server.nth(2)).data).toEqual({ question: 'How was the day?', score: null });
    });

    it('keeps an answer in words with what was seen there', async () => {
        show({ questions: [row({ words: 'That chain rusts.' })] });
        const field = screen.getByLabelText('What did I learn?');
        fireEvent.change(field, { target: { value: 'That chain rusts fast.' } });
        fireEvent.blur(field);
        expect((await server.last()).data).toEqual({
            ...{ question: 'What did I learn?', words: 'That chain rusts fast.', seen: 'That chain rusts.' },
        });
    });

    it('offers what is planned as the main thing of the next working day', async () => {
        const nextMain = task({ id: 8, title: 'Quote for Gotland' });
        show({ next: '2027-02-10', nextMain, candidates: [task({ id: 7, title: 'Price page' }), nextMain] });
        expect(screen.getByRole('heading', { name: 'The main thing of Wednesday 10 February' })).toBeTruthy();
        const [first] = screen.getAllByRole('button', { name: /Price page/ });
        fireEvent.click(first ?? document.body);
        const sent = await server.last();
        expect([path(sent.url), sent.data]).toEqual(['/tasks/7/main', { on: '2027-02-10' }]);
    });

    it('says so where nothing is planned for it', () => {
        show({ next: '2027-02-10' });
        expect(screen.getByText('Nothing is planned for that week yet.')).toBeTruthy();
    });
});
