import type { Option } from '../generated/props';
import { plannedWords } from '../lib/dates';

const names: Record<string, string> = { year: 'Years', quarter: 'Quarters', month: 'Months', week: 'Weeks' };

/** The options of a select, under the headings they are given. */
export function Grouped({ options }: { options: Option[] }) {
    const groups = Map.groupBy(options, (option) => option.group);

    return [...groups].map(([group, members]) => {
        const list = members.map((option) => (
            <option key={option.value} value={option.value}>
                {option.label}
            </option>
        ));

        return group === null ? (
            list
        ) : (
            <optgroup key={group} label={names[group] ?? plannedWords(group)}>
                {list}
            </optgroup>
        );
    });
}
