import { type SubmitEvent, useState } from 'react';
import { TaskLine } from '../../task/TaskLine';
import type { FollowUpAnswer, FollowUpRow, RoomView } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { dayWords } from '../../../lib/dates';
import { bind } from '../../../lib/forms';
import { type Form, useForm } from '../../../lib/kept/useForm';
import { withAnswer } from '../../../lib/meetings';
import { route } from '../../../lib/routes';
import { followUpWords } from '../../../lib/words';
import { Button } from '../../../ui/Button';
import { DateField } from '../../../ui/DateField';
import { TextField } from '../../../ui/Field';
import { Problem } from '../../../ui/Problem';

/** Next steps from earlier meetings, late ones first: each is asked about once. */
export function FollowUps({ page }: { page: RoomView }) {
    return (
        <ul className="mt-4 divide-y divide-hairline border-t border-hairline">
            {page.followUps.map((row) => (
                <FollowUp key={row.task.id} page={page} row={row} />
            ))}
        </ul>
    );
}

/** What an answer says besides: what it waits for or needs, and until when. */
interface Answered {
    words: string;
    until: string;
}

const takesWords = (answer: FollowUpAnswer) => answer === 'help' || answer === 'held_up';

const takesDay = (answer: FollowUpAnswer) => answer === 'not_yet' || answer === 'held_up';

function FollowUp({ page, row }: { page: RoomView; row: FollowUpRow }) {
    const { asked, ask, form, problem, say } = useFollowUp(page, row);

    return (
        <li className="py-1">
            <ul>
                <TaskLine task={row.task} people={[]} showsOwner />
            </ul>
            {row.answer !== null && asked === null && (
                <p className="pl-8 text-sm font-semibold">
                    {followUpWords[row.answer]}
                    {row.words !== null && `: ${row.words}`}
                    {row.until !== null && `, until ${dayWords(row.until)}`}
                </p>
            )}
            {page.mayRun && asked === null && <FollowUpAnswers row={row} ask={ask} say={say} />}
            {asked !== null && (
                <FollowUpForm
                    asked={asked}
                    form={form}
                    problem={problem}
                    onSend={() => {
                        say(asked);
                    }}
                    onCancel={() => {
                        ask(null);
                    }}
                />
            )}
        </li>
    );
}

/** The answer that is being asked about, and how it is given. */
function useFollowUp(page: RoomView, row: FollowUpRow) {
    const [asked, ask] = useState<FollowUpAnswer | null>(null);
    const form = useForm<Answered>(`answer about task ${String(row.task.id)} in meeting ${String(page.id)}`, { words: '', until: '' });
    const [problem, setProblem] = useState<string>();
    const say = (answer: FollowUpAnswer) => {
        act(
            'put',
            route('meetings.follow-up', { meeting: page.id, task: row.task.id }),
            {
                answer,
                words: takesWords(answer) ? form.data.words : '',
                until: takesDay(answer) ? form.data.until : '',
            },
            {
                guess: withAnswer(row.task.id, answer),
                onDone: () => {
                    form.reset();
                },
                onRefused: (why) => {
                    setProblem(why);
                    ask(answer);
                },
            },
        );
        ask(null);
        setProblem(undefined);
    };

    return { asked, ask, form, problem, say };
}

interface AnswersProps {
    row: FollowUpRow;
    ask: (answer: FollowUpAnswer) => void;
    say: (answer: FollowUpAnswer) => void;
}

function FollowUpAnswers({ row, ask, say }: AnswersProps) {
    return (
        <span className="flex flex-wrap gap-x-4 pl-8">
            {(['done', 'not_yet', 'help', 'held_up'] as const)
                .filter((answer) => answer !== row.answer)
                .map((answer) => (
                    <button
                        key={answer}
                        type="button"
                        className="min-h-6 text-xs text-ink-2 hover:text-ink hover:underline pointer-coarse:min-h-11"
                        onClick={() => {
                            if (answer === 'done') {
                                say('done');
                            } else {
                                ask(answer);
                            }
                        }}
                    >
                        {followUpWords[answer]}
                    </button>
                ))}
        </span>
    );
}

interface FormProps {
    asked: FollowUpAnswer;
    form: Form<Answered>;
    problem: string | undefined;
    onSend: () => void;
    onCancel: () => void;
}

function FollowUpForm({ asked, form, problem, onSend, onCancel }: FormProps) {
    const send = (event: SubmitEvent) => {
        event.preventDefault();
        onSend();
    };

    return (
        <form onSubmit={send} className="flex flex-wrap items-end gap-3 py-2 pl-8">
            {takesWords(asked) && (
                <TextField
                    label={asked === 'help' ? 'What help is needed?' : 'What is it waiting for?'}
                    className="min-w-60 flex-1"
                    maxLength={120}
                    {...bind(form, 'words')}
                />
            )}
            {takesDay(asked) && <DateField label={asked === 'not_yet' ? 'New date' : 'Until'} className="w-40" {...bind(form, 'until')} />}
            <Button type="submit">{asked === 'help' ? 'Make it an issue' : 'Save'}</Button>
            <Button kind="quiet" onClick={onCancel}>
                Cancel
            </Button>
            <Problem words={problem} className="w-full" />
        </form>
    );
}
