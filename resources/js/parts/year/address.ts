import type { YearView, YearFilter } from '../../generated/props';
import { route } from '../../lib/routes';

interface Change {
    period?: string;
    on?: string | null;
    filter?: Partial<YearFilter>;
}

/** The address of the sheet as it is, but for a change: what is drawn, as of when, and which goals. */
export function yearAddress(sheet: YearView, { period, on, filter }: Change = {}): string {
    const query = {
        on: on === undefined ? (sheet.isPast ? sheet.on : null) : on,
        ...sheet.filter,
        ...filter,
    };
    const said = Object.entries(query)
        .filter((entry): entry is [string, string | number] => entry[1] !== null)
        .map(([key, value]) => [key, String(value)]);

    return route('year', { period: period ?? sheet.period.name, _query: Object.fromEntries(said) as Record<string, string> });
}

/** The address of a goal's page, as of the day that the sheet shows. */
export function goalAddress(sheet: Pick<YearView, 'isPast' | 'on'>, id: number): string {
    return sheet.isPast ? route('goals.show', { goal: id, _query: { on: sheet.on } }) : route('goals.show', id);
}
