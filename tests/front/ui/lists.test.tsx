import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { Rows } from '../../../resources/js/ui/Rows';
import { SelectField } from '../../../resources/js/ui/Select';

interface Stage {
    name: string;
}

function Stages({ from = ['Prepare', 'At sea', 'Hand over'] }: { from?: string[] }) {
    const [rows, setRows] = useState<Stage[]>(from.map((name) => ({ name })));

    return (
        <>
            <Rows
                legend="Stages"
                hint="A project needs none."
                rows={rows}
                keyOf={(row) => row.name}
                orderOf={(row, place) => row.name || `stage ${String(place + 1)}`}
                onChange={setRows}
                add={{ words: 'Add a stage', row: { name: '' } }}
            >
                {(row, set, place) => (
                    <input
                        aria-label={`Name of stage ${String(place + 1)}`}
                        value={row.name}
                        onChange={(event) => {
                            set({ name: event.target.value });
                        }}
                    />
                )}
            </Rows>
            <output>{rows.map(({ name }) => name).join(', ')}</output>
        </>
    );
}

const order = () => screen.getByRole('status').textContent;

describe('rows that are edited within a form', () => {
    it('say what they are for while there are none', () => {
        render(<Stages from={[]} />);
        expect(screen.getByText('A project needs none.')).toBeTruthy();
    });

    it('are written into at once when they are added', async () => {
        render(<Stages from={['Prepare']} />);
        await userEvent.click(screen.getByRole('button', { name: 'Add a stage' }));
        expect(document.activeElement).toBe(screen.getByLabelText('Name of stage 2'));
    });

    it('move by buttons, and stay where they are at the ends', async () => {
        render(<Stages />);
        await userEvent.click(screen.getByRole('button', { name: 'Move At sea up' }));
        expect(order()).toBe('At sea, Prepare, Hand over');
        await userEvent.click(screen.getByRole('button', { name: 'Move At sea up' }));
        expect(order()).toBe('At sea, Prepare, Hand over');
        expect(screen.getByRole('button', { name: 'Move At sea up' }).getAttribute('aria-disabled')).toBe('true');
        await userEvent.click(screen.getByRole('button', { name: 'Move At sea down' }));
        expect(order()).toBe('Prepare, At sea, Hand over');
    });

    it('move by Alt and the arrows, and the keyboard stays with them', () => {
        render(<Stages />);
        const name = screen.getByLabelText<HTMLInputElement>('Name of stage 1');
        name.focus();
        fireEvent.keyDown(name, { key: 'ArrowDown', altKey: true });
        expect(order()).toBe('At sea, Prepare, Hand over');
        expect((document.activeElement as HTMLInputElement).value).toBe('Prepare');
        fireEvent.keyDown(document.activeElement as HTMLElement, { key: 'ArrowDown', altKey: true });
        expect(order()).toBe('At sea, Hand over, Prepare');
    });

    it('are changed and deleted each by itself', async () => {
        render(<Stages />);
        await userEvent.click(within(screen.getByRole('group', { name: 'At sea' })).getByRole('button', { name: 'Delete' }));
        expect(order()).toBe('Prepare, Hand over');
    });
});

const people = [
    { value: 1, label: 'Noor Aksoy' },
    { value: 2, label: 'Elif Demir', group: 'The leads' },
    { value: 3, label: 'Mei Tanaka', group: 'The leads' },
    { value: 4, label: 'Mei Tanaka', group: 'The workshop' },
];

describe('a choice out of a list', () => {
    const show = (more = {}) => {
        const onChange = vi.fn();
        render(<SelectField label="Owner" value={1} options={people} onChange={onChange} {...more} />);

        return { onChange, choice: screen.getByRole('combobox', { name: 'Owner' }) };
    };

    it('shows what is chosen, and opens with all of it under its headings', async () => {
        const { choice } = show({ none: 'nobody' });
        expect(choice.textContent).toBe('Noor Aksoy');
        await userEvent.click(choice);
        expect(screen.getAllByRole('option').map(({ textContent }) => textContent)).toEqual([
            ...['nobody', 'Noor Aksoy', 'Elif Demir', 'Mei Tanaka', 'Mei Tanaka'],
        ]);
        expect(screen.getByText('The workshop')).toBeTruthy();
    });

    it('is opened by a letter at what begins so, and chosen by Enter', async () => {
        const { onChange, choice } = show();
        choice.focus();
        await userEvent.keyboard('e');
        expect(screen.getAllByRole('option').map(({ textContent }) => textContent)).toEqual(['Elif Demir', 'Mei Tanaka', 'Mei Tanaka']);
        await userEvent.keyboard('lif{Enter}');
        expect(onChange).toHaveBeenCalledWith('2');
    });

    it('tells two of one name apart', async () => {
        const { onChange, choice } = show();
        await userEvent.click(choice);
        const [, second] = screen.getAllByRole('option', { name: 'Mei Tanaka' });
        await userEvent.click(second ?? choice);
        expect(onChange).toHaveBeenCalledWith('4');
    });

    it('says nothing where the same is chosen again', async () => {
        const { onChange, choice } = show();
        await userEvent.click(choice);
        await userEvent.click(screen.getByRole('option', { name: 'Noor Aksoy' }));
        expect(onChange).not.toHaveBeenCalled();
    });

    it('says that nothing is found', async () => {
        const { choice } = show();
        choice.focus();
        await userEvent.keyboard('zz');
        expect(screen.getByText('Nothing found.')).toBeTruthy();
    });

    it('takes words of one’s own where they can be, but not those of the list once more', async () => {
        const { onChange, choice } = show({ mayWrite: true });
        choice.focus();
        await userEvent.keyboard('Noor Aksoy');
        expect(screen.queryByText('Use “Noor Aksoy”')).toBeNull();
        await userEvent.keyboard('{Escape}');
        choice.focus();
        await userEvent.keyboard('Sam at the mill');
        await userEvent.click(screen.getByText('Use “Sam at the mill”'));
        expect(onChange).toHaveBeenCalledWith('Sam at the mill');
    });

    it('is not opened by a letter that belongs to a command', async () => {
        const { choice } = show();
        choice.focus();
        fireEvent.keyDown(choice, { key: 'k', ctrlKey: true });
        expect(screen.queryByRole('option')).toBeNull();
        await Promise.resolve();
    });
});
