import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CheckpointValues, GoalValues } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { CheckpointFields } from '../../../resources/js/parts/goals/CheckpointFields';
import { MeasureFields } from '../../../resources/js/parts/goals/MeasureFields';
import { SeenByFields } from '../../../resources/js/parts/goals/SeenByFields';
import { choose, holding, press, write, writeAndLeave } from '../hand';
import { elif, noor, TODAY } from '../made';
import { goalForm, goalValues } from '../made/goals';

beforeEach(() => {
    setToday(TODAY);
});

describe('how a goal is measured', () => {
    const show = (more: Partial<GoalValues>, errors = {}) =>
        holding(goalValues(more), (data, change) => (
            <MeasureFields
                data={data}
                errors={errors}
                set={(field, value) => {
                    change({ ...data, [field]: value });
                }}
            />
        ));
    const labels = () => [...document.querySelectorAll('label')].map(({ textContent }) => textContent);

    it.each([
        ['number', ['From', 'To', 'Unit']],
        ['count', ['How many']],
        ['keep', ['Stay', 'The limit', 'Unit', 'In per cent of readings']],
        ['work', []],
        ['yes_no', []],
        ['judged', []],
    ] as const)('asks for what a goal of the kind %s needs, and no more', (measure, fields) => {
        show({ measure });
        expect(labels()).toEqual(fields);
    });

    it('keeps what is written as it is written', () => {
        const now = show({ measure: 'number' });
        write('From', '1.250,5');
        write('To', '0');
        expect([now().start, now().target]).toEqual(['1.250,5', '0']);
    });

    it('stays at least or at most at a limit', async () => {
        const now = show({ measure: 'keep' });
        await choose('Stay', 'at most at');
        expect(now().sense).toBe('at_most');
    });

    it('says at its field what is wrong', () => {
        show({ measure: 'count' }, { target: 'Enter a number above 0.' });
        expect(screen.getByLabelText('How many').getAttribute('aria-invalid')).toBe('true');
        expect(screen.getByText('Enter a number above 0.')).toBeTruthy();
    });
});

describe('checkpoints', () => {
    const show = (points: CheckpointValues[] = [], errors = {}) =>
        holding(points, (now, change) => <CheckpointFields points={now} errors={errors} onChange={change} />);

    it('say what is expected while there are none', () => {
        show();
        expect(screen.getByText(/Expected progress is even/)).toBeTruthy();
    });

    it('are a day and so much by then', async () => {
        const now = show();
        await press('Add a checkpoint');
        await writeAndLeave('By', '28 Feb');
        write('Per cent', '40');
        await vi.waitFor(() => {
            expect(now()).toEqual([{ on: '2027-02-28', percent: '40' }]);
        });
    });

    it('say which of them is wrong, and what is wrong with all of them', () => {
        show([{ on: '2027-02-28', percent: '40' }], {
            ...{ 'checkpoints.0.percent': 'Enter a number from 0 to 100.', checkpoints: 'Checkpoints cannot fall.' },
        });
        expect(screen.getByText('Enter a number from 0 to 100.')).toBeTruthy();
        expect(screen.getByText('Checkpoints cannot fall.')).toBeTruthy();
    });
});

describe('whose a goal is, and who may see it', () => {
    const show = (more: Partial<GoalValues> = {}, errors = {}) =>
        holding(goalValues({ owner: noor.id, ...more }), (data, change) => (
            <SeenByFields
                page={{ ...goalForm(), people: [noor, elif] }}
                data={data}
                errors={errors}
                set={(some) => {
                    change({ ...data, ...some });
                }}
            />
        ));

    it('asks which group’s it is only where it is a group’s', async () => {
        const now = show();
        expect(screen.queryByRole('combobox', { name: 'Which group’s' })).toBeNull();
        await choose('Whose goal', 'A group’s');
        await choose('Which group’s', 'Sea crew');
        expect([now().scope, now().group]).toEqual(['group', 8]);
        await choose('Which group’s', 'Choose one');
        expect(now().group).toBeNull();
    });

    it('is seen by its owner in any case, and by those who are chosen', async () => {
        const now = show();
        expect(screen.queryByRole('checkbox')).toBeNull();
        await choose('Visible to', 'Chosen groups and people');
        expect(screen.getAllByRole('checkbox').length).toBe(2);
        await userEvent.click(screen.getByLabelText(elif.name));
        await userEvent.click(screen.getByLabelText('Sea crew'));
        await userEvent.click(screen.getByLabelText(elif.name));
        expect([now().people, now().groups]).toEqual([[], [8]]);
    });

    it('counts for others without its name only where there is a goal above, and says what they can work out', async () => {
        show({ visibility: 'only_me' });
        expect(screen.queryByText(/without its name/)).toBeNull();
        render(<></>);
        document.body.innerHTML = '';
        const now = show({ visibility: 'only_me', parent: 1 }, { countsUnnamed: 'It has to count above.' });
        expect(screen.getByText('It has to count above.')).toBeTruthy();
        await userEvent.click(screen.getByLabelText('Counts in the goal above without its name'));
        expect(now().countsUnnamed).toBe(true);
        expect(screen.getByText(/they can work out its weight/)).toBeTruthy();
    });
});
