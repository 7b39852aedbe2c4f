import { describe, expect, it } from 'vitest';
import { grouped, peopleAsOptions } from '../../../resources/js/lib/options';
import { lastMeansDone, hasNoTasks } from '../../../resources/js/lib/projects';
import { readMinutes } from '../../../resources/js/lib/readMinutes';
import { count, first, ordinal, rankWords, times } from '../../../resources/js/lib/words';
import { elif, gauge, noor } from '../made';

describe('words for a number', () => {
    it.each([
        [1, '1st'],
        [2, '2nd'],
        [3, '3rd'],
        [4, '4th'],
        [11, '11th'],
        [12, '12th'],
        [13, '13th'],
        [21, '21st'],
        [22, '22nd'],
        [101, '101st'],
        [111, '111th'],
    ])('%i is %s', (number, said) => {
        expect(ordinal(number)).toBe(said);
    });

    it('say how many of what, and how often', () => {
        expect([count(0, 'task'), count(1, 'task'), count(2, 'task'), count(2, 'entry', 'entries')]).toEqual([
            '0 tasks',
            '1 task',
            '2 tasks',
            '2 entries',
        ]);
        expect([1, 2, 3].map(times)).toEqual(['once', 'twice', '3 times']);
    });

    it('call people by their first names', () => {
        expect(['Noor Aksoy', 'Cher', ''].map(first)).toEqual(['Noor', 'Cher', '']);
    });

    it('give the reason of a rank', () => {
        expect(['A' as const, 'B' as const, 'C' as const, null].map(rankWords)).toEqual([
            'gets worse each week',
            'costs something',
            'costs nothing',
            'not ranked',
        ]);
    });
});

describe('a length of time as people write it', () => {
    it.each([
        ['90', '90'],
        ['45 min', '45'],
        ['45 minutes', '45'],
        ['1 h', '60'],
        ['1h 30', '90'],
        ['1 h 30 min', '90'],
        ['2 hours and 15 minutes', '135'],
        ['1:30', '90'],
        ['0:05', '5'],
        ['1.5 h', '90'],
        ['1,5 h', '90'],
        ['0.25h', '15'],
        ['Half an hour', '30'],
        ['an hour', '60'],
        [' 007 ', '7'],
    ])('%s is %s minutes', (written, minutes) => {
        expect(readMinutes(written)).toBe(minutes);
    });

    it.each(['soon', '1:75', '-5', '1 day', '', '1h 30 45', '1e3'])('is left as it was written where it is none: %s', (written) => {
        expect(readMinutes(written)).toBe(written);
    });
});

describe('choices', () => {
    it('of people are by their names', () => {
        expect(peopleAsOptions([noor, elif])).toEqual([
            { value: '1', label: 'Noor Aksoy', group: null },
            { value: '2', label: 'Elif Demir', group: null },
        ]);
    });

    it('are headed by their horizon, or their period in words', () => {
        const option = (group: string | null) => ({ value: 'x', label: 'X', group });
        expect(grouped([option(null), option('quarter'), option('2027-W06')]).map(({ group }) => group)).toEqual([
            null,
            'Quarters',
            'week 6',
        ]);
    });
});

describe('a project', () => {
    it('has just begun where it has no figure yet, and is not stuck by that', () => {
        expect([hasNoTasks({ gauge: gauge({ progress: null }) }), hasNoTasks({ gauge: gauge({ progress: 0 }) })]).toEqual([true, false]);
    });

    it('says what its last stage means by name', () => {
        expect(lastMeansDone('At sea')).toBe('“At sea” means done: a task moved there is ticked');
        expect(lastMeansDone('')).toBe('The last stage means done: a task moved there is ticked');
    });
});
