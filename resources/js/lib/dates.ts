/** Dates travel as YYYY-MM-DD and are shown in words. They have no time and no zone. */

const words = (options: Intl.DateTimeFormatOptions) => {
    const format = new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' });

    return (date: string) =>
        format
            .format(new Date(`${date}T00:00:00Z`))
            .replace(',', '')
            .replace(/Sept\b/, 'Sep');
};

/** The day that it is in the workspace; empty until it is known. */
let today = '';

export function setToday(date: string): void {
    today = date;
}

/** Whether who looks means 4 March by 3/4. */
let monthFirst = false;

export function setMonthFirst(isSo: boolean): void {
    monthFirst = isSo;
}

export const isMonthFirst = () => monthFirst;

/** The minute that it is in the workspace, HH:MM, when the page was made. */
let now = '';

export function setNow(time: string): void {
    now = time;
}

/** Whether what begins at that time and takes so long was over when the page was made. */
export function hasPassed(date: string, time: string, minutes: number): boolean {
    const at = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

    return date < today || (date === today && now !== '' && at(time) + minutes <= at(now));
}

/** The same with the year, where that is another one than today's. */
const withYear = (options: Intl.DateTimeFormatOptions) => {
    const short = words(options);
    const long = words({ ...options, year: 'numeric' });

    return (date: string) => (today === '' || date.slice(0, 4) === today.slice(0, 4) ? short(date) : long(date));
};

/** "Tue 9 Feb", "Sat 9 Jan 2027" */
export const dayWords = withYear({ weekday: 'short', day: 'numeric', month: 'short' });

/** "Today", "Tomorrow", "Tue 9 Feb" */
export const nearWords = (date: string): string => (date === today ? 'Today' : date === addDays(today, 1) ? 'Tomorrow' : dayWords(date));

/** "9 Feb", "9 Jan 2027" */
export const dateWords = withYear({ day: 'numeric', month: 'short' });

/** "9 Feb", whatever the year: where that stands beside it. */
export const bareDateWords = words({ day: 'numeric', month: 'short' });

/** "9 February 2027" */
export const fullDateWords = words({ day: 'numeric', month: 'long', year: 'numeric' });

/** "Tuesday 9 February", "Saturday 9 January 2027" */
export const longDayWords = withYear({ weekday: 'long', day: 'numeric', month: 'long' });

/** "Apr 2026" */
export const monthWords = words({ month: 'short', year: 'numeric' });

/** "23–29 Nov", "30 Nov – 6 Dec", "28 Dec – 3 Jan 2027": the year once, with the last day, where both are of it. */
export function spanWords(first: string, last: string): string {
    if (first.slice(0, 7) === last.slice(0, 7)) {
        return `${String(Number(first.slice(8)))}–${dateWords(last)}`;
    }

    const from = first.slice(0, 4) === last.slice(0, 4) ? bareDateWords(first) : dateWords(first);

    return `${from} – ${dateWords(last)}`;
}

export function addDays(date: string, days: number): string {
    const at = new Date(`${date}T00:00:00Z`);
    at.setUTCDate(at.getUTCDate() + days);

    return at.toISOString().slice(0, 10);
}

/** The number of a weekday: 1 is Monday, 7 Sunday. */
export const weekdayNumber = (date: string): number => new Date(`${date}T00:00:00Z`).getUTCDay() || 7;

/** Days from the first to the second, which may lie before it. */
export function daysBetween(from: string, to: string): number {
    return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);
}

/** Whether something is planned for a day, not for a longer period. */
export const isDay = (planned: string) => /^\d{4}-\d{2}-\d{2}$/.test(planned);

/** The month in which the workspace's year begins, 1 to 12: a year is called by the one in which it ends. */
let yearStartsIn = 1;

export function setYearStart(month: number): void {
    yearStartsIn = month;
}

/** "2027", or "2026/27" where the year spans two */
export const yearWords = (year: string) => (yearStartsIn === 1 ? year : `${String(Number(year) - 1)}/${year.slice(2)}`);

/** The words of a period, with its year where it is another one: "Q4", "Q4 2024/25", "Week 1 2027". */
export function wordsOf({ name, words: said }: { name: string; words: string }): string {
    const [year = '', part = ''] = name.split('-');
    // Quarters are those of the workspace's year, weeks and months those of the calendar.
    const isNext = part.startsWith('Q') && yearStartsIn > 1 && Number(today.slice(5, 7)) >= yearStartsIn;
    const isPlain = part === '' || Number(year) === Number(today.slice(0, 4)) + (isNext ? 1 : 0);

    return isPlain ? said : `${said} ${part.startsWith('Q') ? yearWords(year) : year}`;
}

/** A planned day or period in words: "Tue 9 Feb", "week 6", "February", "Q1 2026/27", "2027" */
export function plannedWords(planned: string): string {
    const [year = '', part] = planned.split('-');

    if (isDay(planned)) {
        return dayWords(planned);
    }

    if (part === undefined) {
        return yearWords(year);
    }

    if (part.startsWith('W')) {
        return `week ${String(Number(part.slice(1)))}`;
    }

    return part.startsWith('Q')
        ? `${part} ${yearWords(year)}`
        : new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' }).format(new Date(`${planned}-01T00:00:00Z`));
}

/** For when something is planned: "planned Fri 4 Dec", "planned for week 49". */
export const plannedForWords = (planned: string) => `planned ${isDay(planned) ? dayWords(planned) : `for ${plannedWords(planned)}`}`;

/** A period or day of which something was written, with its year: "Week 5 2027", "Q1 2026/27", "Tue 2 Feb 2027". */
export function ofWords(of: string): string {
    const words = isDay(of) ? dayWords(of) : plannedWords(of);
    const year = of.slice(0, 4);
    const named = words.replace(/^./, (letter) => letter.toUpperCase());

    return named.includes(year) || named.includes('/') ? named : `${named} ${year}`;
}

/** A space that keeps a figure and its unit on one line. */
const UNBROKEN = '\u00a0';

/** Many hours, to the hour: "485 h"; few as they are. */
export const manyHoursWords = (minutes: number): string =>
    hoursWords(Math.abs(minutes) < 100 * 60 ? minutes : Math.round(minutes / 60) * 60);

/** Minutes as hours: "2 h 45 min", "30 min". It never breaks across lines. */
export function hoursWords(minutes: number): string {
    const [hours, rest] = [Math.floor(Math.abs(minutes) / 60), Math.abs(minutes) % 60];
    const parts = [hours > 0 ? `${String(hours)}${UNBROKEN}h` : '', rest > 0 || hours === 0 ? `${String(rest)}${UNBROKEN}min` : ''];

    return `${minutes < 0 ? '−' : ''}${parts.filter(Boolean).join(UNBROKEN)}`;
}
