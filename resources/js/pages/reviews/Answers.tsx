import { Head, Link, router } from '@inertiajs/react';
import type { AnswersView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { grouped } from '../../lib/options';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { FindAnswers } from '../../parts/reviews/FindAnswers';
import { Empty } from '../../parts/Section';
import { Check } from '../../ui/Check';
import { SelectField } from '../../ui/Select';

/** Everything one ever answered: by a word, or one question over time. Reads and prints in one go. */
export default function Answers({ page }: { page: AnswersView }) {
    const show = (change: { question?: string | null; findings?: boolean }) => {
        const [question, findings] = [change.question === undefined ? page.key : change.question, change.findings ?? page.onlyFindings];
        router.get(route('reviews.answers'), {
            ...(page.words !== '' && { q: page.words }),
            ...(question !== null && { question }),
            ...(findings && { findings: '1' }),
        });
    };
    const title = page.questions.find(({ value }) => value === page.key)?.label;

    return (
        <div className="mx-auto w-full max-w-4xl px-6 py-5 max-md:px-4">
            <Head title={title ?? 'Your answers'} />
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h1>{title ?? 'Your answers'}</h1>
                <FindAnswers words={page.words} />
            </div>
            <p className="text-ink-2">
                {count(page.answers.length, 'answer')}
                {page.words !== '' && ` with “${page.words}”`}, newest first. Only you can see them.
            </p>
            <div className="mt-3 mb-4 flex flex-wrap items-end gap-x-6 gap-y-2 print:hidden">
                <SelectField
                    label="Question"
                    className="w-80"
                    value={page.key ?? ''}
                    none="all questions"
                    options={grouped(page.questions)}
                    onChange={(question) => {
                        show({ question: question === '' ? null : question });
                    }}
                />
                <Check
                    label="Only what was kept as a finding"
                    checked={page.onlyFindings}
                    onChange={(findings) => {
                        show({ findings });
                    }}
                />
            </div>
            {page.answers.length === 0 && <Empty>Nothing was answered in these words.</Empty>}
            <ul>
                {page.answers.map((answer) => (
                    <li key={answer.id} className="grid grid-cols-[112px_1fr] gap-x-4 border-t border-hairline py-2 max-md:grid-cols-1">
                        <Link href={route('reviews.show', answer.period)} className="text-xs leading-5 text-ink-2 hover:underline">
                            {plannedWords(answer.period).replace(/^./, (letter) => letter.toUpperCase())} {answer.period.slice(0, 4)}
                        </Link>
                        <div className="min-w-0">
                            {page.key === null && <p className="text-xs text-ink-2">{answer.question}</p>}
                            <p className="whitespace-pre-line wrap-anywhere">{answer.words}</p>
                            {answer.level !== null && <p className="text-xs font-semibold">kept for the {answer.level}</p>}
                        </div>
                    </li>
                ))}
            </ul>
        </div>
    );
}
