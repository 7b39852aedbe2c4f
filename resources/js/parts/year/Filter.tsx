import { router } from '@inertiajs/react';
import { yearAddress } from './address';
import type { Band, YearView, YearFilter } from '../../generated/props';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Select';

const bands: [Band, string][] = [
    ['far_behind', 'Far behind'],
    ['behind', 'Behind'],
    ['on_pace', 'On pace'],
    ['ahead', 'Ahead'],
    ['reached', 'Reached'],
    ['not_begun', 'Not begun'],
    ['unmeasured', 'Not measured'],
    ['met', 'Met'],
    ['in_part', 'In part'],
    ['not_met', 'Not met'],
    ['stopped', 'Stopped'],
];

export const isFiltered = (filter: YearFilter) => Object.values(filter).some((value) => value !== null);

const nothing: YearFilter = { owner: null, group: null, area: null, thread: null, band: null };

/** Which goals are drawn. It stands in the address; no figure changes by it. */
export function Filter({ sheet }: { sheet: YearView }) {
    const choose = (filter: Partial<YearFilter>) => {
        router.visit(yearAddress(sheet, { filter }), { preserveState: true, preserveScroll: true, replace: true });
    };
    const lists: { field: keyof YearFilter; label: string; options: [string, string][] }[] = [
        { field: 'owner', label: 'Owner', options: sheet.people.map((person) => [String(person.id), person.name]) },
        { field: 'group', label: 'Group', options: sheet.groups.map((group) => [group.value, group.label]) },
        { field: 'area', label: 'Area', options: sheet.areas.map((area) => [area.value, area.label]) },
        { field: 'thread', label: 'Thread', options: sheet.threads.map((thread) => [thread.value, thread.label]) },
        { field: 'band', label: 'Progress', options: bands },
    ];

    return (
        <div className="flex flex-wrap items-end gap-3 py-2 print:hidden">
            {lists
                .filter(({ options }) => options.length > 0)
                .map(({ field, label, options }) => (
                    <SelectField
                        key={field}
                        label={label}
                        className="w-40"
                        value={sheet.filter[field] ?? ''}
                        onChange={(value) => {
                            choose({ [field]: value === '' ? null : value });
                        }}
                        none="Any"
                        options={options.map(([value, words]) => ({ value: value, label: words }))}
                    />
                ))}
            {isFiltered(sheet.filter) && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        choose(nothing);
                    }}
                >
                    Clear filters
                </Button>
            )}
        </div>
    );
}
