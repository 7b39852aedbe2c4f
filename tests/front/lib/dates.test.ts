import { describe, expect, it } from 'vitest';
import {
    addDays,
    dateWords,
    daysBetween,
    dayWords,
    fullDateWords,
    hoursWords,
    isDay,
    longDayWords,
    manyHoursWords,
    monthWords,
    ofWords,
    plannedWords,
    setToday,
    setYearStart,
    spanWords,
    weekdayNumber,
    wordsOf,
    yearWords,
} from '../../../resources/js/lib/dates';

describe('a day in words', () => {
    it.each([
        [dayWords, 'Tue 9 Feb'],
        [dateWords, '9 Feb'],
        [longDayWords, 'Tuesday 9 February'],
        [fullDateWords, '9 February 2027'],
        [monthWords, 'Feb 2027'],
    ])('has no year of its own while it is this one', (words, said) => {
        expect(words('2027-02-09')).toBe(said);
    });

    it('says the year where it is another one', () => {
        expect([dayWords('2026-12-31'), dateWords('2028-01-01'), longDayWords('2028-02-29')]).toEqual([
            'Thu 31 Dec 2026',
            '1 Jan 2028',
            'Tuesday 29 February 2028',
        ]);
    });

    it('shortens every month to three letters', () => {
        const months = Array.from({ length: 12 }, (_, at) => dateWords(`2027-${String(at + 1).padStart(2, '0')}-01`));
        expect(months.map((words) => words.slice(2))).toEqual([
            ...['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
        ]);
    });
});

describe('a span in words', () => {
    it.each([
        ['2027-02-08', '2027-02-14', '8–14 Feb'],
        ['2027-03-29', '2027-04-04', '29 Mar – 4 Apr'],
        ['2026-12-28', '2027-01-03', '28 Dec 2026 – 3 Jan'],
        ['2028-02-21', '2028-02-27', '21–27 Feb 2028'],
        ['2027-12-27', '2028-01-02', '27 Dec – 2 Jan 2028'],
    ])('from %s to %s says the year once, where it is needed', (first, last, said) => {
        expect(spanWords(first, last)).toBe(said);
    });
});

describe('a period in words', () => {
    it.each([
        ['2027-02-09', 'Tue 9 Feb'],
        ['2027-W06', 'week 6'],
        ['2027-02', 'February'],
        ['2027-Q1', 'Q1 2027'],
        ['2027', '2027'],
    ])('%s', (period, said) => {
        expect(plannedWords(period)).toBe(said);
    });

    it('names both years where a year spans two', () => {
        setYearStart(7);
        expect([yearWords('2027'), plannedWords('2027-Q1'), plannedWords('2000')]).toEqual(['2026/27', 'Q1 2026/27', '1999/00']);
    });

    it.each([
        ['2027-W05', 'Week 5 2027'],
        ['2027-02', 'February 2027'],
        ['2027-Q1', 'Q1 2027'],
        ['2027-02-02', 'Tue 2 Feb 2027'],
        ['2026-12-31', 'Thu 31 Dec 2026'],
    ])('stands with its year where something was written of it: %s', (of, said) => {
        expect(ofWords(of)).toBe(said);
    });
});

describe('counting days', () => {
    it.each([
        ['2027-02-28', 1, '2027-03-01'],
        ['2028-02-28', 1, '2028-02-29'],
        ['2027-01-01', -1, '2026-12-31'],
        // The clocks change on this night; a day is a day.
        ['2027-03-27', 1, '2027-03-28'],
        ['2027-03-28', 1, '2027-03-29'],
        ['2027-10-31', 1, '2027-11-01'],
    ])('%s and %i make %s', (from, days, to) => {
        expect(addDays(from, days)).toBe(to);
        expect(daysBetween(from, to)).toBe(days);
    });

    it('counts a year, and back', () => {
        expect(daysBetween('2027-01-01', '2028-01-01')).toBe(365);
        expect(daysBetween('2029-01-01', '2028-01-01')).toBe(-366);
    });

    it('numbers the weekdays from Monday', () => {
        expect(Array.from({ length: 7 }, (_, at) => weekdayNumber(addDays('2027-02-08', at)))).toEqual([1, 2, 3, 4, 5, 6, 7]);
    });

    it('tells a day from a longer period', () => {
        expect(['2027-02-09', '2027-02', '2027-W06', '2027-Q1', ''].map(isDay)).toEqual([true, false, false, false, false]);
    });
});

describe('minutes in words', () => {
    it.each([
        [0, '0 min'],
        [30, '30 min'],
        [60, '1 h'],
        [65, '1 h 5 min'],
        [165, '2 h 45 min'],
        [-65, '−1 h 5 min'],
        [-30, '−30 min'],
    ])('%i', (minutes, said) => {
        // The spaces within keep it on one line.
        expect(hoursWords(minutes)).toBe(said.replaceAll(' ', '\u00a0'));
    });
});

describe('many hours', () => {
    it.each([
        [165, '2 h 45 min'],
        [5999, '99 h 59 min'],
        [6000, '100 h'],
        [29130, '486 h'],
        [-29130, '−485 h'],
    ])('are said to the hour: %i', (minutes, said) => {
        expect(manyHoursWords(minutes)).toBe(said.replaceAll(' ', '\u00a0'));
    });
});

describe('a period in words', () => {
    it.each([
        [1, '2027-02-09', '2027-Q1', 'Q1', 'Q1'],
        [1, '2027-02-09', '2026-Q4', 'Q4', 'Q4 2026'],
        [1, '2026-12-31', '2027-W01', 'Week 1', 'Week 1 2027'],
        [4, '2026-11-25', '2027-Q4', 'Q4', 'Q4'],
        [4, '2027-02-09', '2027-Q4', 'Q4', 'Q4'],
        [4, '2026-11-25', '2026-Q4', 'Q4', 'Q4 2025/26'],
        [4, '2026-11-25', '2026-W48', 'Week 48', 'Week 48'],
        [4, '2026-11-25', '2027-02', 'February', 'February 2027'],
        [4, '2026-11-25', '2026', '2025/26', '2025/26'],
    ])('of a year from month %i, on %s: %s', (yearStart, today, name, words, said) => {
        setYearStart(yearStart);
        setToday(today);
        expect(wordsOf({ name, words })).toBe(said);
    });
});
