import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import { NO_DAY } from './SortWhen';
import type { ReadPiece, TrayItem } from '../../generated/props';
import { withoutJots } from '../../lib/jots';
import { type Form, useForm } from '../../lib/kept/useForm';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { type Reading, useReadLine } from '../../lib/useReadLine';

/** How long the title of a task can be. */
export const TITLE = 200;

interface Chosen {
    title: string;
    owner_id: string;
    project: string;
    goal: string;
    planned: string;
    isDone: boolean;
}

/** One thing of the tray as it is being decided: what was understood of it, what is chosen above that, and what can be done. */
export interface Sorting {
    item: TrayItem;
    reading: Reading;
    form: Form<Chosen>;
    /** The task's title, and whether it is another than the sentence. */
    title: string;
    hasTitle: boolean;
    isNaming: boolean;
    isSplitting: boolean;
    setSplitting: (is: boolean) => void;
    isMine: boolean;
    /** Its time as chosen, or as understood. */
    planned: string;
    /** What was understood of a kind: the owner, the time, what it is for. */
    of: (kind: string) => ReadPiece | undefined;
    does: Record<'mine' | 'done' | 'name' | 'split' | 'save' | 'drop', () => void> & { plan: (time: string) => void };
}

export function useSorting(item: TrayItem, onSorted: (words: string) => void): Sorting {
    const reading = useReadLine(item.words, { on: item.jottedOn, lines: [item.line], refused: item.refused, chosen: item.chosen });
    const line = reading.lines[0] ?? item.line;
    const of = (kind: string) => line.pieces.find((piece) => piece.kind === kind);
    const [isSplitting, setSplitting] = useState(false);
    const [isNaming, setNaming] = useState(false);
    const form = useForm<Chosen>(`sorting jot ${String(item.id)}`, chosenOf(item));
    const { data } = form;
    const me = String(usePage().props.frame?.me.id ?? '');
    const title = data.title === '' ? line.title.slice(0, TITLE) : data.title;

    return {
        ...{ item, reading, form, title, of, isNaming, isSplitting, setSplitting },
        // The sentence is the title, until something of it is understood or it is edited.
        hasTitle: isNaming || line.pieces.length > 0 || data.title !== '',
        isMine: data.owner_id === me || (data.owner_id === '' && of('owner') === undefined),
        planned: data.planned === '' ? (of('planned')?.value ?? '') : data.planned,
        does: {
            mine: () => {
                form.setData('owner_id', me);
            },
            done: () => {
                form.setData('isDone', !data.isDone);
            },
            name: () => {
                setNaming(true);
            },
            split: () => {
                setSplitting(true);
            },
            plan: (time) => {
                form.setData({ planned: data.planned === time ? '' : time, isDone: false });
            },
            save: () => {
                saveTask(item, { ...data, title }, reading, form.reset);
                onSorted(title);
            },
            drop: () => {
                act('delete', route('jots.destroy', item.id), {}, { guess: withoutJots([item.id]) });
                onSorted(`Deleted: ${item.words}`);
            },
        },
    };
}

/** What came back about something is for that, unless it is said otherwise. */
const chosenOf = ({ returned }: TrayItem): Chosen => ({
    title: '',
    owner_id: '',
    project: returned?.kind === 'project' ? String(returned.aboutId) : '',
    goal: returned?.kind === 'goal' ? String(returned.aboutId) : '',
    planned: '',
    isDone: false,
});

/** The next one stands there at once; what is refused comes back, with what was chosen. */
function saveTask(item: TrayItem, { owner_id, planned, ...chosen }: Chosen, reading: Reading, onDone: () => void): void {
    const line = reading.lines[0] ?? item.line;
    const meant = line.pieces.find((piece) => piece.kind === 'planned');
    const isUnplanned = planned === NO_DAY && meant !== undefined;

    act(
        'post',
        route('jots.task', item.id),
        {
            ...chosen,
            ...(owner_id !== '' && { owner_id }),
            planned: planned === NO_DAY ? '' : planned,
            refused: [...reading.said.refused, ...(isUnplanned ? [meant.key] : [])],
            chosen: reading.said.chosen,
        },
        {
            guess: withoutJots([item.id]),
            onDone: () => {
                onDone();
            },
        },
    );
}
