import type { Option, PersonTag } from '../generated/props';
import { plannedWords } from './dates';

const horizons: Record<string, string> = { year: 'Years', quarter: 'Quarters', month: 'Months', week: 'Weeks' };

/** Options that are grouped by horizon or period, with the heading of each in words. */
export const grouped = (options: readonly Option[]): Option[] =>
    options.map((option) => (option.group === null ? option : { ...option, group: horizons[option.group] ?? plannedWords(option.group) }));

/** People as the options of a choice. */
export const peopleAsOptions = (people: readonly PersonTag[]): Option[] =>
    people.map((person) => ({ value: String(person.id), label: person.name, group: null }));
