import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { setToday } from '../../../resources/js/lib/dates';
import { loadReader } from '../../../resources/js/lib/readDate';
import { KeptField, KeptNumber } from '../../../resources/js/parts/fields/KeptField';
import { Check } from '../../../resources/js/ui/Check';
import { Choices } from '../../../resources/js/ui/Choices';
import { DateField } from '../../../resources/js/ui/DateField';
import { TextField } from '../../../resources/js/ui/Field';
import { NumberField } from '../../../resources/js/ui/NumberField';
import { TimeField } from '../../../resources/js/ui/TimeField';
import { TODAY } from '../made';

const field = (name: string) => screen.getByLabelText<HTMLInputElement>(name, { exact: true });

beforeAll(async () => {
    setToday(TODAY);
    await loadReader();
});

/** Keeps what a field says, as a form would. */
function Kept({ begin = '', children }: { begin?: string; children: (value: string, set: (value: string) => void) => React.ReactNode }) {
    const [value, setValue] = useState(begin);

    return (
        <>
            {children(value, setValue)}
            <output>{value}</output>
        </>
    );
}

const kept = () => screen.getByRole('status').textContent;

describe('a field', () => {
    it('says what is wrong with it, and belongs to those words', () => {
        render(<TextField label="Title" error="Enter a title." value="" onChange={() => undefined} />);
        expect(field('Title').getAttribute('aria-invalid')).toBe('true');
        expect(document.getElementById(field('Title').getAttribute('aria-describedby') ?? '')?.textContent).toBe('Enter a title.');
    });

    it('says what helps, as long as nothing is wrong', () => {
        const { rerender } = render(<TextField label="Title" hint="A few words." value="" onChange={() => undefined} />);
        expect(screen.getByText('A few words.')).toBeTruthy();
        rerender(<TextField label="Title" hint="A few words." error="Enter a title." value="" onChange={() => undefined} />);
        expect(screen.queryByText('A few words.')).toBeNull();
    });
});

describe('a date', () => {
    const show = (begin = '', more = {}) =>
        render(<Kept begin={begin}>{(value, set) => <DateField label="Due" value={value} onChange={set} {...more} />}</Kept>);

    it.each([
        ['fri', '2027-02-12'],
        ['9 mar', '2027-03-09'],
        ['in two weeks', '2027-02-23'],
        ['29 feb 2028', '2028-02-29'],
        ['2027-12-24', '2027-12-24'],
    ])('is read as people type it: %s', (typed, date) => {
        show();
        fireEvent.change(field('Due'), { target: { value: typed } });
        fireEvent.blur(field('Due'));
        expect(kept()).toBe(date);
    });

    it('stands in words, with its year where that is another one', () => {
        show('2028-02-29');
        expect(field('Due').value).toBe('Tue 29 Feb 2028');
    });

    it('that is none stays as it was typed, and says so', () => {
        show();
        fireEvent.change(field('Due'), { target: { value: '30 feb' } });
        fireEvent.keyDown(field('Due'), { key: 'Enter' });
        expect(field('Due').value).toBe('30 feb');
        expect(screen.getByText(/Enter a valid date/)).toBeTruthy();
    });

    it('is meant behind where only the past can be entered', () => {
        show('', { max: TODAY });
        fireEvent.change(field('Due'), { target: { value: '9 mar' } });
        fireEvent.blur(field('Due'));
        expect(kept()).toBe('2026-03-09');
    });

    it('goes back to what stood there by Escape, and is emptied by clearing it', () => {
        show('2027-02-12');
        fireEvent.change(field('Due'), { target: { value: 'soon' } });
        fireEvent.keyDown(field('Due'), { key: 'Escape' });
        expect(field('Due').value).toBe('Fri 12 Feb');
        fireEvent.change(field('Due'), { target: { value: '' } });
        fireEvent.blur(field('Due'));
        expect(kept()).toBe('');
    });

    it('has a calendar that says whose it is', () => {
        show();
        expect(screen.getByRole('button', { name: 'Calendar: Due' })).toBeTruthy();
    });
});

describe('a time', () => {
    const show = (begin = '') => render(<Kept begin={begin}>{(value, set) => <TimeField label="At" value={value} onChange={set} />}</Kept>);

    it.each([
        ['9', '09:00'],
        ['930', '09:30'],
        ['2 pm', '14:00'],
        ['23.59', '23:59'],
    ])('is read as people type it: %s', (typed, time) => {
        show();
        fireEvent.change(field('At'), { target: { value: typed } });
        fireEvent.blur(field('At'));
        expect(kept()).toBe(time);
    });

    it('that is none stays, and says so', () => {
        show();
        fireEvent.change(field('At'), { target: { value: '25:00' } });
        fireEvent.blur(field('At'));
        expect(field('At').value).toBe('25:00');
        expect(screen.getByText('Enter a valid time, for example 14:30.')).toBeTruthy();
    });

    it('moves by quarters of an hour with the arrows, around midnight as well', () => {
        show('00:00');
        fireEvent.keyDown(field('At'), { key: 'ArrowDown' });
        expect(field('At').value).toBe('23:45');
        fireEvent.keyDown(field('At'), { key: 'ArrowUp' });
        fireEvent.keyDown(field('At'), { key: 'ArrowUp' });
        fireEvent.keyDown(field('At'), { key: 'Enter' });
        expect(kept()).toBe('00:15');
    });
});

