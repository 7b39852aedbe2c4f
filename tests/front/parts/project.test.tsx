import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CharterPart, MilestoneRow, StageValues } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import ProjectForm from '../../../resources/js/pages/projects/ProjectForm';
import { Charter } from '../../../resources/js/parts/projects/Charter';
import { MilestonesButton } from '../../../resources/js/parts/projects/Milestones';
import { StageFields } from '../../../resources/js/parts/projects/StageFields';
import { choose, holding, press, said, write, writeAndLeave } from '../hand';
import { elif, noor, TODAY } from '../made';
import { project, projectValues } from '../made/work';
import { server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

describe('a charter', () => {
    const part = (name: string, text: string): CharterPart => ({ name, text, html: text === '' ? null : `<p>${text}</p>` });
    const written = [part('why', '**Ice** comes early.\n\n- and stays'), part('outcome', '6 moorings'), part('risks', '')];
    const show = (charter: CharterPart[], mayChange = true) => render(<Charter page={project({ charter, mayChange })} />);

    it('is a line of plain words until it is opened', async () => {
        show(written);
        expect(document.querySelector('p')?.textContent).toBe('Ice comes early.; and stays Result: 6 moorings');
        await press('Charter');
        expect(within(screen.getByRole('region', { name: 'Charter' })).getAllByRole('heading').length).toBe(2);
        await press('Fold');
        expect(screen.getByRole('button', { name: 'Charter' }).getAttribute('aria-expanded')).toBe('false');
    });

    it('says how much is written where neither why nor result is', () => {
        show([part('risks', 'Ice')]);
        expect(document.querySelector('p')?.textContent).toContain('1 part written.');
    });

    it('is offered where there is none, and not to who may not write it', () => {
        const { unmount } = show([]);
        expect(screen.getByRole('button', { name: 'Write the charter: why, result, scope' })).toBeTruthy();
        unmount();
        expect(show([], false).container.innerHTML).toBe('');
    });

    it('sends what was changed and no more, with what stood there', async () => {
        show(written);
        await press('Charter');
        await press('Edit charter');
        expect(document.activeElement).toBe(screen.getByLabelText('Why'));
        write('Risks', 'The crane.');
        await press('Save charter');
        expect(await said()).toEqual(['put', '/projects/3/charter', { risks: 'The crane.', seen: { risks: '' } }]);
        await (await server.last()).takes();
        expect(await screen.findByRole('button', { name: 'Edit charter' })).toBeTruthy();
    });

    it('keeps what is written through Cancel, until it is saved', async () => {
        show(written);
        await press('Charter');
        await press('Edit charter');
        write('Risks', 'The crane.');
        await press('Cancel');
        await press('Edit charter');
        expect(screen.getByLabelText<HTMLTextAreaElement>('Risks').value).toBe('The crane.');
    });
});

describe('milestones', () => {
    const milestone = (more: Partial<MilestoneRow> = {}): MilestoneRow => ({
        ...{ id: 9, title: 'First mooring holds', on: '2027-03-12', reachedOn: null, isLate: false },
        ...more,
    });
    const open = async (milestones: MilestoneRow[], mayChange = true) => {
        render(<MilestonesButton page={project({ milestones, mayChange })} />);
        await press('Milestones');
    };
    const lines = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent.replace('EditDelete', ''));

    it('say by when, when they were reached, and which are late', async () => {
        await open([
            milestone(),
            milestone({ id: 10, title: 'Licence', on: '2027-02-01', isLate: true }),
            milestone({ id: 11, title: 'Survey', reachedOn: '2027-01-20' }),
        ]);
        expect(lines()).toEqual(['First mooring holdsby Fri 12 Mar', 'Licencelate, by Mon 1 Feb', 'Surveyreached Wed 20 Jan']);
    });

    it('are reached and taken back by one press, and deleted', async () => {
        await open([milestone({ reachedOn: '2027-02-08' })]);
        await userEvent.click(screen.getByRole('checkbox', { name: 'Reached: First mooring holds' }));
        expect((await server.last()).data).toEqual({ reached: false });
        await (await server.last()).takes();
        await press('Delete the milestone First mooring holds');
        expect(await server.nth(2)).toMatchObject({ method: 'delete', url: expect.stringContaining('/milestones/9') as string });
    });

    it('are added with a name and a day, and stay in the field where they are refused', async () => {
        await open([]);
        const add = screen.getByRole<HTMLButtonElement>('button', { name: 'Add' });
        expect(add.disabled).toBe(true);
        write('Milestone', 'All six hold');
        await writeAndLeave('Milestone by', '30 Apr');
        await vi.waitFor(() => {
            expect(add.disabled).toBe(false);
        });
        await press('Add');
        expect((await server.last()).data).toMatchObject({ title: 'All six hold', on: '2027-04-30' });
        await (await server.last()).refuses({ on: 'This lies behind the due date.' });
        expect(await screen.findByText('This lies behind the due date.')).toBeTruthy();
        expect(screen.getByLabelText<HTMLInputElement>('Milestone').value).toBe('All six hold');
        await press('Add');
        await (await server.nth(2)).takes();
        expect(screen.getByLabelText<HTMLInputElement>('Milestone').value).toBe('');
    });

    it('are changed where they stand, with what stood there before, and back as they were when one thinks better of it', async () => {
        await open([milestone()]);
        await press('Edit the milestone First mooring holds');
        write('Name of the milestone', 'The first mooring holds a storm');
        await press('Save');
        expect(await server.last()).toMatchObject({
            method: 'put',
            url: expect.stringContaining('/milestones/9') as string,
            data: { title: 'The first mooring holds a storm', seen: { title: 'First mooring holds' } },
        });
        expect((await server.last()).data).not.toHaveProperty('on');
        await (await server.last()).refuses({ title: 'Somebody changed this meanwhile.' });
        expect(screen.getByText('Somebody changed this meanwhile.')).toBeTruthy();
        await press('Cancel');
        await press('Edit the milestone First mooring holds');
        expect(screen.getByLabelText<HTMLInputElement>('Name of the milestone').value).toBe('First mooring holds');
        await writeAndLeave('Date of the milestone', '20 Mar');
        await press('Save');
        await vi.waitFor(async () => {
            expect((await server.nth(2)).data).toMatchObject({ on: '2027-03-20' });
        });
        await (await server.nth(2)).takes();
        expect(await screen.findByRole('button', { name: 'Edit the milestone First mooring holds' })).toBeTruthy();
    });

    it('can only be read by who may not change the project', async () => {
        await open([milestone()], false);
        expect(screen.getByRole<HTMLButtonElement>('checkbox').disabled).toBe(true);
        expect(screen.queryByRole('button', { name: /^(Edit|Delete|Add)/ })).toBeNull();
        expect(screen.queryByLabelText('Milestone')).toBeNull();
    });
});

