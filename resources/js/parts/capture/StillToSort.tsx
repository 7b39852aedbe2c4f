import { useState } from 'react';
import { Section } from '../signs/Section';
import type { Tray, TrayItem } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { withoutJots } from '../../lib/jots';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';

interface Props {
    /** All but the one that is sorted now. */
    items: TrayItem[];
    page: Tray;
    onOpen: (id: number) => void;
    onSorted: (words: string) => void;
}

/** What lies in the tray besides: to be taken first, or sorted several at once. */
export function StillToSort({ items, page, onOpen, onSorted }: Props) {
    const [chosen, setChosen] = useState<number[]>([]);
    const ids = chosen.filter((id) => items.some((item) => item.id === id));

    if (items.length === 0) {
        return null;
    }

    const sort = (what: 'task' | 'delete', planned: string | null, words: string) => () => {
        act('put', route('jots.many'), { jots: ids, what, planned }, { guess: withoutJots(ids) });
        setChosen([]);
        onSorted(words);
    };
    const things = count(ids.length, 'thing');

    return (
        <Section title="Still to sort" aside={String(items.length)} className="mt-6">
            {ids.length > 0 && (
                <ForSelected
                    page={page}
                    things={things}
                    sort={sort}
                    onClear={() => {
                        setChosen([]);
                    }}
                />
            )}
            <ul className="divide-y divide-hairline">
                {items.map((each) => (
                    <ThingLine
                        key={each.id}
                        item={each}
                        isChosen={ids.includes(each.id)}
                        onChoose={(isOn) => {
                            setChosen(isOn ? [...ids, each.id] : ids.filter((id) => id !== each.id));
                        }}
                        onOpen={() => {
                            onOpen(each.id);
                        }}
                    />
                ))}
            </ul>
        </Section>
    );
}

interface SelectedProps {
    page: Tray;
    /** How many are selected, in words. */
    things: string;
    sort: (what: 'task' | 'delete', planned: string | null, words: string) => () => void;
    onClear: () => void;
}

/** What can become of all that is selected. */
function ForSelected({ page, things, sort, onClear }: SelectedProps) {
    return (
        <div
            role="toolbar"
            aria-label="Selected things"
            className="sticky top-10 z-10 flex flex-wrap items-center gap-x-2 border-b border-ink bg-sheet py-1"
        >
            <span role="status" className="mr-2 text-xs text-ink-2">
                {things} selected, a task of each:
            </span>
            <Button kind="quiet" onClick={sort('task', page.thisWeek, `${things}: this week`)}>
                this week
            </Button>
            <Button kind="quiet" onClick={sort('task', page.nextWeek, `${things}: next week`)}>
                next week
            </Button>
            <Button kind="quiet" onClick={sort('task', null, `${things}: no day yet`)}>
                no day yet
            </Button>
            <Button kind="quiet" onClick={sort('delete', null, `Deleted: ${things}`)}>
                or delete
            </Button>
            <Button kind="quiet" onClick={onClear}>
                Clear selection
            </Button>
        </div>
    );
}

interface LineProps {
    item: TrayItem;
    isChosen: boolean;
    onChoose: (isOn: boolean) => void;
    onOpen: () => void;
}

/** One thing: to be selected, or opened. */
function ThingLine({ item, isChosen, onChoose, onOpen }: LineProps) {
    return (
        <li className="flex items-center gap-3 py-1.5">
            <Check label={<span className="sr-only">Select {item.words}</span>} checked={isChosen} onChange={onChoose} />
            <button type="button" className="two-lines min-h-6 flex-1 text-left hover:underline" onClick={onOpen}>
                {item.words}
            </button>
            <span className="flex-none text-xs text-ink-2">
                {item.returned === null ? dayWords(item.jottedOn) : `back ${dayWords(item.returned.on)}`}
            </span>
        </li>
    );
}
