import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { MadeProject, TemplateChangeRow, TemplateTaskValues } from '../../../resources/js/generated/props';
import { MadeProjects } from '../../../resources/js/parts/template/MadeProjects';
import { TemplateTasks } from '../../../resources/js/parts/template/TemplateTasks';
import { choices, holding, press, said, strike, write } from '../hand';
import { elif } from '../made';
import { templateTask } from '../made/work';
import { server } from '../server';

describe('the tasks of a template', () => {
    const survey = templateTask();
    const moor = templateTask({ id: 2, key: 'b', title: 'Set the mooring', stage: 'At sea', role: 'Skipper', day: '9' });
    const show = (tasks = [survey, moor], stages = ['Prepare', 'At sea'], errors = {}) =>
        holding<TemplateTaskValues[]>(tasks, (values, change) => (
            <TemplateTasks tasks={values} stages={stages} errors={errors} onChange={change} />
        ));

    it('are a line each, and what is written stays in that line', () => {
        const now = show();
        write('min of task 2', '90');
        write('Task of task 1', 'Survey the new berth');
        expect(now().map(({ title, minutes }) => [title, minutes])).toEqual([
            ['Survey the new berth', '60'],
            ['Set the mooring', '90'],
        ]);
    });

    it('come in the stage of the one before when they are added', async () => {
        const now = show();
        await press('Add a task');
        await press('Add a task');
        expect(now().map(({ stage }) => stage)).toEqual(['', 'At sea', 'At sea', 'At sea']);
        expect(new Set(now().map(({ key }) => key)).size).toBe(4);
        expect(document.activeElement).toBe(screen.getByLabelText('Task of task 4'));
    });

    it('begin in the first stage, and ask for none where there are none', async () => {
        const now = show([], ['Prepare']);
        await press('Add a task');
        expect(now()[0]?.stage).toBe('Prepare');
    });

    it('have no stage to choose where the template has none', () => {
        show([survey], []);
        expect(screen.queryByRole('combobox', { name: 'Stage of task 1' })).toBeNull();
    });

    it('offer each role that another one has, and take a new one', async () => {
        const now = show();
        expect(await choices('Role of task 1')).toEqual(['No role', 'Skipper']);
        await userEvent.click(screen.getByRole('combobox', { name: 'Role of task 1' }));
        await userEvent.type(screen.getByPlaceholderText('Type a name'), 'Surveyor');
        await userEvent.click(screen.getByRole('option', { name: 'Use “Surveyor”' }));
        expect(now()[0]?.role).toBe('Surveyor');
    });

    it('say at the field what is wrong', () => {
        show([survey, moor], [], { 'tasks.1.day': 'Enter a whole number of days.' });
        const field = screen.getByLabelText('Day of task 2');
        expect(field.getAttribute('aria-invalid')).toBe('true');
        expect(screen.getByText('Enter a whole number of days.').id).toBe(field.getAttribute('aria-describedby'));
    });

    it('move with Alt and the arrows, and keep what depends on them', () => {
        const now = show([survey, { ...moor, after: ['a'] }]);
        screen.getByLabelText('Task of task 2').focus();
        strike('ArrowUp', { altKey: true });
        expect(now().map(({ key, after }) => [key, after])).toEqual([
            ['b', ['a']],
            ['a', []],
        ]);
    });

    it('have steps, each with a page that says how it is done', async () => {
        const now = show([survey]);
        await press('Steps');
        await press('Add a step');
        write('Step 1', 'Measure the depth');
        write('How to do step 1', 'At **low** water.');
        await press('Back to the template');
        expect(now()[0]?.steps).toEqual([{ id: null, title: 'Measure the depth', howTo: 'At **low** water.' }]);
        expect(screen.getByRole('button', { name: '1 step' })).toBeTruthy();
    });

    it('depend on others, but not on themselves', async () => {
        const now = show();
        await userEvent.click(screen.getAllByRole('button', { name: 'Depends on' })[1] ?? document.body);
        expect(within(screen.getByRole('dialog')).getAllByRole('checkbox').length).toBe(1);
        await userEvent.click(screen.getByLabelText('Survey the berth'));
        expect(now()[1]?.after).toEqual(['a']);
        await press('Back to the template');
        expect(screen.getByRole('button', { name: 'After 1' })).toBeTruthy();
    });

    it('no longer count what was deleted among what comes first', async () => {
        const now = show([survey, { ...moor, after: ['a', 'gone'] }]);
        await press('After 1');
        await userEvent.click(screen.getByLabelText('Survey the berth'));
        expect(now()[1]?.after).toEqual([]);
    });
});

describe('projects made from a template that has changed', () => {
    const change = (more: Partial<TemplateChangeRow> = {}): TemplateChangeRow => ({
        ...{ id: 1, title: 'Survey the berth', words: 'is new', isOver: false, isLeft: false, begun: null },
        ...more,
    });
    const show = (changes: TemplateChangeRow[], more: Partial<MadeProject> = {}) =>
        render(<MadeProjects projects={[{ id: 3, title: 'Moorings Orkney', owner: elif, mayChange: true, changes, ...more }]} />);

    it('say that they are as the template is', () => {
        show([]);
        expect(screen.getByRole('listitem').textContent).toContain('as in the template');
        expect(screen.getByRole('heading', { name: 'Projects made from it' })).toBeTruthy();
    });

    it('propose what is new, and nothing that would drop begun work', async () => {
        show([change(), change({ id: 2, title: 'Paint it', words: 'is no longer there', begun: '2 of 5 steps' })]);
        expect(screen.getAllByRole('checkbox').map(({ ariaChecked }) => ariaChecked)).toEqual(['true', 'false']);
        expect(screen.getByText(/begun here \(2 of 5 steps\): taking this drops it/)).toBeTruthy();
        await press('Take 1, leave 1');
        expect(await said()).toEqual(['put', '/projects/3/template', { tasks: [1] }]);
    });

    it('take all at once, or leave all', async () => {
        show([change(), change({ id: 2, title: 'Paint it' })]);
        expect(screen.getByRole('button', { name: 'Take all' })).toBeTruthy();
        await press('Leave all');
        expect((await server.last()).data).toEqual({ tasks: [] });
    });

    it('can take later what was left on purpose, and ask no more about it', async () => {
        show([change({ isLeft: true })]);
        expect(screen.getByText(/differs on purpose/)).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Leave all' })).toBeNull();
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Take 0' }).disabled).toBe(true);
        await userEvent.click(screen.getByRole('checkbox'));
        await press('Take 1');
        expect((await server.last()).data).toEqual({ tasks: [1] });
    });

    it('keep what was already done', () => {
        show([change({ isOver: true })]);
        expect(screen.getByText(/already done here, so it stays/)).toBeTruthy();
        expect(screen.getByRole<HTMLInputElement>('checkbox').disabled).toBe(true);
    });

    it('are only read by who may not change them', () => {
        show([change()], { mayChange: false });
        expect(screen.queryByRole('button')).toBeNull();
        expect(screen.getByRole<HTMLInputElement>('checkbox').disabled).toBe(true);
    });
});
