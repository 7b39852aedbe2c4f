import { useRef } from 'react';
import { OfferedLines } from './OfferedLines';
import { RuledText, type TakeIn } from '../fields/RuledText';
import type { QuestionRow } from '../../generated/props';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';

/** The lines on which a question is answered, with what is offered from what happened. */
export function Answering({ period, question }: { period: string; question: QuestionRow }) {
    const text = useRef<TakeIn>(null);
    const left = question.offers.filter(({ text: line }) => !question.answer.includes(line));

    return (
        <>
            <RuledText
                label={question.question}
                value={question.answer}
                url={route('reviews.answer', period)}
                payload={(words, was) => ({ question: question.key, words, seen: { words: was } })}
                takeIn={text}
            />
            {left.length > 0 && (
                <details className="mt-1 print:hidden">
                    <summary className="min-h-6 cursor-pointer text-xs text-ink-2 hover:text-ink">
                        {count(left.length, 'line')} from what happened
                    </summary>
                    <OfferedLines
                        lines={left}
                        takeIn={(line) => {
                            text.current?.(line);
                        }}
                    />
                </details>
            )}
        </>
    );
}
