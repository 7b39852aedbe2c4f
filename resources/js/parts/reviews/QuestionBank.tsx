import { type ReactNode, useState } from 'react';
import { AddLine } from '../fields/AddLine';
import type { Horizon, QuestionRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { movedBy } from '../../lib/order';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { Problem } from '../../ui/Problem';

/** One's own bank of questions: added, put in order, left out for a while. */
export function QuestionBank({ horizon, questions }: { horizon: Horizon; questions: QuestionRow[] }) {
    return (
        <DialogButton
            words="Your questions"
            kind="quiet"
            title={`Questions of the ${horizon}`}
            hint="Paused questions are not asked; their answers are kept."
        >
            {() => <Bank horizon={horizon} questions={questions} />}
        </DialogButton>
    );
}

function Bank({ horizon, questions }: { horizon: Horizon; questions: QuestionRow[] }) {
    const form = useForm(`question of a ${horizon}`, { words: '' });
    const check = useForm(`check of a ${horizon}`, { words: '' });
    const [problem, setProblem] = useState<string | null>(null);
    const options = { onRefused: setProblem };
    const keys = questions.map(({ key }) => key);
    const move = (key: string, by: number) => {
        act('put', route('review-questions.arrange'), { horizon, questions: movedBy(keys, key, by) }, options);
    };

    return (
        <>
            <ul className="divide-y divide-hairline">
                {questions.map((question, place) => (
                    <Asked key={question.key} horizon={horizon} question={question} options={options}>
                        <Move
                            name={`Move “${question.question}” up`}
                            words="Up"
                            isOff={place === 0}
                            onPress={() => {
                                move(question.key, -1);
                            }}
                        />
                        <Move
                            name={`Move “${question.question}” down`}
                            words="Down"
                            isOff={place === questions.length - 1}
                            onPress={() => {
                                move(question.key, 1);
                            }}
                        />
                    </Asked>
                ))}
            </ul>
            <Problem words={problem} className="py-1" />
            <AddLine
                words="A question of your own"
                maxLength={200}
                {...addingLines(form, 'words', route('review-questions.store'), { as: (data) => ({ ...data, horizon }) })}
            />
            <AddLine
                words="A line of your checklist"
                maxLength={200}
                {...addingLines(check, 'words', route('review-questions.store'), {
                    as: (data) => ({ ...data, horizon, isCheck: true }),
                })}
            />
        </>
    );
}

interface AskedProps {
    horizon: Horizon;
    question: QuestionRow;
    options: { onRefused: (why: string) => void };
    /** How its place is changed. */
    children: ReactNode;
}

/** A question of the bank, with what can be done with it. */
function Asked({ horizon, question, options, children }: AskedProps) {
    return (
        <li className="flex flex-wrap items-baseline gap-x-1 py-1">
            <span className={question.isResting ? 'min-w-40 flex-1 text-ink-2' : 'min-w-40 flex-1'}>
                {question.question}
                {question.isCheck && <span className="ml-2 text-xs text-ink-2">checklist</span>}
                {question.isResting && <span className="ml-2 text-xs">paused</span>}
            </span>
            {children}
            <Button
                kind="quiet"
                aria-label={`${question.isResting ? 'Resume' : 'Pause'} “${question.question}”`}
                onClick={() => {
                    act(
                        'put',
                        route('review-questions.rest'),
                        { horizon, question: question.key, isResting: !question.isResting },
                        options,
                    );
                }}
            >
                {question.isResting ? 'Resume' : 'Pause'}
            </Button>
            {question.isOwn && (
                <Button
                    kind="quiet"
                    aria-label={`Delete “${question.question}”`}
                    onClick={() => {
                        act('delete', route('review-questions.destroy'), { horizon, question: question.key }, options);
                    }}
                >
                    Delete
                </Button>
            )}
        </li>
    );
}

/** One place up or down. At the end it stays, so that the keyboard is not dropped there. */
function Move({ name, words, isOff, onPress }: { name: string; words: string; isOff: boolean; onPress: () => void }) {
    return (
        <Button
            kind="quiet"
            aria-label={name}
            aria-disabled={isOff}
            className="aria-disabled:opacity-40"
            onClick={isOff ? undefined : onPress}
        >
            {words}
        </Button>
    );
}
