import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Conditions } from './Conditions';
import type { ListGrouping, ListSort, SavedView, Condition } from '../../generated/props';
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
    const { title, setTitle, isShared, setShared, draft, errors, change, keep } = useListDraft({ page, onDone });

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
            <NameAndSave
                page={page}
                onDone={onDone}
                title={title}
                setTitle={setTitle}
                isShared={isShared}
                setShared={setShared}
                errors={errors}
            />
        </form>
    );
}

function useListDraft({ page, onDone }: { page: SavedView; onDone: (() => void) | undefined }) {
    const [title, setTitle] = useState(page.title);
    const [isShared, setShared] = useState(page.isShared);
    const [draft, setDraft] = useState({ conditions: page.conditions, sort: page.sort, group: page.group });
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});

    const change = (next: Partial<typeof draft>) => {
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
        const data = { title, isShared, ...draft };
        send(
            page.id === null
                ? { method: 'post', url: route('saved.store'), data, text: title }
                : { method: 'put', url: route('saved.update', page.id), data, text: title },
            {
                onDone: () => onDone?.(),
                onRefused: (receipt) => {
                    setErrors(receipt.outcome === 'refused' ? receipt.errors : { title: receipt.message });

                    return true;
                },
            },
        );
    };

    return { title, setTitle, isShared, setShared, draft, errors, change, keep };
}

function SortAndGroup({
    draft,
    change,
}: {
    draft: { conditions: Condition[]; sort: ListSort; group: ListGrouping | null };
    change: (next: Partial<{ conditions: Condition[]; sort: ListSort; group: ListGrouping | null }>) => void;
}) {
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

function NameAndSave({
    page,
    onDone,
    title,
    setTitle,
    isShared,
    setShared,
    errors,
}: {
    page: SavedView;
    onDone: (() => void) | undefined;
    title: string;
    setTitle: (value: string) => void;
    isShared: boolean;
    setShared: (value: boolean) => void;
    errors: Partial<Record<string, string>>;
}) {
    return (
        <div className="flex flex-wrap items-end gap-4">
            <TextField
                label="Name"
                maxLength={80}
                className="w-64"
                value={title}
                error={errors.title}
                onChange={(event) => {
                    setTitle(event.target.value);
                }}
            />
            <Check label="Shared with everyone" checked={isShared} onChange={setShared} />
            <Button kind="main" type="submit" disabled={title.trim() === ''}>
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
