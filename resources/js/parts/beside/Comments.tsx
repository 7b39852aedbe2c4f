import { clsx } from 'clsx';
import { type SubmitEvent, useRef } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { Mention } from './Mention';
import { Said } from './Said';
import type { CommentRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';

interface Props {
    /** What it is said of, the same each time: "tasks 5". */
    of: string;
    comments: CommentRow[];
    /** Where the next one is sent. */
    address: string;
}

/** What people said of something, and a line for the next word. */
export function Comments({ of, comments, address }: Props) {
    const form = useForm(`comment on ${of}`, { words: '' });
    const field = useRef<HTMLFormElement>(null);
    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(address, {
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <>
            <ul className="divide-y divide-hairline">
                {comments.map((comment) => (
                    <li key={comment.id} className="flex gap-4 py-2">
                        <span className="w-28 flex-none text-xs leading-5 text-ink-2">
                            {dayWords(comment.on)}
                            <br />
                            {comment.by.name}
                        </span>
                        <Said words={comment.words} mentions={comment.mentions} />
                        {comment.isMine && (
                            <button
                                type="button"
                                aria-label={`Delete your comment of ${dayWords(comment.on)}`}
                                className="min-h-6 self-start text-xs text-ink-2 hover:text-ink hover:underline"
                                onClick={() => {
                                    act('delete', route('comments.destroy', comment.id));
                                }}
                            >
                                Delete
                            </button>
                        )}
                    </li>
                ))}
            </ul>
            <form ref={field} onSubmit={save} className="group/comment mt-2 grid grid-cols-[1fr_auto] items-start gap-2">
                <TextArea
                    label="Write a comment"
                    isLabelHidden
                    placeholder="Write a comment"
                    rows={form.data.words === '' ? 1 : 3}
                    maxLength={5000}
                    {...bind(form, 'words')}
                />
                <Mention
                    words={form.data.words}
                    onChoose={(words) => {
                        form.setData('words', words);
                        field.current?.querySelector('textarea')?.focus();
                    }}
                />
                <Button
                    type="submit"
                    className={clsx(form.data.words === '' && 'invisible group-focus-within/comment:visible')}
                    disabled={form.processing || form.data.words.trim() === ''}
                >
                    Post
                </Button>
            </form>
        </>
    );
}
