import { Link } from '@inertiajs/react';
import { AnswerMenu } from './AnswerMenu';
import { Answering } from './Answering';
import { KeepFinding } from './KeepFinding';
import { Share } from './Share';
import type { FindingLevel, QuestionRow, Sharing } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';

interface Props {
    period: string;
    questions: QuestionRow[];
    isOpen: boolean;
    /** To which review an answer worth keeping goes up, and its name; null of a year. */
    up: { to: FindingLevel; name: string } | null;
    sharing: Sharing;
}

/** The questions, in any order, with what one answered before under each. */
export function Questions({ period, questions, isOpen, up, sharing }: Props) {
    return (
        <ul className="space-y-5">
            {questions
                .filter((question) => !question.isCheck && (!question.isResting || question.answer !== ''))
                .map((question) => (
                    <li key={question.key}>
                        <h3 className="flex flex-wrap items-baseline justify-between gap-x-3 text-base">
                            <Link
                                href={route('reviews.answers', { _query: { question: question.key } })}
                                title="Everything you answered to this"
                                className="hover:underline"
                            >
                                {question.question}
                            </Link>
                            {question.id !== null && question.answer.trim() !== '' && (
                                <span className="flex flex-wrap items-baseline gap-x-2 font-normal print:hidden">
                                    <Share of="answer" id={question.id} shares={question.shares} sharing={sharing} />
                                    {up !== null && (
                                        <KeepFinding
                                            source="answer"
                                            id={question.id}
                                            level={question.level}
                                            upTo={up.to}
                                            from={null}
                                            name={up.name}
                                        />
                                    )}
                                    <AnswerMenu question={question} answer={question.id} />
                                </span>
                            )}
                        </h3>
                        {isOpen ? (
                            <Answering period={period} question={question} />
                        ) : (
                            <p className="ruled min-h-[26px] whitespace-pre-wrap">{question.answer}</p>
                        )}
                        <Before question={question} />
                    </li>
                ))}
        </ul>
    );
}

function Before({ question }: { question: QuestionRow }) {
    return question.before.length === 0 ? null : (
        <ul className="mt-1 text-xs text-ink-2">
            {question.before.slice(0, 2).map((answer) => (
                <li key={answer.period} className="truncate" title={answer.words}>
                    <Link href={route('reviews.show', answer.period)} className="hover:underline">
                        {plannedWords(answer.period).replace(/^./, (letter) => letter.toUpperCase())}
                    </Link>
                    : {answer.words}
                </li>
            ))}
        </ul>
    );
}
