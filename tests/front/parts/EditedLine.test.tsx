import { fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import { EditedLine } from '../../../resources/js/parts/goals/EditedLine';
import { useForm } from '../../../resources/js/lib/kept/useForm';
import { bind } from '../../../resources/js/lib/forms';
import { SelectField } from '../../../resources/js/ui/Select';
import { TextField } from '../../../resources/js/ui/Field';
import { press, strike, write } from '../hand';

const sent = { save: vi.fn(), remove: vi.fn() };

beforeEach(() => {
    vi.clearAllMocks();
});

function Line({ mayChange = true }: { mayChange?: boolean }) {
    const form = useForm('a line', { title: 'More hands on the rope', kind: 'firm' });

    return (
        <EditedLine
            title="More hands on the rope"
            mayChange={mayChange}
            isSaving={false}
            onSave={(close) => {
                sent.save(form.data.title);
                close();
            }}
            onDelete={sent.remove}
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

it('a line is edited where it stands, saved, and read again', async () => {
    render(<Line />);
    await press('Edit More hands on the rope');
    write('Title', 'More hands');
    await press('Save');
    expect(sent.save).toHaveBeenCalledWith('More hands');
    expect(isRead()).toBe(true);
});

it('is left by Escape or by Cancel, and what was typed waits in it', async () => {
    render(<Line />);

    for (const leave of [() => fireEvent.keyDown(screen.getByLabelText('Title'), { key: 'Escape' }), () => press('Cancel')]) {
        await press('Edit More hands on the rope');
        write('Title', 'More hands');
        await leave();
        expect(isRead()).toBe(true);
    }

    await press('Edit More hands on the rope');
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('More hands');
    expect(sent.save).not.toHaveBeenCalled();
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
    expect(sent.remove).toHaveBeenCalledOnce();
    await press('Cancel');
    rerender(<Line mayChange={false} />);
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByText('More hands on the rope')).toBeTruthy();
});
