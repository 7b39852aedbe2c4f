import type { RetrospectiveView } from '../../generated/props';
import { route } from '../../lib/routes';
import { RuledText } from '../fields/RuledText';

/** The questions of a retrospective, with one’s own answer and, once all is shown, everybody’s. */
export function AskedOfAll({ page: { questions, retrospective } }: { page: RetrospectiveView }) {
    return (
        <ul className="max-w-3xl space-y-6">
            {questions.map((question) => (
                <li key={question.id}>
                    <h2 className="text-base">{question.words}</h2>
                    {!retrospective.isFinished && (
                        <RuledText
                            label={question.words}
                            value={question.own}
                            url={route('retrospectives.answer', retrospective.id)}
                            payload={(words, was) => ({ question: question.id, words, seen: { words: was } })}
                        />
                    )}
                    <ul className="mt-1 divide-y divide-hairline">
                        {retrospective.isFinished && question.own !== '' && <Said by="You" words={question.own} />}
                        {question.others.map((said) => (
                            <Said key={said.by.id} by={said.by.name} words={said.words} />
                        ))}
                    </ul>
                </li>
            ))}
        </ul>
    );
}

function Said({ by, words }: { by: string; words: string }) {
    return (
        <li className="grid grid-cols-[112px_1fr] gap-x-4 py-1.5 max-md:grid-cols-1">
            <span className="text-xs leading-5 text-ink-2">{by}</span>
            <p className="wrap-anywhere whitespace-pre-wrap">{words}</p>
        </li>
    );
}