describe('a number', () => {
    const show = (begin = '') =>
        render(
            <Kept begin={begin}>
                {(value, set) => <NumberField label="Weight" value={value} onChange={set} min={1} max={9} step={4} />}
            </Kept>,
        );

    it('takes digits only', () => {
        show();
        fireEvent.change(field('Weight'), { target: { value: '-1e3 x' } });
        expect(kept()).toBe('13');
    });

    it('moves within its bounds with the arrows', () => {
        show('7');
        fireEvent.keyDown(field('Weight'), { key: 'ArrowUp' });
        expect(kept()).toBe('9');
        ['ArrowDown', 'ArrowDown', 'ArrowDown'].forEach((key) => fireEvent.keyDown(field('Weight'), { key }));
        expect(kept()).toBe('1');
    });
});

describe('a word of several', () => {
    const choices = [
        { value: 'met' as const, words: 'met' },
        { value: 'not_met' as const, words: 'not met' },
        { value: 'dropped' as const, words: 'dropped', refused: 'Others work on it.' },
    ];

    it('is chosen by pressing it, and let go of by pressing it again', async () => {
        const onChoose = vi.fn();
        const { rerender } = render(<Choices label="Result" value="" choices={choices} onChoose={onChoose} />);
        await userEvent.click(screen.getByRole('radio', { name: 'met' }));
        expect(onChoose).toHaveBeenLastCalledWith('met');
        rerender(<Choices label="Result" value="met" choices={choices} onChoose={onChoose} />);
        await userEvent.click(screen.getByRole('radio', { name: 'met' }));
        expect(onChoose).toHaveBeenLastCalledWith('');
    });

    it('that is proposed says that it is, until something is chosen', () => {
        const { rerender } = render(
            <Choices label="Result" value="" proposed="met" because="28 of 28" choices={choices} onChoose={vi.fn()} />,
        );
        expect(screen.getByRole('radio', { name: /^met ?\(proposed\)$/ }).title).toBe('28 of 28');
        rerender(<Choices label="Result" value="not_met" proposed="met" choices={choices} onChoose={vi.fn()} />);
        expect(screen.getByRole('radio', { name: 'met' }).getAttribute('aria-checked')).toBe('false');
    });

    it('that cannot be chosen says why', () => {
        render(<Choices label="Result" value="" choices={choices} onChoose={vi.fn()} />);
        const dropped = screen.getByRole<HTMLButtonElement>('radio', { name: 'dropped' });
        expect([dropped.disabled, dropped.title]).toEqual([true, 'Others work on it.']);
    });
});

describe('yes or no', () => {
    it('is said by its words as well', async () => {
        const onChange = vi.fn();
        render(<Check label="Firm" checked={false} onChange={onChange} />);
        await userEvent.click(screen.getByText('Firm'));
        expect(onChange).toHaveBeenCalledWith(true);
    });
});

describe('a field that saves by itself', () => {
    it('saves once it is left, where something else is written', () => {
        const onKeep = vi.fn();
        render(<KeptField label="Place" value="Quay" onKeep={onKeep} />);
        fireEvent.blur(field('Place'));
        expect(onKeep).not.toHaveBeenCalled();
        fireEvent.change(field('Place'), { target: { value: '  Basin ' } });
        fireEvent.blur(field('Place'));
        expect(onKeep).toHaveBeenCalledWith('Basin', expect.any(Function));
    });

    it('keeps what was refused, and says why', () => {
        render(
            <KeptField
                label="Place"
                value="Quay"
                onKeep={(_, refuse) => {
                    refuse('This task no longer exists.');
                }}
            />,
        );
        fireEvent.change(field('Place'), { target: { value: 'Basin' } });
        fireEvent.blur(field('Place'));
        expect(field('Place').value).toBe('Basin');
        expect(screen.getByText('This task no longer exists.')).toBeTruthy();
    });

    it('shows what somebody else saved', () => {
        const { rerender } = render(<KeptField label="Place" value="Quay" onKeep={vi.fn()} />);
        rerender(<KeptField label="Place" value="Basin" onKeep={vi.fn()} />);
        expect(field('Place').value).toBe('Basin');
    });

    it('saves a number by Enter, and none where it was only emptied', () => {
        const onKeep = vi.fn();
        render(<KeptNumber label="Estimate" value="30" min={1} max={600} onKeep={onKeep} />);
        fireEvent.change(field('Estimate'), { target: { value: '' } });
        fireEvent.blur(field('Estimate'));
        expect(onKeep).not.toHaveBeenCalled();
        fireEvent.change(field('Estimate'), { target: { value: '45' } });
        fireEvent.submit(field('Estimate'));
        expect(onKeep).toHaveBeenCalledWith('45', expect.any(Function));
    });
});
