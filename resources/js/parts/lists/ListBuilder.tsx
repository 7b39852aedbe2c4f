import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Conditions } from './Conditions';
import type { ListGrouping, ListSort, SavedView } from '../../generated/props';
import { labels } from '../../generated/labels';
import { labelled } from '../../lib/options';
import { act } from '../../lib/queue/act';
import { send } from '../../lib/queue/queue';
import { route } from '../../lib/routes';
import { Button, ButtonLink } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { WordSelect } from '../../ui/Select';
import { Check } from '../../ui/Check';

/** Builds a list: what is found so far is shown at once, and kept when it is right. */
export function ListBuilder({ page, onDone }: { page: SavedView; onDone?: () => void }) {
    const { name, setName, draft, errors, change, keep } = useListDraft(page, onDone);

    return (
        <form
            className="mb-6 space-y-4 border-y border-rule py-4"
            onSubmit={(event) => {
                event.preventDefault();
                keep();
            }}
        >
            <Conditions
                conditions={draft.conditions}
                fields={page.fields}
                errors={errors}
                onChange={(conditions) => {
                    change({ conditions });
                }}
            />
            <SortAndGroup draft={draft} change={change} />
            <NameAndSave page={page} name={name} onName={setName} error={errors.title} onDone={onDone} />
        </form>
    );
}

/** What a list finds, and how it is ordered. */
type Draft = Pick<SavedView, 'conditions' | 'sort' | 'group'>;

/** What a list is called, and whose it is. */
type Name = Pick<SavedView, 'title' | 'isShared'>;

/** A list as it is being built: what it finds is looked up with each change, what it is called is not. */
function useListDraft(page: SavedView, onDone: (() => void) | undefined) {
    const [name, setName] = useState<Name>({ title: page.title, isShared: page.isShared });
    const [draft, setDraft] = useState<Draft>({ conditions: page.conditions, sort: page.sort, group: page.group });
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});

    const change = (next: Partial<Draft>) => {
        const wanted = { ...draft, ...next };
        setDraft(wanted);

        // What is not said yet is not asked for.
        if (page.id === null && wanted.conditions.every((condition) => condition.value !== '')) {
            router.get(route('saved.build'), wanted as never, {
                only: ['page'],
                preserveState: true,
                preserveScroll: true,
                replace: true,
                queryStringArrayFormat: 'indices',
            });
        }
    };

    const keep = () => {
        const data = { ...name, ...draft };
        send(
            page.id === null
                ? { method: 'post', url: route('saved.store'), data, text: name.title }
                : { method: 'put', url: route('saved.update', page.id), data, text: name.title },
            {
                onDone: () => onDone?.(),
                onRefused: (receipt) => {
                    setErrors(receipt.outcome === 'refused' ? receipt.errors : { title: receipt.message });

                    return true;
                },
            },
        );
    };

    return { name, setName, draft, errors, change, keep };
}

function SortAndGroup({ draft, change }: { draft: Draft; change: (next: Partial<Draft>) => void }) {
    return (
        <p className="flex flex-wrap items-baseline gap-x-2">
            Sort by{' '}
            <WordSelect
                label="Sort by"
                options={labelled(labels.ListSort)}
                value={draft.sort}
                onChange={(sort) => {
                    change({ sort: sort as ListSort });
                }}
            />
            group by{' '}
            <WordSelect
                label="Group by"
                options={labelled(labels.ListGrouping)}
                none="nothing"
                value={draft.group ?? ''}
                onChange={(group) => {
                    change({ group: group as ListGrouping | null });
                }}
            />
        </p>
    );
}

interface NameProps {
    page: SavedView;
    name: Name;
    onName: (name: Name) => void;
    error: string | undefined;
    onDone: (() => void) | undefined;
}

function NameAndSave({ page, name, onName, error, onDone }: NameProps) {
    return (
        <div className="flex flex-wrap items-end gap-4">
            <TextField
                label="Name"
                maxLength={80}
                className="w-64"
                value={name.title}
                error={error}
                onChange={(event) => {
                    onName({ ...name, title: event.target.value });
                }}
            />
            <Check
                label="Shared with everyone"
                checked={name.isShared}
                onChange={(isShared) => {
                    onName({ ...name, isShared });
                }}
            />
            <Button kind="main" type="submit" disabled={name.title.trim() === ''}>
                Save
            </Button>
            {page.id === null ? (
                <ButtonLink kind="quiet" href={route('lists')}>
                    Cancel
                </ButtonLink>
            ) : (
                <>
                    <Button kind="quiet" onClick={onDone}>
                        Cancel
                    </Button>
                    <Button
                        kind="quiet"
                        className="ml-auto"
                        onClick={() => {
                            act('delete', route('saved.destroy', page.id ?? 0));
                        }}
                    >
                        Delete list
                    </Button>
                </>
            )}
        </div>
    );
}
