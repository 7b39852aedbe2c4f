import { render, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { AheadWeek, HistoryRow, TaskRow, WeekDay, WeekView } from '../../../resources/js/generated/props';
import { addDays, setToday } from '../../../resources/js/lib/dates';
import { useOthersChanges } from '../../../resources/js/parts/projects/othersChanges';
import { Notices } from '../../../resources/js/parts/signs/Notices';
import { Decision } from '../../../resources/js/parts/reviews/Decision';
import { PlanQueue, withoutDay } from '../../../resources/js/parts/week/PlanQueue';
import { elif, mei, noor, rail, task, TODAY } from '../made';
import { strike } from '../hand';
import { path, server } from '../server';

const people = [noor, elif, mei];

/** A week of seven days, of which Monday is over and Thursday is over-full. */
const days = Array.from({ length: 7 }, (_, at) => ({
    on: addDays('2027-02-08', at),
    isPast: at === 0,
    free: at === 3 ? -90 : 120,
})) as WeekDay[];
const week = { ...rail().year, name: '2027-W06', words: 'Week 6', first: '2027-02-08', last: '2027-02-14', next: '2027-W07' };
const page = (noDay: TaskRow[], offered: TaskRow[] = [], due: TaskRow[] = []) =>
    ({ week, days, noDay, offered, due }) as unknown as WeekView;
const ahead = { week: { ...week, name: '2027-W07', words: 'Week 7', next: '2027-W08' }, days } as unknown as AheadWeek;

beforeEach(() => {
    setToday(TODAY);
});

describe('what has no day yet', () => {
    it('is what is open and planned for this week or around it, the most often carried over first', () => {
        const found = withoutDay(
            page(
                [
                    task({ id: 1, planned: '2027-W06' }),
                    task({ id: 2, planned: '2027-W06', carried: 1 }),
                    task({ id: 3, planned: '2027-W06', carried: 4 }),
                    task({ id: 4, planned: '2027-W06', isDone: true }),
                    task({ id: 5, planned: '2027-W06', isAside: true }),
                    task({ id: 6, planned: '2027-02-10' }),
                    task({ id: 7, planned: '2027-W07' }),
                ],
                [task({ id: 8, planned: '2027-02' }), task({ id: 9, planned: '2027' }), task({ id: 10 })],
                [task({ id: 11 }), task({ id: 12, planned: '2027-W07' }), task({ id: 13, planned: '2027-02-10' })],
            ),
        );
        expect(found.map(({ id }) => id)).toEqual([3, 2, 1, 8, 9, 11]);
    });

    const queue = (...tasks: TaskRow[]) => {
        const onTurn = vi.fn();
        render(<PlanQueue page={page(tasks)} people={people} isOn onTurn={onTurn} />);

        return onTurn;
    };
    const one = task({ id: 1, title: 'One', planned: '2027-W06', carried: 1, minutes: 45 });
    const two = task({ id: 2, title: 'Two', planned: '2027-W06' });

    it('comes one after the other, with why it stands there and what fits', () => {
        queue(one, two);
        expect(screen.getByRole('link', { name: 'One' })).toBeTruthy();
        expect(screen.getByText('carried over once')).toBeTruthy();
        expect(screen.getByText('45 min')).toBeTruthy();
        expect(screen.getByText('1 h 30 min over')).toBeTruthy();
        // A day that is over takes nothing.
        expect(within(screen.getByRole('list')).getAllByRole('listitem')).toHaveLength(6);
    });

    it.each([
        ['5', '/tasks/1/plan', { planned: '2027-02-12', at: null }],
        ['k', '/tasks/1/plan', { planned: '2027-W07', at: null }],
        ['s', '/tasks/1/aside', { how: 'shelve' }],
        ['x', '/tasks/1/aside', { how: 'drop' }],
    ])('is decided by %s', async (key, address, data) => {
        queue(one, two);
        strike(key);
        const sent = await server.last();
        expect(path(sent.url)).toBe(address);
        expect(sent.data).toEqual(data);
    });

    it('is left where it is by Space, until nothing is left to ask', () => {
        const onTurn = queue(one, two);
        strike(' ');
        expect(screen.getByRole('link', { name: 'Two' })).toBeTruthy();
        strike('w');
        expect(screen.getByText('2 tasks have no day and stay in the week.')).toBeTruthy();
        strike('Escape');
        expect(onTurn).toHaveBeenCalledWith(false);
        expect(server.sent).toEqual([]);
    });

    it('is not asked about where there is nothing', () => {
        const { container } = render(<PlanQueue page={page([])} people={people} isOn={false} onTurn={vi.fn()} />);
        expect(container.textContent).toBe('');
    });
});

describe('what is left over', () => {
    const decide = (left: Partial<TaskRow> = {}, mayKeep = false) => {
        const onLeave = vi.fn();
        render(
            <Decision
                task={task({ title: 'Spare parts list', ...left })}
                reason="late"
                mayKeep={mayKeep}
                ahead={ahead}
                people={people}
                onLeave={onLeave}
            />,
        );

        return onLeave;
    };

    it('is shown with what is known of it', () => {
        decide({ dueOn: '2027-02-05', isLate: true, carried: 3, waitingOn: 'the mill', minutes: 30 });
        expect(screen.getByRole('article').textContent).toContain('latedue Fri 5 Febcarried over 3 timeswaiting for the mill30\u00a0min');
    });

    it.each<[string, string, object]>([
        ['d', '/tasks/7/tick', { done: true }],
        ['2', '/tasks/7/plan', { planned: '2027-02-09', at: null }],
        ['w', '/tasks/7/plan', { planned: '2027-W07', at: null }],
        ['k', '/tasks/7/plan', { planned: '2027-W08', at: null }],
        ['s', '/tasks/7/aside', { how: 'shelve' }],
        ['x', '/tasks/7/aside', { how: 'drop' }],
    ])('is decided by %s', async (key, address, data) => {
        decide();
        strike(key);
        const sent = await server.last();
        expect(path(sent.url)).toBe(address);
        expect(sent.data).toEqual(data);
    });

    it('is left by the arrow, and not planned for a day that is over', async () => {
        const onLeave = decide();
        strike('ArrowDown');
        strike('1');
        await new Promise((done) => setTimeout(done, 5));
        expect(onLeave).toHaveBeenCalledOnce();
        expect(server.sent).toEqual([]);
    });

    it('is kept where it may be, and not shelved where it lies on the shelf', async () => {
        decide({ isAside: true }, true);
        expect(screen.getByText('keep it on the shelf')).toBeTruthy();
        expect(screen.queryByText('shelve')).toBeNull();
        strike('e');
        expect(path((await server.last()).url)).toBe('/tasks/7/keep');
    });
});

describe('what somebody else does to a project one looks at', () => {
    function Looking({ history }: { history: HistoryRow[] }) {
        useOthersChanges(history);

        return <Notices />;
    }

    const row = (id: number, by = elif, what: string | null = 'Order shackles'): HistoryRow =>
        ({ id, by, words: 'ticked', what }) as HistoryRow;

    it('is told once, with how much more there is', async () => {
        const { rerender } = render(<Looking history={[row(4)]} />);
        expect(screen.queryByRole('status')).toBeNull();
        rerender(<Looking history={[row(7), row(6), row(5), row(4)]} />);
        expect(await screen.findByText('Elif Demir ticked “Order shackles”, and 2 more')).toBeTruthy();
        rerender(<Looking history={[row(7), row(6), row(5), row(4)]} />);
        expect(screen.getAllByText(/Elif Demir ticked/)).toHaveLength(1);
    });

    it('is not told of what one did oneself', async () => {
        const { rerender } = render(<Looking history={[]} />);
        rerender(<Looking history={[row(9, noor, 'Ring the mill')]} />);
        await new Promise((done) => setTimeout(done, 20));
        expect(screen.queryByText(/Noor Aksoy ticked/)).toBeNull();
    });
});
