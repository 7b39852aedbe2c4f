import type { Focus, Option, PersonTag, Rank } from '../generated/props';
import { plannedWords } from './dates';

const horizons: Record<string, string> = { year: 'Years', quarter: 'Quarters', month: 'Months', week: 'Weeks' };

/** Options that are grouped by horizon or period, with the heading of each in words. */
export const grouped = (options: readonly Option[]): Option[] =>
    options.map((option) => (option.group === null ? option : { ...option, group: horizons[option.group] ?? plannedWords(option.group) }));

/** The choices of an enum, as they are called. */
export const labelled = (labels: Record<string, string>): Option[] =>
    Object.entries(labels).map(([value, label]) => ({ value, label, group: null }));

/** How much focus a task needs. */
export const focusOptions = labelled({ full: 'full', normal: 'normal', little: 'little' } satisfies Record<Focus, string>);

/** How much waiting costs. */
export const rankOptions = labelled({ A: 'A', B: 'B', C: 'C' } satisfies Record<Rank, string>);

/** People as the options of a choice. */
export const peopleAsOptions = (people: readonly PersonTag[]): Option[] =>
    people.map((person) => ({ value: String(person.id), label: person.name, group: null }));
