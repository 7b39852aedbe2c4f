import { usePage } from '@inertiajs/react';
import { useTypedIn } from '../../../lib/kept/drafts';
import { useChanges } from '../../../lib/queue/queue';
import type { ItemRow, RoomView } from '../../../generated/props';

/** What was typed in a field of the meeting, or refused there, and not added to it. */
export interface Typed {
    name: string;
    text: string;
    /** In which item; null beside all of them. */
    item: number | null;
    what: string;
}

const fieldsOf = ({ id }: ItemRow): Omit<Typed, 'text'>[] => [
    { name: `next step of item ${String(id)}`, item: id, what: 'next step' },
    { name: `decision of item ${String(id)}`, item: id, what: 'decision' },
];

/** Texts that would be left behind if the meeting were closed now. */
export function useTyped(page: RoomView): Typed[] {
    const writer = usePage().props.frame?.me.id ?? 0;
    const followUps = page.items.find(({ kind }) => kind === 'follow_ups')?.id ?? null;
    const fields = [
        ...page.items.flatMap(fieldsOf),
        ...page.followUps.map(({ task }) => ({
            name: `answer about task ${String(task.id)} in meeting ${String(page.id)}`,
            item: followUps,
            what: `answer about ${task.title}`,
        })),
        { name: `issue for series ${String(page.series.id)}`, item: null, what: 'issue' },
    ];
    const typed = useTypedIn(fields.map(({ name }) => `draft ${String(writer)} ${name}`));
    const refused = useChanges().filter((change) => change.refused !== undefined);

    return fields.flatMap((field, at) => {
        const texts = [typed[at] ?? '', ...refused.filter(({ form }) => form?.name === field.name).map(({ text }) => text)];

        return texts.filter((text) => text !== '').map((text) => ({ ...field, text }));
    });
}
