import { beforeEach, describe, expect, it } from 'vitest';
import type { ProjectView, StageRow } from '../../../resources/js/generated/props';
import { moveTo } from '../../../resources/js/parts/projects/moving';
import { guessed as asGuessed } from '../../../resources/js/lib/queue/queue';
import { nearest, restOn } from '../../../resources/js/parts/year/arrows';
import { task } from '../made';
import { server } from '../server';

const stage = (id: number, ...tasks: number[]) =>
    ({ id, name: `Stage ${String(id)}`, tasks: tasks.map((each) => task({ id: each, stageId: id })) }) as unknown as StageRow;
const project = (lastIsDone: boolean, ...stages: StageRow[]) => ({ lastIsDone, stages }) as unknown as ProjectView;

/** The page as it is shown until the server has answered. */
const guessed = async (page: ProjectView, ...move: Parameters<typeof moveTo>) => {
    moveTo(...move);
    await server.last();

    return asGuessed(page).stages.map(({ tasks }) => tasks.map(({ id, isDone }) => (isDone ? `${String(id)} done` : id)));
};

describe('a task that is moved', () => {
    it('stands before another at once, or last', async () => {
        expect(await guessed(project(false, stage(1, 1, 2), stage(2, 3, 4)), 1, 2, 4)).toEqual([[2], [3, 1, 4]]);
        expect((await server.last()).data).toEqual({ stage: 2, before: 4 });
    });

    it('stands last where nothing follows', async () => {
        expect(await guessed(project(false, stage(1, 1, 2), stage(2, 3)), 1, 2, null)).toEqual([[2], [3, 1]]);
    });

    it('changes its order within its stage', async () => {
        expect(await guessed(project(false, stage(1, 1, 2, 3)), 3, 1, 1)).toEqual([[3, 1, 2]]);
    });

    it('is done by the last stage, where that means so', async () => {
        expect(await guessed(project(true, stage(1, 1), stage(2)), 1, 2, null)).toEqual([[], ['1 done']]);
    });

    it('is not done by the last stage of any other project', async () => {
        expect(await guessed(project(false, stage(1, 1), stage(2)), 1, 2, null)).toEqual([[], [1]]);
    });

    it('is open again where it leaves that stage', async () => {
        const done = stage(2);
        const there = { ...done, tasks: [task({ id: 5, stageId: 2, isDone: true })] };
        expect(await guessed(project(true, stage(1), there), 5, 1, null)).toEqual([[5], []]);
    });

    it('that is no longer there changes nothing', async () => {
        expect(await guessed(project(false, stage(1, 1)), 99, 1, null)).toEqual([[1]]);
    });
});

describe('the arrows of the year’s drawing', () => {
    /** Goals as they lie on the floors: a wide one above, three below. */
    const places: Record<string, [left: number, top: number, width: number]> = {
        year: [0, 0, 900],
        one: [0, 100, 200],
        two: [300, 100, 200],
        three: [500, 100, 200],
        week: [320, 200, 40],
        folded: [0, 300, 0],
    };
    let drawing: HTMLElement;
    const cell = (name: string) => drawing.querySelector<HTMLElement>(`[data-goal="${name}"] a`);

    beforeEach(() => {
        drawing = document.createElement('div');

        for (const [name, [left, top, width]] of Object.entries(places)) {
            const goal = document.createElement('div');
            goal.dataset.goal = name;
            goal.innerHTML = '<a href="#" data-cell></a>';
            drawing.append(goal);
            const link = goal.firstChild as HTMLElement;
            link.getBoundingClientRect = () => ({ left, top, width, right: left + width, bottom: top + 30 }) as DOMRect;
        }

        document.body.append(drawing);
    });

    it.each([
        ['year', 'ArrowDown', 'one'],
        ['one', 'ArrowRight', 'two'],
        ['two', 'ArrowRight', 'three'],
        ['three', 'ArrowLeft', 'two'],
        ['two', 'ArrowDown', 'week'],
        ['week', 'ArrowUp', 'two'],
        ['one', 'ArrowUp', 'year'],
    ])('from %s by %s to %s', (from, key, to) => {
        cell(from)?.focus();
        expect(nearest(drawing, key)).toBe(cell(to));
    });

    it.each([
        ['year', 'ArrowUp'],
        ['three', 'ArrowRight'],
        ['week', 'ArrowDown'],
        ['year', 'Enter'],
    ])('from %s by %s nowhere', (from, key) => {
        cell(from)?.focus();
        expect(nearest(drawing, key)).toBeNull();
    });

    it('lead nowhere from outside of it', () => {
        expect(nearest(drawing, 'ArrowDown')).toBeNull();
    });

    it('leave one stop for the Tab key: the goal one was at, or the first', () => {
        const stops = () => Object.keys(places).filter((name) => cell(name)?.tabIndex === 0);
        restOn(drawing, 'two');
        expect(stops()).toEqual(['two']);
        restOn(drawing, 'gone');
        expect(stops()).toEqual(['year']);
        restOn(null, 'two');
        expect(stops()).toEqual(['year']);
    });
});
