import { type ReactNode, useState } from 'react';
import { router } from '@inertiajs/react';
import type { Option, Register, RegisterFilter } from '../../generated/props';
import { labels } from '../../generated/labels';
import { focusOptions, labelled, peopleAsOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { WordSelect } from '../../ui/Select';

type Change = Partial<Record<keyof RegisterFilter, string | number | null>>;

const usual: Change = { state: 'open', sort: 'need', group: 'state', page: 1, value: '', words: '' };

/** The address of the register with another choice. What is as usual does not stand in it. */
export function addressOf(filter: RegisterFilter, change: Change): string {
    const wanted = { ...filter, page: 1, ...change };
    const said = Object.entries(wanted).filter(
        ([key, value]) => value !== null && value !== '' && usual[key as keyof RegisterFilter] !== value,
    );

    return route('projects.index', { _query: Object.fromEntries(said) });
}

/** The choices of an enum, with each of the extra fields in place of the one that stands for them. */
const withFields = (choices: Option[], fields: Option[]) => [
    ...choices.filter((choice) => choice.value !== 'field'),
    ...fields.map((field) => ({ ...field, value: `field:${field.value}` })),
];

const narrow = ['owner', 'area', 'thread', 'focus', 'collection', 'field', 'words'] as const;

/** What the register shows and how, as a sentence. Every choice is in the address, so it can be kept, sent and gone back to. */
export function Choose({ page }: { page: Register }) {
    const { filter } = page;
    const isNarrow = narrow.some((name) => filter[name] !== null && filter[name] !== '');
    const [isOpen, setOpen] = useState(isNarrow);
    const go = (change: Change) => {
        router.visit(addressOf(filter, change), { preserveState: true, preserveScroll: true });
    };
    const select = (name: keyof RegisterFilter, label: string, options: Option[], none?: string) => (
        <WordSelect
            label={label}
            options={options}
            none={none}
            value={String(filter[name] ?? '')}
            onChange={(value) => {
                go({ [name]: value });
            }}
        />
    );

    const order = (name: 'sort' | 'group', label: string, options: Option[]) => {
        const field = filter[`${name}Field`];

        return (
            <WordSelect
                label={label}
                options={withFields(options, page.fields)}
                value={field === null ? filter[name] : `field:${String(field)}`}
                onChange={(value) => {
                    const [chosen, of] = value.split(':');
                    go({ [name]: chosen, [`${name}Field`]: of ?? null });
                }}
            />
        );
    };

    return (
        <div role="search" aria-label="Filter projects" className="mb-4 space-y-2 text-sm text-ink-2">
            <div className="flex flex-wrap items-baseline gap-x-2 gap-y-1">
                State {select('state', 'State', labelled(labels.RegisterState))} Condition{' '}
                {select('condition', 'Condition', labelled(labels.RegisterCondition), 'any')} Group by{' '}
                {order('group', 'Group by', labelled(labels.RegisterGrouping))} Sort by{' '}
                {order('sort', 'Sort by', labelled(labels.RegisterSort))}
                <MoreOrClear
                    isNarrow={isNarrow}
                    isOpen={isOpen}
                    onTurn={() => {
                        setOpen(!isOpen);
                    }}
                    onClear={() => {
                        go(Object.fromEntries([...narrow, 'value'].map((name) => [name, null])));
                    }}
                />
            </div>
            {isOpen && <MoreFilters page={page} go={go} select={select} />}
        </div>
    );
}

interface MoreProps {
    isNarrow: boolean;
    isOpen: boolean;
    onTurn: () => void;
    onClear: () => void;
}

function MoreOrClear({ isNarrow, isOpen, onTurn, onClear }: MoreProps) {
    return (
        <>
            <button type="button" aria-expanded={isOpen} className="ml-2 min-h-6 link" onClick={onTurn}>
                {isOpen ? 'less' : 'More filters'}
            </button>
            {isNarrow && (
                <button type="button" className="min-h-6 link" onClick={onClear}>
                    Clear filters
                </button>
            )}
        </>
    );
}

interface FilterProps {
    page: Register;
    go: (change: Change) => void;
    /** A filter as a choice within the sentence. */
    select: (name: keyof RegisterFilter, label: string, options: Option[], none?: string) => ReactNode;
}

function MoreFilters({ page, go, select }: FilterProps) {
    return (
        <div className="flex flex-wrap items-baseline gap-x-2 gap-y-1">
            Owner {select('owner', 'Owner', peopleAsOptions(page.people), 'anybody')}
            Area {select('area', 'Area', page.areas, 'any area')}
            Thread {select('thread', 'Thread', page.threads, 'any thread')}
            Focus needed {select('focus', 'Focus needed', focusOptions, 'any')}
            {page.collections.length > 0 && <>Collection {select('collection', 'Collection', page.collections, 'any')}</>}
            {page.fields.length > 0 && <>Field {select('field', 'Field', page.fields, 'any field')} is</>}
            {page.filter.field !== null && (
                <Words
                    label="Field value"
                    words={page.filter.value}
                    onSay={(value) => {
                        go({ value });
                    }}
                />
            )}
            Text
            <Words
                label="Name or status"
                words={page.filter.words}
                onSay={(words) => {
                    go({ words });
                }}
            />
        </div>
    );
}

function Words({ words, onSay, label }: { words: string; onSay: (words: string) => void; label: string }) {
    const [typed, setTyped] = useState(words);

    return (
        <input
            aria-label={label}
            placeholder="anything"
            value={typed}
            maxLength={200}
            className="w-32 border-b border-rule bg-transparent py-0.5 font-semibold text-ink placeholder:text-ink-2"
            onChange={(event) => {
                setTyped(event.target.value);
            }}
            onBlur={() => {
                if (typed !== words) {
                    onSay(typed);
                }
            }}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    onSay(typed);
                }
            }}
        />
    );
}
