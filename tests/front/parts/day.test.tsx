import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { DayView, GoalView, HabitRow, ReadingRow, RulerPart } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { Alerts } from '../../../resources/js/parts/day/Alerts';
import { AppointmentForm } from '../../../resources/js/parts/day/AppointmentForm';
import { HabitForm } from '../../../resources/js/parts/day/HabitForm';
import { HoursOfDay } from '../../../resources/js/parts/day/HoursOfDay';
import { MainThing } from '../../../resources/js/parts/day/MainThing';
import { OwnHours } from '../../../resources/js/parts/day/OwnHours';
import { Seen } from '../../../resources/js/parts/goals/AssumptionLine';
import { Readings } from '../../../resources/js/parts/goals/Readings';
import { press, said, write, writeAndLeave } from '../hand';
import { noor, task, TODAY } from '../made';
import { goal } from '../made/goals';
import { week } from '../made/reviews';
import { server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

describe('hours of one’s own', () => {
    const kept = { id: 4, weekday: 'wednesday', from: '09:00', until: '11:00', kind: 'work' } as const;

    it('are kept on several weekdays at once, and let go one by one', async () => {
        render(<OwnHours absences={[]} kept={[kept]} on={TODAY} />);
        await press('My hours');
        await userEvent.click(screen.getByLabelText('Mon'));
        await userEvent.click(screen.getByLabelText('Fri'));
        await userEvent.click(screen.getAllByRole('button', { name: 'Add' })[0] ?? document.body);
        expect((await server.last()).data).toEqual({ weekdays: ['monday', 'friday'], from: '09:00', until: '11:00', kind: 'work' });
        await (await server.last()).takes();
        await press('Delete Wed 09:00 to 11:00');
        expect(await server.nth(2)).toMatchObject({ method: 'delete', url: expect.stringContaining('/protected-hours/4') as string });
    });

    it('say until when one is away', async () => {
        render(<OwnHours absences={[{ id: 2, first: '2027-02-08', last: '2027-02-12' }]} kept={[]} on={TODAY} />);
        await press('Away until 12 Feb');
        await press('Delete the days from 8 Feb');
        expect((await server.last()).url).toContain('/absences/2');
    });

    it('are away from today on unless another day is said', async () => {
        render(<OwnHours absences={[]} kept={[]} on={TODAY} />);
        await press('My hours');
        await writeAndLeave('Last day', '19 Feb');
        await vi.waitFor(() => {
            expect(screen.getByLabelText<HTMLInputElement>('Last day').value).toBe('Fri 19 Feb');
        });
        await userEvent.click(screen.getAllByRole('button', { name: 'Add' }).at(-1) ?? document.body);
        expect((await server.last()).data).toEqual({ first: TODAY, last: '2027-02-19' });
    });
});

describe('an appointment', () => {
    const dentist = { id: 6, title: 'Dentist', on: TODAY, at: '16:00', minutes: 45 };

    it('is of the day that is open, and changes only what was changed', async () => {
        const onDone = vi.fn();
        const { unmount } = render(<AppointmentForm appointment={null} on={TODAY} onDone={onDone} />);
        expect(screen.getByLabelText<HTMLInputElement>('On').value).toBe('Tue 9 Feb');
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(true);
        unmount();
        render(<AppointmentForm appointment={dentist} on={TODAY} onDone={onDone} />);
        write('Min', '60');
        await press('Save');
        expect(await said()).toEqual(['put', '/appointments/6', { minutes: '60', seen: { minutes: '45' } }]);
        await (await server.last()).takes();
        expect(onDone).toHaveBeenCalledTimes(1);
        expect(Object.keys(localStorage).filter((key) => key.startsWith('draft'))).toEqual([]);
    });

    it('says at its field what is refused', async () => {
        render(<AppointmentForm appointment={dentist} on={TODAY} onDone={() => undefined} />);
        write('Min', '9999');
        await press('Save');
        await (await server.last()).refuses({ minutes: 'Enter a number from 1 to 1440.' });
        expect(await screen.findByText('Enter a number from 1 to 1440.')).toBeTruthy();
    });

    it('is deleted', async () => {
        render(<AppointmentForm appointment={dentist} on={TODAY} onDone={() => undefined} />);
        await press('Delete');
        expect((await server.last()).method).toBe('delete');
    });
});

describe('the form of a habit', () => {
    const walk: HabitRow = {
        ...{ id: 3, title: 'Walk', per: 'day', times: 1, weekdays: [], goalId: null, goal: null, today: 0, count: 0, inARow: 0 },
        ...{ recent: [], met: 0, over: 0 },
    };

    it('counts on all days until one is taken out', async () => {
        render(<HabitForm habit={walk} onDone={() => undefined} />);
        expect(screen.getAllByRole('checkbox').every(({ ariaChecked }) => ariaChecked === 'true')).toBe(true);
        await userEvent.click(screen.getByLabelText('Sun'));
        await press('Save');
        expect((await server.last()).data).toMatchObject({
            weekdays: ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'],
            seen: { weekdays: [] },
        });
    });

    it('counts on all days again once all of them are back', async () => {
        render(
            <HabitForm
                habit={{ ...walk, weekdays: ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'] }}
                onDone={() => undefined}
            />,
        );
        await userEvent.click(screen.getByLabelText('Sun'));
        await press('Save');
        expect((await server.last()).data).toMatchObject({ weekdays: [] });
    });

    it('keeps the last of its days: none would be read as all', async () => {
        render(<HabitForm habit={{ ...walk, weekdays: ['monday', 'friday'] }} onDone={() => undefined} />);
        await userEvent.click(screen.getByLabelText('Mon'));
        await userEvent.click(screen.getByLabelText('Fri'));
        await press('Save');
        expect((await server.last()).data).toMatchObject({ weekdays: ['friday'] });
    });

    it('is ended, and keeps what it counted', async () => {
        render(<HabitForm habit={walk} onDone={() => undefined} />);
        await press('End this habit');
        expect(await server.last()).toMatchObject({ method: 'delete', url: expect.stringContaining('/habits/3') as string });
    });
});

describe('the hours of a day, scheduled and actual', () => {
    const part = (more: Partial<RulerPart>): RulerPart => ({ kind: 'meeting', title: 'Quay hour', from: 540, until: 570, ...more });

    it('lie to scale, and are read out to who does not see them', () => {
        const hours = {
            from: 480,
            until: 1080,
            planned: [part({})],
            went: [part({ kind: 'session', title: 'Permit', from: 600, until: 720 })],
            now: 780,
            left: 5,
        };
        const { container } = render(
            <HoursOfDay hours={hours} kept={[{ id: 1, weekday: 'tuesday', from: '10:00', until: '12:00', kind: 'work' }]} />,
        );
        expect(container.querySelector('figcaption')?.textContent).toBe(
            'Scheduled: 09:00 to 09:30 Quay hour.Kept: 10:00 to 12:00 for work. Actual: 10:00 to 12:00 Permit.',
        );
        const bar = container.querySelector<HTMLElement>('[title^="09:00–09:30"]');
        expect([bar?.title, bar?.style.left, bar?.style.width]).toEqual(['09:00–09:30 Quay hour, meeting', '10%', '5%']);
        expect(container.querySelector<HTMLElement>('[title="now, 13:00"]')?.style.left).toBe('50%');
    });

    it('say so where nothing is', () => {
        const { container } = render(<HoursOfDay hours={{ from: 480, until: 1080, planned: [], went: [], now: null }} kept={[]} />);
        expect(container.querySelector('figcaption')?.textContent).toContain('Scheduled: nothing.');
    });
});

describe('the main thing of a day', () => {
    const day = (more: Partial<DayView>) =>
        ({
            ...{ on: TODAY, isToday: false, isPast: false, week, mainThing: null, isChosen: false, tasks: [], running: null },
            ...more,
        }) as DayView;

    it('is the first of the day until it is chosen', async () => {
        const { rerender } = render(<MainThing page={day({ mainThing: task() })} />);
        expect(screen.getByText(/The first of the day/)).toBeTruthy();
        await press('Make it the main thing');
        expect(await said()).toEqual(['put', '/tasks/7/main', { on: TODAY }]);
        rerender(<MainThing page={day({ mainThing: task(), isChosen: true })} />);
        expect(screen.queryByRole('button', { name: 'Make it the main thing' })).toBeNull();
    });

    it.each([
        [{}, 'Nothing is planned for this day yet.'],
        [{ tasks: [task()] }, 'All that was planned for this day is done.'],
        [{ isPast: true }, 'Nothing was planned for this day.'],
    ])('is nothing: %o', (more, words) => {
        render(<MainThing page={day(more)} />);
        expect(screen.getByText(words)).toBeTruthy();
    });

    it('that came back is done by one press', async () => {
        const alert = {
            id: 5,
            words: 'Berth licence',
            on: TODAY,
            at: null,
            rhythm: null,
            about: null,
            link: null,
            kind: null,
            aboutId: null,
        };
        render(<Alerts alerts={[alert]} today={TODAY} />);
        await press('Done: Berth licence');
        expect(await said()).toEqual(['delete', '/jots/5', {}]);
    });
});

describe('readings', () => {
    const readings: ReadingRow[] = Array.from({ length: 8 }, (_, at) => ({
        ...{ id: at + 1, on: `2027-02-0${String(8 - at)}`, value: `${String(40 - at)} harbours`, plain: String(40 - at), by: noor.name },
    }));
    const show = (more: Partial<GoalView> = {}) =>
        render(
            <Readings
                page={{ goal: goal(), readings, unit: 'harbours', closedOn: null, isPast: false, mayChange: true, ...more } as GoalView}
            />,
        );

    it('are the latest six, and the earlier ones a press away', async () => {
        show();
        expect(screen.getAllByRole('listitem').length).toBe(6);
        await press('2 earlier');
        expect(screen.getAllByRole('listitem').length).toBe(8);
    });

    it('are corrected where they stand, and deleted', async () => {
        show();
        await press('Edit the reading of Mon 8 Feb');
        write('Value', '41');
        await press('Save');
        expect(await said()).toEqual(['put', '/readings/1', { value: '41', seen: { value: '40' } }]);
        await (await server.last()).takes();
        await press('Delete the reading of Sun 7 Feb');
        expect(await server.nth(2)).toMatchObject({ method: 'delete', url: expect.stringContaining('/readings/2') as string });
    });

    it('are not pasted into a goal that is closed, nor changed by who may not', () => {
        show({ closedOn: '2027-02-08', mayChange: false });
        expect(within(document.body).queryByRole('button', { name: /Paste|Edit|Delete/ })).toBeNull();
    });
});

describe('what was seen of an assumption', () => {
    const ice = { id: 2, title: 'Ice melts in March', person: noor, testOn: '2027-03-01', isDue: false, seen: null, seenOn: null };

    it('is said in words, beside what stood there before', async () => {
        render(<Seen assumption={ice} mayChange />);
        await press('Say what we saw: Ice melts in March');
        write('What we saw: Ice melts in March', 'Gone by the 4th.');
        await press('Save');
        expect(await said()).toEqual(['put', '/assumptions/2/seen', { words: 'Gone by the 4th.', seen: { words: '' } }]);
    });

    it('is left without a word of it being sent', async () => {
        render(<Seen assumption={ice} mayChange />);
        await press('Say what we saw: Ice melts in March');
        await press('Cancel');
        expect(screen.getByRole('button', { name: 'Say what we saw: Ice melts in March' })).toBeTruthy();
        expect(server.sent).toEqual([]);
    });

    it('is only read by who may not say it', () => {
        render(<Seen assumption={{ ...ice, seen: 'Gone.' }} mayChange={false} />);
        expect(screen.getByText('We saw: Gone.')).toBeTruthy();
        expect(screen.queryByRole('button')).toBeNull();
    });
});
