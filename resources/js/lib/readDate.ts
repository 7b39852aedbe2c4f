import { isDay, isMonthFirst } from './dates';

/** Whether a day that is named without its year is meant ahead (a due date) or behind (a reading). */
export type Direction = 'ahead' | 'behind';

type Read = (typed: string, today: string, direction: Direction) => string | null;

let read: Read | null = null;

/** Fetches what reads dates, once; it is needed only where one is typed. */
export async function loadReader(): Promise<Read> {
    const { casual, GB } = await import('chrono-node/en');

    read = (typed, today, direction) => {
        // 9.2. and 9.2.2027, as much of Europe writes them.
        const words = typed.replace(/^(\d{1,2})\.\s?(\d{1,2})\.?(\s?\d{4})?$/, (_, day: string, month: string, year?: string) => {
            const written = isMonthFirst() ? `${month}/${day}` : `${day}/${month}`;

            return year === undefined ? written : `${written}/${year.trim()}`;
        });
        const isAhead = direction === 'ahead' && !/^(last|yesterday)\b/i.test(words);
        const [found, ...others] = (isMonthFirst() ? casual : GB).parse(words, noon(today), { forwardDate: isAhead });

        // A date somewhere within other words is a guess.
        if (found?.text.length !== words.length || others.length > 0) {
            return null;
        }

        const date = found.start.date();

        if (direction === 'behind' && !found.start.isCertain('year') && isoOf(date) > today) {
            date.setFullYear(date.getFullYear() - 1);
        }

        return isoOf(date);
    };

    return read;
}

/** The date in words as people type them ("fri", "9 feb", "in two weeks"), YYYY-MM-DD; what it cannot read, as it was typed. */
export function readDate(typed: string, today: string, direction: Direction): string | Promise<string> {
    const words = typed.trim();

    if (words === '' || isDay(words)) {
        return words;
    }

    return read === null
        ? loadReader().then((loaded) => loaded(words, today, direction) ?? words)
        : (read(words, today, direction) ?? words);
}

/** The time of day in what people type ("9", "930", "9.30", "2 pm"), HH:MM; what it cannot read, as it was typed. */
export function readTime(typed: string): string {
    const words = typed.trim();
    const parts = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm)?$/i.exec(words);

    if (parts === null) {
        return words;
    }

    const [, hour = '', minute = '00', half] = parts;
    const hours = half === undefined ? Number(hour) : (Number(hour) % 12) + (half.toLowerCase() === 'pm' ? 12 : 0);

    return hours > 23 || Number(minute) > 59 ? words : `${String(hours).padStart(2, '0')}:${minute}`;
}

/** Noon of that day in the browser's zone, so that no change of clocks moves it to another. */
export const noon = (day: string) => new Date(`${day}T12:00:00`);

/** The day of a date in the browser's zone: YYYY-MM-DD */
export const isoOf = (date: Date) =>
    [String(date.getFullYear()).padStart(4, '0'), date.getMonth() + 1, date.getDate()]
        .map((part) => String(part).padStart(2, '0'))
        .join('-');
