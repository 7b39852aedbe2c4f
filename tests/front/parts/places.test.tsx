import { render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { GoalView, LogEntry, MilestoneRow, ProjectView, WeekDay } from '../../../resources/js/generated/props';
import { addDays, setToday } from '../../../resources/js/lib/dates';
import { idOf, Pins } from '../../../resources/js/parts/goals/Pins';
import { ProjectScale } from '../../../resources/js/parts/projects/ProjectScale';
import { DayRuler } from '../../../resources/js/parts/week/DayRuler';
import { dice } from '../../dice';
import { gauge, TODAY } from '../made';

const seeds = [1, 2, 3, 4, 5, 6, 7, 8];

beforeEach(() => {
    setToday(TODAY);
});

describe('what was said, as numbers on the days of a chart', () => {
    const entry = (on: string, at: number, more: Partial<LogEntry> = {}): LogEntry =>
        ({
            key: `comment ${String(at)}`,
            kind: 'comment',
            on,
            who: 'Noor Aksoy',
            words: `Line ${String(at)}`,
            text: null,
            ...more,
        }) as LogEntry;
    const page = (history: LogEntry[]) => ({ period: { first: '2027-01-01', last: '2027-03-31' }, history }) as unknown as GoalView;
    const lists = () => [...document.querySelectorAll('ol')];
    const pins = () =>
        [...(lists()[0]?.querySelectorAll<HTMLElement>('li.w-px') ?? [])].map(({ style, textContent }) => ({
            number: textContent,
            left: parseFloat(style.left),
            height: parseFloat(style.height),
        }));

    it.each(seeds)('never cover each other, whenever it was said (seed %i)', (seed) => {
        const next = dice(seed);
        const history = Array.from({ length: 6 }, (_, at) => entry(addDays('2027-01-01', Math.floor(next() * 90)), at)).sort((a, b) =>
            b.on.localeCompare(a.on),
        );
        render(<Pins page={page(history)} />);
        const all = pins();
        expect(all.map(({ number }) => number)).toEqual(['1', '2', '3', '4', '5', '6']);

        for (const [place, one] of all.entries()) {
            for (const other of all.slice(place + 1)) {
                expect(one.height !== other.height || Math.abs(one.left - other.left) >= 2.4).toBe(true);
            }
        }
    });

    it('are numbered in time, and lead to what was said', () => {
        render(<Pins page={page([entry('2027-02-20', 2), entry('2027-01-10', 1, { text: 'Two crews.' })])} />);
        expect([...(lists()[1]?.children ?? [])].map(({ textContent }) => textContent)).toEqual([
            ...['110 JanNoor Aksoy Line 1: Two crews.', '220 FebNoor Aksoy Line 2'],
        ]);
        expect(lists()[1]?.querySelector('a')?.getAttribute('href')).toBe(`#${idOf(entry('2027-01-10', 1))}`);
    });

    it('leave out readings, which the chart draws, and what is of another time', () => {
        const { container } = render(
            <Pins page={page([entry('2027-02-01', 1, { kind: 'reading' }), entry('2026-12-31', 2), entry('2027-04-01', 3)])} />,
        );
        expect(container.textContent).toBe('');
    });

    it('are dots where there are more than can be written out', () => {
        const history = Array.from({ length: 9 }, (_, at) => entry(addDays('2027-03-01', -7 * at), at));
        render(<Pins page={page(history)} />);
        expect(pins()).toHaveLength(6);
        expect(lists()[0]?.querySelectorAll('li.rounded-full')).toHaveLength(3);
    });
});

describe('the milestones of a project, to the scale of its time', () => {
    const milestone = (id: number, on: string, more: Partial<MilestoneRow> = {}): MilestoneRow => ({
        id,
        title: `Buoy ${String(id)}`,
        on,
        reachedOn: null,
        isLate: false,
        ...more,
    });
    const scale = (milestones: MilestoneRow[], more = {}) =>
        render(
            <ProjectScale
                page={
                    {
                        ...{ startsOn: '2027-01-01', sum: '', milestones, ...more },
                        project: { dueOn: '2027-04-11', tasks: 57, open: 23, gauge: gauge({ terms: '62%', expected: 68.4 }) },
                    } as unknown as ProjectView
                }
            />,
        );
    const labels = () => [...screen.getByRole('list', { name: 'Milestones' }).querySelectorAll<HTMLElement>('li')];

    it('say how far it is in tasks, and what is expected', () => {
        scale([]);
        expect(screen.getByText('34 of 57 tasks, 62%')).toBeTruthy();
        expect(screen.getByText('expected 68%')).toBeTruthy();
        expect(screen.queryByRole('list')).toBeNull();
    });

    it('lie at their days', () => {
        scale([milestone(1, '2027-01-01'), milestone(2, '2027-02-20'), milestone(3, '2027-04-11')]);
        expect(labels().map(({ style }) => style.left)).toEqual(['0%', '50%', '100%']);
    });

    it('say which are late', () => {
        scale([milestone(1, '2027-02-01', { isLate: true })]);
        expect(labels()[0]?.textContent).toBe('Buoy 1 late, 1 Feb');
    });

    it('lie on a scale that reaches to the last of them, also behind the due date', () => {
        scale([milestone(1, '2027-07-20')]);
        expect(labels()[0]?.style.left).toBe('100%');
    });

    it.each(seeds)('have labels in three rows at most, each over its place (seed %i)', (seed) => {
        const next = dice(seed);
        scale(Array.from({ length: 7 }, (_, at) => milestone(at, addDays('2027-01-01', Math.floor(next() * 100)))));
        const rows = new Set(labels().map(({ style }) => style.bottom));
        expect(rows.size).toBeLessThanOrEqual(3);
        expect(labels().every(({ style }) => parseFloat(style.left) >= 0 && parseFloat(style.left) <= 100)).toBe(true);
    });
});

describe('the hours of a day as a ruler', () => {
    const ruler = (day: Partial<WeekDay>) => {
        const { container } = render(<DayRuler day={{ available: 480, planned: 120, free: 240, ...day } as WeekDay} />);
        const [taken, planned, ...hours] = [...(container.firstElementChild?.querySelectorAll<HTMLElement>('span') ?? [])];

        return { taken: taken?.style.width, planned: [planned?.style.left, planned?.style.width], hours: hours.length };
    };

    it('shows what is taken, what is planned behind it, and a mark for each hour', () => {
        expect(ruler({})).toEqual({ taken: '25%', planned: ['25%', '25%'], hours: 7 });
    });

    it('grows where more is planned than there is', () => {
        expect(ruler({ available: 240, planned: 360, free: -240 })).toEqual({ taken: '25%', planned: ['25%', '75%'], hours: 7 });
    });

    it('is an hour long where no hours are set', () => {
        expect(ruler({ available: 0, planned: 0, free: 0 })).toEqual({ taken: '0%', planned: ['0%', '0%'], hours: 0 });
    });
});
