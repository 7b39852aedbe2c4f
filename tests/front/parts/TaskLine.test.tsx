import { fireEvent, render, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { setToday } from '../../../resources/js/lib/dates';
import { ShownWeek } from '../../../resources/js/lib/planKeys';
import { Marks } from '../../../resources/js/parts/task/Marks';
import { TaskLine } from '../../../resources/js/parts/task/TaskLine';
import type { TaskRow } from '../../../resources/js/generated/props';
import { elif, harbours, mei, noor, task, TODAY } from '../made';
import { strike } from '../hand';
import { server } from '../server';

const people = [noor, elif, mei];

const show = (...tasks: TaskRow[]) =>
    render(
        <Marks>
            <ul>
                {tasks.map((each) => (
                    <TaskLine key={each.id} task={each} people={people} showsOwner showsTime />
                ))}
            </ul>
        </Marks>,
    );

const three = () => show(task({ id: 1, title: 'One' }), task({ id: 2, title: 'Two' }), task({ id: 3, title: 'Three' }));
const link = (name: string) => screen.getByRole('link', { name });
const focused = () => document.activeElement?.textContent;
const selected = () =>
    [...document.querySelectorAll('[data-task-line]')]
        .filter((line) => within(line as HTMLElement).queryByText('selected') !== null)
        .map((line) => line.querySelector('a')?.textContent);

beforeEach(() => {
    setToday(TODAY);
});

describe('a task as a line', () => {
    it('says to who listens whose it is, how long it takes and what it is for', () => {
        show(task({ owner: elif, minutes: 30, cord: harbours }));
        const line = screen.getByRole('listitem');
        expect(within(line).getByText('Elif Demir')).toBeTruthy();
        expect(within(line).getByText('min', { exact: false }).parentElement?.textContent).toContain('30\u00a0min');
        expect(within(line).getByText('for 40 harbours on the new buoy')).toBeTruthy();
        // Two letters and a mark are for the eye.
        expect(['ED', 'HB'].map((letters) => within(line).getByText(letters).getAttribute('aria-hidden'))).toEqual(['true', 'true']);
    });

    it.each<[string, Partial<TaskRow>]>([
        ['late, due Mon 8 Feb', { dueOn: '2027-02-08', isLate: true }],
        ['due Fri 12 Feb', { dueOn: '2027-02-12' }],
        ['waiting for the mill', { waitingOn: 'the mill' }],
        ['follow up Fri 12 Feb', { waitingOn: 'the mill', followUpOn: '2027-02-12' }],
        ['cannot start before “Order shackles”', { after: 'Order shackles' }],
        ['cannot start before stage “Prepare” is done', { afterStage: 'Prepare' }],
        ['cannot start before the first stage is done', { afterStage: '' }],
        ['in progress', { isInProgress: true }],
        ['Elif checks it', { checkedBy: 'Elif Demir' }],
        ['carried over twice', { carried: 2 }],
        ['at 09:30', { planned: TODAY, plannedAt: '09:30' }],
        ['every Thursday', { rhythm: 'every Thursday' }],
        ['2 of 4 steps', { steps: 4, stepsDone: 2 }],
        ['planned for week 7', { planned: '2027-W07' }],
        ['worth telling', { isWorthTelling: true }],
        ['restricted', { isPrivate: true }],
    ])('says “%s”', (words, more) => {
        show(task(more));
        expect(screen.getByText(words)).toBeTruthy();
    });

    it.each<[string, Partial<TaskRow>]>([
        ['due Fri 12 Feb', { dueOn: '2027-02-12' }],
        ['waiting for the mill', { waitingOn: 'the mill' }],
        ['in progress', { isInProgress: true }],
        ['Elif checks it', { checkedBy: 'Elif Demir' }],
        ['carried over twice', { carried: 2 }],
        ['2 of 4 steps', { steps: 4, stepsDone: 2 }],
        ['planned for week 7', { planned: '2027-W07' }],
    ])('says nothing of “%s” once it is done', (words, more) => {
        show(task({ ...more, isDone: true }));
        expect(screen.queryByText(words)).toBeNull();
    });

    it('names the task that comes first rather than its stage', () => {
        show(task({ after: 'Order shackles', afterStage: 'Prepare' }));
        expect(screen.queryByText(/stage “Prepare”/)).toBeNull();
    });

    it('cannot be ticked once it is put aside', async () => {
        show(task({ isAside: true }));
        expect(screen.getByRole('checkbox').hasAttribute('disabled')).toBe(true);
        link('Ring the harbour office').focus();
        strike(' ');
        await new Promise((done) => setTimeout(done, 5));
        expect(server.sent).toEqual([]);
    });
});

describe('by the keyboard', () => {
    it('arrows lead from line to line', () => {
        three();
        link('One').focus();
        const ways = ['ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowUp'].map((key) => {
            strike(key);

            return focused();
        });
        expect(ways).toEqual(['Two', 'Three', 'Three', 'Two']);
    });

    it('Space ticks the one that has the focus', async () => {
        three();
        link('Two').focus();
        strike(' ');
        expect(new URL((await server.last()).url, 'http://loftrin.test').pathname).toBe('/tasks/2/tick');
    });

    it('v selects, Shift and the arrows select several, Escape clears', () => {
        three();
        link('One').focus();
        strike('v');
        expect(selected()).toEqual(['One']);
        strike('ArrowDown', { shiftKey: true });
        strike('ArrowDown', { shiftKey: true });
        expect(selected()).toEqual(['One', 'Two', 'Three']);
        strike('v');
        expect(selected()).toEqual(['One', 'Two']);
        strike('Escape');
        expect(selected()).toEqual([]);
    });

    it.each([
        [' ', 'tick', null],
        ['s', 'shelve', null],
        ['x', 'drop', null],
    ])('“%s” acts on all that are selected, wherever the focus is, as one change', async (key, what, value) => {
        three();
        link('One').focus();
        strike('v');
        strike('ArrowDown', { shiftKey: true });
        strike('ArrowDown');
        expect(focused()).toBe('Three');
        strike(key);
        const sent = await server.last();
        expect([new URL(sent.url, 'http://loftrin.test').pathname, sent.data]).toEqual(['/tasks/many', { tasks: [1, 2], what, value }]);
        expect(selected()).toEqual([]);
    });

    it('a digit plans for a weekday of the week on show, the next one if it is past, and goes on to the next task', async () => {
        render(
            <ShownWeek value={{ name: '2027-W06', first: '2027-02-08', last: '2027-02-14', next: '2027-W07' }}>
                <ul>
                    <TaskLine task={task({ id: 1, title: 'One' })} people={people} />
                    <TaskLine task={task({ id: 2, title: 'Two' })} people={people} />
                </ul>
            </ShownWeek>,
        );
        link('One').focus();
        strike('5');
        expect(await server.last()).toMatchObject({ data: { planned: '2027-02-12', at: null } });
        expect(focused()).toBe('Two');
        await (await server.last()).takes();
        strike('1');
        expect((await server.nth(2)).data).toEqual({ planned: '2027-02-15', at: null });
    });

    it.each([
        ['w', '/tasks/1/plan', { planned: '2027-W06', at: null }],
        ['k', '/tasks/1/plan', { planned: '2027-W07', at: null }],
        ['s', '/tasks/1/aside', { how: 'shelve' }],
        ['x', '/tasks/1/aside', { how: 'drop' }],
    ])('%s does what it says', async (key, address, data) => {
        three();
        link('One').focus();
        strike(key);
        const sent = await server.last();
        expect(new URL(sent.url, 'http://loftrin.test').pathname).toBe(address);
        expect(sent.data).toEqual(data);
    });

    it('plans nothing that is done, and nothing while a question waits for a digit', async () => {
        show(task({ id: 1, title: 'One', isDone: true }), task({ id: 2, title: 'Two' }));
        const question = document.createElement('p');
        question.setAttribute('data-asks', '');
        document.body.append(question);
        link('One').focus();
        ['5', 'w', 's'].forEach((key) => strike(key));
        link('Two').focus();
        strike('5');
        await new Promise((done) => setTimeout(done, 5));
        expect(server.sent).toEqual([]);
        question.remove();
    });

    it('t marks a finished one as worth telling, and no other', async () => {
        show(task({ id: 1, title: 'One' }), task({ id: 2, title: 'Two', isDone: true }));
        link('One').focus();
        strike('t');
        link('Two').focus();
        strike('t');
        expect((await server.last()).data).toEqual({ source: 'task', id: 2, isWorth: true });
        expect(server.sent).toHaveLength(1);
    });

    it('Alt and an arrow move it, where it can be moved', () => {
        const onMove = vi.fn();
        render(
            <ul>
                <TaskLine task={task()} people={people} onMove={onMove} />
            </ul>,
        );
        link('Ring the harbour office').focus();
        ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'].forEach((key) => strike(key, { altKey: true }));
        expect(onMove.mock.calls.flat()).toEqual(['up', 'down', 'left', 'right']);
    });
});

describe('with the mouse', () => {
    it('Ctrl selects one more, Shift all up to there', () => {
        three();
        const line = (name: string) => link(name).closest('li') ?? document.body;
        fireEvent.click(line('One'), { ctrlKey: true });
        fireEvent.click(line('Three'), { shiftKey: true });
        expect(selected()).toEqual(['One', 'Two', 'Three']);
        fireEvent.click(line('Two'), { ctrlKey: true });
        expect(selected()).toEqual(['One', 'Three']);
    });

    it('a click on what a line leads to selects nothing', () => {
        three();
        fireEvent.click(link('One'), { ctrlKey: true });
        expect(selected()).toEqual([]);
    });
});
