import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { router } from '@inertiajs/react';
import { setToday } from '../../../resources/js/lib/dates';
import { ToPlace, type Place } from '../../../resources/js/parts/task/ToPlace';
import { CarriedOver } from '../../../resources/js/parts/week/CarriedOver';
import { TaskFacts } from '../../../resources/js/parts/week/TaskFacts';
import { choices, choose, press, said, writeAndLeave } from '../hand';
import { elif, noor, task, TODAY } from '../made';
import { taskView } from '../made/work';
import { page } from '../page';
import { server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

describe('what is known of a task', () => {
    const show = (more = {}, of = {}) => render(<TaskFacts page={taskView({ people: [noor, elif], task: task(of), ...more })} />);
    const shown = () => [...document.querySelectorAll('.facts label')].map(({ textContent }) => textContent);
    const offered = () => screen.getAllByRole('button').map(({ textContent }) => textContent);

    it('is what is set, and the rest by name', () => {
        show({ place: 'Quay 3' }, { rank: 'A' });
        expect(shown()).toEqual(expect.arrayContaining(['Planned for', 'Due', 'Owner', 'Rank', 'Place']));
        expect(shown()).not.toContain('Focus needed');
        expect(offered()).toEqual(expect.arrayContaining(['Focus needed', 'Waiting for', 'Checked by']));
        expect(offered()).not.toContain('Main effort');
    });

    it('has the field at once that one asks for, and the focus in it', async () => {
        show();
        await press('Place');
        expect(document.activeElement).toBe(screen.getByLabelText('Place'));
        await userEvent.keyboard('Quay 3');
        await userEvent.tab();
        expect(await said()).toEqual(['put', '/tasks/7', { place: 'Quay 3' }]);
    });

    it('takes a length of time as people write it, and no length back', async () => {
        show({}, { minutes: 45 });
        await writeAndLeave('Estimate', '1h 30');
        expect(await said()).toEqual(['put', '/tasks/7', { minutes: '90' }]);
        await (await server.last()).takes();
        await userEvent.clear(screen.getByLabelText('Estimate'));
        await userEvent.tab();
        expect((await server.nth(2)).data).toEqual({ minutes: null });
    });

    it('keeps what was refused in its field, with why', async () => {
        show();
        await writeAndLeave('Estimate', 'soon');
        await (await server.last()).refuses({ minutes: 'Enter a length of time, for example “45” or “1h 30”.' });
        expect(await screen.findByText(/Enter a length of time/)).toBeTruthy();
        expect(screen.getByLabelText<HTMLInputElement>('Estimate').value).toBe('soon');
    });

    it('asks when to follow up once it waits for somebody', async () => {
        show({}, { waitingOn: 'Harbour office' });
        await writeAndLeave('Follow up on', 'Fri');
        await vi.waitFor(() => {
            expect(server.sent.at(-1)?.data).toEqual({ follow_up_on: '2027-02-12' });
        });
        await (await server.last()).takes();
        await choose('Waiting for', 'nobody');
        expect((await server.nth(2)).data).toEqual({ waiting_on: null });
    });

    it('is planned from a list of times, on a day, and at a time of it', async () => {
        show({}, { planned: '2027-02-10', plannedAt: '09:00' });
        expect(screen.getByLabelText<HTMLInputElement>('On').value).toBe('Wed 10 Feb');
        expect(await choices('Planned for')).toContain('on a day …');
        await choose('Planned for', 'not scheduled');
        expect(await said()).toEqual(['put', '/tasks/7/plan', { planned: null, at: null }]);
    });

    it('asks which day before anything is sent', async () => {
        show();
        expect(screen.queryByLabelText('On')).toBeNull();
        await choose('Planned for', 'on a day …');
        expect(server.sent).toEqual([]);
        await writeAndLeave('On', 'tomorrow');
        await vi.waitFor(() => {
            expect(server.sent.at(-1)?.data).toEqual({ planned: '2027-02-10', at: null });
        });
    });

    it('moves into another stage, and has none to choose where there is none', async () => {
        const { unmount } = show();
        expect(screen.queryByRole('combobox', { name: 'Stage' })).toBeNull();
        unmount();
        show({ stages: [{ value: '4', label: 'At sea', group: null }] });
        await choose('Stage', 'At sea');
        expect(await said()).toEqual(['put', '/tasks/7/place', { stage: 4 }]);
    });

    it('is handed over, and marked as being in progress', async () => {
        show();
        await choose('Owner', elif.name);
        expect((await server.last()).data).toEqual({ owner_id: elif.id });
        await (await server.last()).takes();
        await userEvent.click(screen.getByLabelText('In progress'));
        expect((await server.nth(2)).data).toEqual({ in_progress: true });
    });

    it('of a finished one asks no longer who checks it or whether it is in progress', () => {
        show({}, { isDone: true });
        expect(screen.queryByLabelText('In progress')).toBeNull();
        expect(offered()).not.toContain('Checked by');
    });

    it('names the main effort that it belongs to, where its goal has any', async () => {
        show({ mainEfforts: [{ value: '5', label: 'Visits', group: null }], mainEffort: 5 });
        expect(screen.getByRole('combobox', { name: 'Main effort' }).textContent).toBe('Visits');
        await choose('Main effort', 'none');
        expect((await server.last()).data).toEqual({ main_effort_id: null });
    });
});

describe('what was carried over', () => {
    const carried = (id: number, times: number) => task({ id, title: `Task ${String(id)}`, carried: times, asks: times >= 3 });
    const text = () => screen.getByText('Carried over').closest('section')?.textContent;

    it('asks about one at a time, and names the others with how often', () => {
        render(<CarriedOver tasks={[carried(1, 1), carried(2, 4), carried(3, 2)]} people={[]} />);
        expect(screen.getByText('What is blocking it?', { exact: false })).toBeTruthy();
        expect(text()).toContain('3 tasks from earlier weeks');
        expect(text()).toContain('Also: Task 1 once, Task 3 twice');
    });

    it('asks nothing of what was carried over less often, and says how many more there are', () => {
        render(<CarriedOver tasks={[1, 2, 3, 4, 5, 6, 7].map((id) => carried(id, 1))} people={[]} />);
        expect(screen.queryByText('What is blocking it?', { exact: false })).toBeNull();
        expect(text()).toContain('Task 5 once and 2 more');
        expect(text()).not.toContain('Also');
    });

    it('of one says one', () => {
        render(<CarriedOver tasks={[carried(1, 1)]} people={[]} />);
        expect(text()).toContain('1 task from earlier weeks');
    });
});

describe('what a task is for', () => {
    const options = (...words: string[]) => words.map((label, at) => ({ value: String(at + 1), label, group: null }));
    let chosen: Place | null;
    const show = (hasGoals = true) =>
        render(
            <ToPlace
                isOpen
                hasGoals={hasGoals}
                onOpenChange={() => undefined}
                onChoose={(place) => {
                    chosen = place;
                }}
            />,
        );
    const props = page.props as Record<string, unknown>;

    beforeEach(() => {
        chosen = null;
    });

    afterEach(() => {
        delete props.places;
        delete props.served;
    });

    it('is a project, a goal, or neither', async () => {
        Object.assign(props, { places: options('Moorings'), served: options('40 harbours', 'Moorings') });
        show();
        await userEvent.type(screen.getByPlaceholderText('Name'), 'moor');
        expect(screen.getAllByRole('option').map(({ textContent }) => textContent)).toEqual(['Moorings', 'Moorings']);
        await userEvent.click(screen.getAllByRole('option')[1] ?? document.body);
        expect(chosen).toEqual({ project: null, goal: '2' });
    });

    it('is no longer anything by the first choice', async () => {
        Object.assign(props, { places: options('Moorings'), served: [] });
        show();
        await userEvent.click(screen.getByRole('option', { name: 'Not linked to a project or goal' }));
        expect(chosen).toEqual({ project: null, goal: null });
    });

    it('asks for what there is to choose from, again where a change cut it short, and not for ever', async () => {
        const reload = vi.spyOn(router, 'reload').mockImplementation(() => undefined);
        show();
        const finish = () =>
            act(async () => {
                reload.mock.calls.at(-1)?.[0]?.onFinish?.({} as never);
                await Promise.resolve();
            });
        expect(reload).toHaveBeenCalledTimes(1);
        expect(reload.mock.calls[0]?.[0]).toMatchObject({ only: ['places', 'served'] });

        for (let tries = 0; tries < 9; tries++) {
            await finish();
        }

        expect(reload).toHaveBeenCalledTimes(5);
    });

    it('keeps what is known when a page comes without it', () => {
        Object.assign(props, { places: options('Moorings') });
        const { rerender } = show(false);
        delete props.places;
        rerender(<ToPlace isOpen onOpenChange={() => undefined} onChoose={() => undefined} />);
        expect(screen.getByRole('option', { name: 'Moorings' })).toBeTruthy();
    });
});
