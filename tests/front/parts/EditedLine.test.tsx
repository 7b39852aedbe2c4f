import { act, fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { EditedLine } from '../../../resources/js/parts/goals/EditedLine';
import { useForm } from '../../../resources/js/lib/kept/useForm';
import { bind } from '../../../resources/js/lib/forms';
import { SelectField } from '../../../resources/js/ui/Select';
import { TextField } from '../../../resources/js/ui/Field';
import { press, said, strike, write } from '../hand';
import { server } from '../server';

function Line({ mayChange = true }: { mayChange?: boolean }) {
    const form = useForm('a line', { title: 'More hands on the rope', kind: 'firm' });

    return (
        <EditedLine
            title="More hands on the rope"
            mayChange={mayChange}
            form={form}
            saveAt="/lines/5"
            deleteAt="/lines/5"
            fields={
                <>
                    <TextField label="Title" {...bind(form, 'title')} />
                    <SelectField
                        label="Kind"
                        value={form.data.kind}
                        options={[
                            { value: 'firm', label: 'Firm' },
                            { value: 'flexible', label: 'Flexible' },
                        ]}
                        onChange={(kind) => {
                            form.setData('kind', kind);
                        }}
                    />
                </>
            }
        >
            More hands on the rope
        </EditedLine>
    );
}

const isRead = () => screen.queryByLabelText('Title') === null;

it('a line is edited where it stands, saved, and read again once the server has it', async () => {
    render(<Line />);
    await press('Edit More hands on the rope');
    write('Title', 'More hands');
    await press('Save');
    expect(await said()).toEqual(['put', '/lines/5', { title: 'More hands', seen: { title: 'More hands on the rope' } }]);
    expect(isRead()).toBe(false);
    await act(async () => (await server.last()).takes());
    expect(isRead()).toBe(true);
});

it('is left by Escape, and what was typed waits in it', async () => {
    render(<Line />);
    await press('Edit More hands on the rope');
    write('Title', 'More hands');
    fireEvent.keyDown(screen.getByLabelText('Title'), { key: 'Escape' });
    expect(isRead()).toBe(true);
    await press('Edit More hands on the rope');
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('More hands');
    expect(server.sent).toEqual([]);
});

it('is put back by Cancel to what it was, with what was wrong in it', async () => {
    render(<Line />);
    await press('Edit More hands on the rope');
    write('Title', 'x'.repeat(300));
    await press('Save');
    await act(async () => (await server.last()).refuses({ title: 'Use 200 characters at most.' }));
    expect(screen.getByText('Use 200 characters at most.')).toBeTruthy();
    await press('Cancel');
    expect(isRead()).toBe(true);
    await press('Edit More hands on the rope');
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('More hands on the rope');
    expect(screen.queryByText('Use 200 characters at most.')).toBeNull();
});

it('a list that is open in it closes before the line does', async () => {
    render(<Line />);
    await press('Edit More hands on the rope');
    fireEvent.click(screen.getByRole('combobox', { name: 'Kind' }));
    await screen.findByRole('option', { name: 'Flexible' });
    strike('Escape');
    await vi.waitFor(() => {
        expect(screen.queryByRole('option')).toBeNull();
    });
    expect(isRead()).toBe(false);
});

it('is deleted from where it is edited, and only read by who may not change it', async () => {
    const { rerender } = render(<Line />);
    await press('Edit More hands on the rope');
    await press('Delete');
    expect(await said()).toEqual(['delete', '/lines/5', {}]);
    await press('Cancel');
    rerender(<Line mayChange={false} />);
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByText('More hands on the rope')).toBeTruthy();
});
