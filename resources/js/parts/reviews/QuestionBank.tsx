import { useState } from 'react';
import { AddLine } from '../fields/AddLine';
import type { Horizon, QuestionRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';

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
        const at = keys.indexOf(key);
        const others = keys.filter((each) => each !== key);
        act(
            'put',
            route('review-questions.arrange'),
            { horizon, questions: [...others.slice(0, at + by), key, ...others.slice(at + by)] },
            options,
        );
    };

    return (
        <>
            <ul className="divide-y divide-hairline">
                {questions.map((question, place) => (
                    <Asked
                        key={question.key}
                        horizon={horizon}
                        questions={questions}
                        options={options}
                        move={move}
                        question={question}
                        place={place}
                    />
                ))}
            </ul>
            {problem !== null && <p className="py-1 text-sm font-medium text-persimmon">{problem}</p>}
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

function Asked({
    horizon,
    questions,
    options,
    move,
    question,
    place,
}: {
    horizon: Horizon;
    questions: QuestionRow[];
    options: { onRefused: (value: string | null) => void };
    move: (key: string, by: number) => void;
    question: QuestionRow;
    place: number;
}) {
    return (
        <li className="flex flex-wrap items-baseline gap-x-1 py-1">
            <span className={question.isResting ? 'min-w-40 flex-1 text-ink-2' : 'min-w-40 flex-1'}>
                {question.question}
                {question.isCheck && <span className="ml-2 text-xs text-ink-2">checklist</span>}
                {question.isResting && <span className="ml-2 text-xs">paused</span>}
            </span>
            <UpAndDown questions={questions} move={move} question={question} place={place} />
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

function UpAndDown({
    questions,
    move,
    question,
    place,
}: {
    questions: QuestionRow[];
    move: (key: string, by: number) => void;
    question: QuestionRow;
    place: number;
}) {
    return (
        <>
            <Button
                kind="quiet"
                aria-label={`Move “${question.question}” up`}
                aria-disabled={place === 0}
                className="aria-disabled:opacity-40"
                onClick={() => {
                    if (place > 0) {
                        move(question.key, -1);
                    }
                }}
            >
                Up
            </Button>
            <Button
                kind="quiet"
                aria-label={`Move “${question.question}” down`}
                aria-disabled={place === questions.length - 1}
                className="aria-disabled:opacity-40"
                onClick={() => {
                    if (place < questions.length - 1) {
                        move(question.key, 1);
                    }
                }}
            >
                Down
            </Button>
        </>
    );
}
