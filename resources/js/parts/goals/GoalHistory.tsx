import { type SubmitEvent, useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { idOf } from './Pins';
import { Empty, Section } from '../signs/Section';
import type { GoalView, LogEntry } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';

/** How many lines are listed before the rest folds. */
const SHOWN = 10;

/** All that was said of the goal, read of it and done to it, as a list; and the place to say something. */
export function GoalHistory({ page }: { page: GoalView }) {
    const [isOpen, setOpen] = useState(false);
    const shown = isOpen ? page.history : page.history.slice(0, SHOWN);

    return (
        <Section
            title="Comments and history"
            aside={
                page.followedBy.others === 0
                    ? `${page.goal.owner.name} is notified.`
                    : `${page.goal.owner.name} and ${String(page.followedBy.others)} more are notified.`
            }
        >
            {!page.isPast && <Say goal={page.goal.id} />}
            {page.history.length === 0 && <Empty>Comments on the goal and changes to it appear here, day by day.</Empty>}
            <ol className="divide-y divide-hairline">
                {shown.map((entry) => (
                    <Line key={entry.key} entry={entry} />
                ))}
            </ol>
            {page.history.length > shown.length && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        setOpen(true);
                    }}
                >
                    {page.history.length - shown.length} earlier
                </Button>
            )}
        </Section>
    );
}

function Line({ entry }: { entry: LogEntry }) {
    const { remove, undo } = entry;

    return (
        <li id={idOf(entry)} className="flex gap-4 py-1.5 target:bg-faint">
            <span className="w-20 flex-none text-xs leading-5 text-ink-2">{dayWords(entry.on)}</span>
            <div className="min-w-0 flex-1">
                <p>
                    {entry.who !== null && <span className="font-semibold">{entry.who} </span>}
                    {entry.words}
                    {entry.words === '' && <span className="whitespace-pre-line">{entry.text}</span>}
                </p>
                {entry.words !== '' && entry.text !== null && <p className="whitespace-pre-line text-ink-2">{entry.text}</p>}
            </div>
            {remove !== null && (
                <Button
                    kind="quiet"
                    aria-label={`Delete the line of ${dayWords(entry.on)}`}
                    onClick={() => {
                        act('delete', remove);
                    }}
                >
                    Delete
                </Button>
            )}
            {undo !== null && (
                <Button
                    kind="quiet"
                    aria-label={`Undo the line of ${dayWords(entry.on)}`}
                    onClick={() => {
                        act('post', undo);
                    }}
                >
                    Undo
                </Button>
            )}
        </li>
    );
}

function Say({ goal }: { goal: number }) {
    const form = useForm(`comment on goal ${String(goal)}`, { words: '' });

    const say = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('comments.store', goal), {
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <form onSubmit={say} className="flex items-end gap-3 pb-2">
            <TextArea
                label="Write a comment"
                isLabelHidden
                placeholder="What happened, what it means"
                rows={1}
                className="flex-1"
                {...bind(form, 'words')}
            />
            <Button type="submit" disabled={form.processing || form.data.words.trim() === ''}>
                Post
            </Button>
        </form>
    );
}