describe('stages', () => {
    it('are named in their rows, and moved', async () => {
        const now = holding<StageValues[]>([{ id: 1, name: 'Prepare' }], (stages, change) => (
            <StageFields stages={stages} errors={{ 'stages.1.name': 'Give the stage a name.' }} onChange={change} />
        ));
        await press('Add a stage');
        expect(screen.getByText('Give the stage a name.')).toBeTruthy();
        write('Stage 2', 'At sea');
        await press('Move “At sea” up');
        expect(now()).toEqual([
            { id: null, name: 'At sea' },
            { id: 1, name: 'Prepare' },
        ]);
    });
});

describe('the form of a project', () => {
    const page = (more = {}) => ({
        project: projectValues(more),
        goals: [{ value: '4', label: '40 harbours', group: '2027' }],
        people: [noor, elif],
        areas: [],
        groups: [{ value: '8', label: 'Sea crew', group: null }],
    });

    it('makes one by its name alone', async () => {
        render(<ProjectForm page={page()} />);
        expect(document.activeElement).toBe(screen.getByLabelText('Name'));
        write('Name', 'Moorings Skye');
        await press('Add project');
        expect(await server.last()).toMatchObject({ method: 'post', data: { title: 'Moorings Skye', state: 'active' } });
    });

    it('sends of one that is there what was changed, with what stood there', async () => {
        render(<ProjectForm page={page({ id: 3, title: 'Moorings', dueOn: '2027-04-30' })} />);
        await choose('State', 'Paused');
        await press('Save');
        expect(await said()).toEqual(['put', '/projects/3', { state: 'paused', seen: { state: 'active' } }]);
    });

    it('asks whether the last stage means done once there are two', async () => {
        render(<ProjectForm page={page({ stages: [{ id: 1, name: 'Prepare' }] })} />);
        expect(screen.queryByLabelText(/means done|is done/)).toBeNull();
        await press('Add a stage');
        write('Stage 2', 'In the water');
        expect(screen.getByLabelText('“In the water” means done: a task moved there is ticked')).toBeTruthy();
    });

    it('asks who may see it, and whether it counts for others once it is for a goal', async () => {
        render(<ProjectForm page={page({ serves: [{ goal: 4, weight: '1' }], visibility: 'chosen' })} />);
        await userEvent.click(screen.getByLabelText('Sea crew'));
        expect(screen.queryByLabelText(noor.name)).toBeNull();
        await userEvent.click(screen.getByLabelText(elif.name));
        await userEvent.click(screen.getByLabelText('Counts in its goal without its name'));
        expect(screen.getByText(/Others will see a line “not visible to you”/)).toBeTruthy();
        fireEvent.submit(screen.getByLabelText('Name'));
        expect((await server.last()).data).toMatchObject({ groups: [8], people: [elif.id], countsUnnamed: true });
    });
});
