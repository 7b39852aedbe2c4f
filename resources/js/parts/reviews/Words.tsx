import { RuledText } from '../RuledText';
import type { QuestionRow, ReviewView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** The questions, in any order, with what one answered before under each. */
export function Words({ page }: { page: ReviewView }) {
    const answered = page.questions.filter((question) => question.answer.trim() !== '').length;

    return (
        <>
            <div className="mb-4 flex items-baseline justify-between gap-4">
                <h2 className="text-md">Your words</h2>
                <span className="text-xs text-ink-2">
                    {answered} of {page.questions.length} answered, in any order
                    {page.heldAt === null && ', saved automatically'}
                </span>
            </div>
            <ul className="space-y-5">
                {page.questions.map((question) => (
                    <li key={question.key}>
                        <h3 className="text-base">{question.question}</h3>
                        {page.heldAt === null ? (
                            <RuledText
                                label={question.question}
                                value={question.answer}
                                url={route('reviews.answer', page.week.name)}
                                payload={(words, was) => ({ question: question.key, words, seen: { words: was } })}
                            />
                        ) : (
                            <p className="ruled min-h-[26px] whitespace-pre-line">{question.answer}</p>
                        )}
                        <Before question={question} />
                    </li>
                ))}
            </ul>
        </>
    );
}

function Before({ question }: { question: QuestionRow }) {
    return question.before.length === 0 ? null : (
        <ul className="mt-1 text-xs text-ink-2">
            {question.before.slice(0, 2).map((answer) => (
                <li key={answer.period} className="truncate" title={answer.words}>
                    {plannedWords(answer.period).replace(/^./, (letter) => letter.toUpperCase())}: “{answer.words}”
                </li>
            ))}
        </ul>
    );
}
