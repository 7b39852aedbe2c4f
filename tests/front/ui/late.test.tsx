import { act, fireEvent, screen } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import { setToday } from '../../../resources/js/lib/dates';
import * as reader from '../../../resources/js/lib/readDate';
import { DateField } from '../../../resources/js/ui/DateField';
import { TextField } from '../../../resources/js/ui/Field';
import { holding, write } from '../hand';
import { TODAY } from '../made';

/** What reads dates is fetched when it is needed: on a slow network it comes after one has gone on writing. */
let arrives: (date: string) => Promise<void>;

beforeEach(() => {
    setToday(TODAY);
    vi.spyOn(reader, 'readDate').mockImplementation(() => {
        const read = new Promise<string>((resolve) => {
            arrives = (date) =>
                act(async () => {
                    resolve(date);
                    await read;
                });
        });

        return read;
    });
});

const show = () =>
    holding({ on: '', percent: '' }, (values, change) => (
        <>
            <DateField
                label="By"
                value={values.on}
                onChange={(on) => {
                    change({ ...values, on });
                }}
            />
            <TextField
                label="Per cent"
                value={values.percent}
                onChange={(event) => {
                    change({ ...values, percent: event.target.value });
                }}
            />
        </>
    ));

it('a date that is read late takes nothing away that was written meanwhile', async () => {
    const now = show();
    write('By', '28 Feb');
    fireEvent.blur(screen.getByLabelText('By'));
    write('Per cent', '40');
    await arrives('2027-02-28');
    expect(now()).toEqual({ on: '2027-02-28', percent: '40' });
});

it('nor what was written into it anew', async () => {
    const now = show();
    write('By', '28 Feb');
    fireEvent.blur(screen.getByLabelText('By'));
    write('By', '7 Mar');
    await arrives('2027-02-28');
    expect(screen.getByLabelText<HTMLInputElement>('By').value).toBe('7 Mar');
    expect(now().on).toBe('');
});
