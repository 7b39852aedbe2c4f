import { Head, Link, router } from '@inertiajs/react';
import type { AnswerLine, AnswersView, LogTag } from '../../generated/props';
import { ofWords } from '../../lib/dates';
import { grouped } from '../../lib/options';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { FindAnswers } from '../../parts/reviews/FindAnswers';
import { FromUntil } from '../../parts/fields/FromUntil';
import { Empty } from '../../parts/signs/Section';
import { SelectField } from '../../ui/Select';

const tags: { value: LogTag; label: string }[] = [
    { value: 'finding', label: 'findings' },
    { value: 'decision', label: 'decisions of the log' },
    { value: 'idea', label: 'ideas of the log' },
];

/** What one ever wrote: by a word, a question, a tag, a goal, a span. Reads and prints in one go. */
export default function Answers({ page }: { page: AnswersView }) {
    const show = (change: Partial<Pick<AnswersView, 'key' | 'tag' | 'goal' | 'from' | 'until'>>) => {
        const { words, key, tag, goal, from, until } = { ...page, ...change };
        const asked = { q: words, question: key, tag, goal, from, until };
        router.get(
            route('reviews.answers'),
            Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== null && value !== '')),
            { preserveScroll: true },
        );
    };
    const title = page.questions.find(({ value }) => value === page.key)?.label;

    return (
        <div className="sheet-edge max-w-4xl">
            <Head title={title ?? 'What you wrote'} />
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h1>{title ?? 'What you wrote'}</h1>
                <FindAnswers words={page.words} />
            </div>
            <p className="text-ink-2">
                {count(page.answers.length, 'line')}
                {page.words !== '' && ` with “${page.words}”`}, newest first. Only you can see them.
            </p>
            <div className="mt-3 mb-4 flex flex-wrap items-end gap-x-3 gap-y-2 print:hidden">
                <SelectField
                    label="Question"
                    className="w-64"
                    value={page.key ?? ''}
                    none="all questions"
                    options={grouped(page.questions)}
                    onChange={(key) => {
                        show({ key: key === '' ? null : key });
                    }}
                />
                <SelectField
                    label="Kind"
                    className="w-44"
                    value={page.tag ?? ''}
                    none="all"
                    options={tags}
                    onChange={(tag) => {
                        show({ tag: tag === '' ? null : (tag as LogTag) });
                    }}
                />
                {page.goals.length > 0 && (
                    <SelectField
                        label="About a goal"
                        className="w-52"
                        value={page.goal === null ? '' : String(page.goal)}
                        none="any or none"
                        options={grouped(page.goals)}
                        onChange={(goal) => {
                            show({ goal: goal === '' ? null : Number(goal) });
                        }}
                    />
                )}
                <FromUntil
                    from={page.from ?? ''}
                    until={page.until ?? ''}
                    onChange={(from, until) => {
                        show({ from, until });
                    }}
                />
            </div>
            {page.answers.length === 0 && <Empty>No answers match.</Empty>}
            <ul>
                {page.answers.map((line) => (
                    <Line key={`${line.source} ${String(line.id)}`} line={line} hasQuestion={page.key === null} />
                ))}
            </ul>
        </div>
    );
}

function Line({ line, hasQuestion }: { line: AnswerLine; hasQuestion: boolean }) {
    const notes = [
        ...(hasQuestion ? [line.question] : []),
        ...(line.goal === null ? [] : [`about ${line.goal}`]),
        ...(line.level === null ? [] : [`kept for the ${line.level}`]),
    ];

    return (
        <li className="grid grid-cols-[128px_1fr] gap-x-4 border-t border-hairline py-2 max-md:grid-cols-1">
            <Link href={line.link} className="text-xs leading-5 text-ink-2 hover:underline">
                {ofWords(line.of)}
            </Link>
            <div className="min-w-0">
                {notes.length > 0 && <p className="text-xs text-ink-2">{notes.join(', ')}</p>}
                <p className="wrap-anywhere whitespace-pre-wrap">{line.words}</p>
            </div>
        </li>
    );
}
