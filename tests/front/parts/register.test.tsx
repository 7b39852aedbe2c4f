import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Register, RegisterFilter } from '../../../resources/js/generated/props';
import { addressOf, Choose } from '../../../resources/js/parts/register/Choose';
import { choices, choose, press, write } from '../hand';
import { elif, noor } from '../made';
import { registerFilter } from '../made/work';
import { server } from '../server';

const asked = (address: string) => Object.fromEntries(new URL(address, 'http://loftrin.test').searchParams);

describe('the address of the register', () => {
    it('says nothing of what is as usual', () => {
        expect(asked(addressOf(registerFilter(), {}))).toEqual({});
        expect(asked(addressOf(registerFilter({ state: 'all' }), { state: 'open' }))).toEqual({});
    });

    it('keeps what was chosen, and begins at the first page again', () => {
        const address = addressOf(registerFilter({ owner: 2, page: 4, words: 'berth 7 & 8' }), { sort: 'due' });
        expect(asked(address)).toEqual({ owner: '2', words: 'berth 7 & 8', sort: 'due' });
        expect(asked(addressOf(registerFilter({ owner: 2 }), { page: 3 }))).toEqual({ owner: '2', page: '3' });
    });

    it('comes back to itself whatever is chosen', () => {
        const narrowed = registerFilter({
            ...{ condition: 'stuck', area: 5, thread: 6, focus: 'full', field: 7, value: 'red' },
            ...{ group: 'field', groupField: 7 },
        });
        const said = asked(addressOf(narrowed, {}));
        expect(Object.keys(said).sort()).toEqual(['area', 'condition', 'field', 'focus', 'group', 'groupField', 'thread', 'value']);
        expect(asked(addressOf({ ...registerFilter(), ...(said as Partial<RegisterFilter>) }, {}))).toEqual(said);
    });
});

describe('what the register shows', () => {
    const page = (more: Partial<RegisterFilter> = {}): Register => ({
        ...{ filter: registerFilter(more), groups: [], total: 0, pages: 1, active: 0, needy: 0, activeBy: [], limit: null },
        ...{ mayLimit: false, people: [noor, elif], areas: [], threads: [], collections: [] },
        fields: [{ value: '7', label: 'Colour', group: null }],
    });
    const show = (more: Partial<RegisterFilter> = {}) => render(<Choose page={page(more)} />);
    const went = async () => asked((await server.last()).url);

    it('is chosen in words, and stands in the address', async () => {
        show();
        await choose('Condition', 'stuck');
        expect(await went()).toEqual({ condition: 'stuck' });
    });

    it('groups and sorts by extra fields too', async () => {
        show();
        expect((await choices('Sort by')).at(-1)).toBe('Colour');
        await choose('Group by', 'Colour');
        expect(await went()).toEqual({ group: 'field', groupField: '7' });
    });

    it('has more filters a press away, which stand open where one is set', async () => {
        const { unmount } = show();
        expect(screen.queryByRole('combobox', { name: 'Owner' })).toBeNull();
        expect(screen.queryByRole('button', { name: 'Clear filters' })).toBeNull();
        await press('More filters');
        await choose('Owner', elif.name);
        expect(await went()).toEqual({ owner: '2' });
        unmount();
        show({ owner: 2 });
        expect(screen.getByRole('combobox', { name: 'Owner' }).textContent).toBe(elif.name);
    });

    it('clears what narrows it, and leaves how it is sorted', async () => {
        show({ owner: 2, words: 'berth', sort: 'due', field: 7, value: 'red' });
        await press('Clear filters');
        expect(await went()).toEqual({ sort: 'due' });
    });

    it('searches once a word is finished, and not for what stands there already', async () => {
        show({ words: 'berth' });
        const field = screen.getByLabelText('Name or status');
        fireEvent.blur(field);
        expect(server.sent).toEqual([]);
        write('Name or status', 'berth 7');
        await userEvent.type(field, '{Enter}');
        expect(await went()).toEqual({ words: 'berth 7' });
    });

    it('asks for the value of a field once one is chosen', () => {
        show({ words: 'berth' });
        expect(screen.queryByLabelText('Field value')).toBeNull();
        show({ field: 7 });
        expect(screen.getByLabelText('Field value')).toBeTruthy();
    });
});
