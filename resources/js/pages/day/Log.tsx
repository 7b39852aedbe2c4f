import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import type { LogTag, LogView } from '../../generated/props';
import { dayWords, hoursWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { MonthOfDays } from '../../parts/day/MonthOfDays';
import { TagMark } from '../../parts/day/TagMark';
import { Empty, Section } from '../../parts/signs/Section';
import { Choices } from '../../ui/Choices';
import { TextField } from '../../ui/Field';

const tags: { value: LogTag; words: string }[] = [
    { value: 'finding', words: 'Findings' },
    { value: 'decision', words: 'Decisions' },
    { value: 'idea', words: 'Ideas' },
];

/** A month of one's days at a glance, and every line of the log found again. */
export default function Log({ page }: { page: LogView }) {
    const { month } = page;
    const isFound = page.tag !== null || page.words !== '';
    const look = (tag: LogTag | '', words: string) => {
        router.get(
            route('log', month.name),
            { ...(tag !== '' && { tag }), ...(words.trim() !== '' && { words }) },
            { preserveState: true, preserveScroll: true, replace: true },
        );
    };

    return (
        <div className="grid flex-1 grid-cols-[1fr_372px] max-lg:grid-cols-1">
            <Head title="Log" />
            <div className="min-w-0 px-6 py-5 max-md:px-4">
                <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                    <h1>{`${month.words} ${month.first.slice(0, 4)}`}</h1>
                    <p className="flex gap-4 text-sm">
                        <Link href={route('log', month.previous)} className="link">
                            Previous month
                        </Link>
                        {month.last < page.today && (
                            <Link href={route('log', month.next)} className="link">
                                Next month
                            </Link>
                        )}
                    </p>
                </div>
                <p className="text-xs text-ink-2">Only you see this. {hoursWords(page.focusMinutes)} of focus sessions.</p>
                <MonthOfDays page={page} />
                <Section title="Answers" className="mt-8">
                    {page.answers.length === 0 && <Empty>No evening of this month was answered in words.</Empty>}
                    <ul className="divide-y divide-hairline">
                        {page.answers.map((answer) => (
                            <li
                                key={`${answer.on} ${answer.question}`}
                                className="flex items-baseline gap-4 py-1.5 max-md:flex-col max-md:gap-0"
                            >
                                <Link href={route('days.show', answer.on)} className="w-24 flex-none text-xs text-ink-2 hover:underline">
                                    {dayWords(answer.on)}
                                </Link>
                                <span className="w-44 flex-none text-xs text-ink-2">{answer.question}</span>
                                <span className="min-w-0 flex-1 wrap-anywhere whitespace-pre-line">{answer.words}</span>
                            </li>
                        ))}
                    </ul>
                </Section>
            </div>
            <aside className="border-l border-hairline px-6 py-5 max-lg:border-0 max-md:px-4">
                <h2 className="text-base">Log</h2>
                <Find key={`${page.tag ?? ''} ${page.words}`} page={page} onLook={look} />
                {page.lines.length === 0 && <Empty>{isFound ? 'No line is like that.' : 'Nothing was written in this month.'}</Empty>}
                <ul className="mt-2 divide-y divide-hairline">
                    {page.lines.map((line) => (
                        <li key={line.id} className="flex items-baseline gap-3 py-1.5">
                            <Link href={route('days.show', line.on)} className="w-28 flex-none text-xs text-ink-2 hover:underline">
                                {dayWords(line.on)}
                            </Link>
                            <span className="min-w-0 flex-1 wrap-anywhere">
                                {line.words} <TagMark tag={line.tag} />
                            </span>
                        </li>
                    ))}
                </ul>
                {page.hasMore && <p className="py-2 text-xs text-ink-2">There are more. Add a word to find fewer.</p>}
            </aside>
        </div>
    );
}

function Find({ page, onLook }: { page: LogView; onLook: (tag: LogTag | '', words: string) => void }) {
    const [words, setWords] = useState(page.words);

    return (
        <form
            className="mt-1"
            onSubmit={(event) => {
                event.preventDefault();
                onLook(page.tag ?? '', words);
            }}
        >
            <Choices
                label="Only lines with the tag"
                value={page.tag ?? ''}
                choices={tags}
                onChoose={(tag) => {
                    onLook(tag, words);
                }}
            />
            <TextField
                label="Words"
                isLabelHidden
                placeholder="Words in any line, of any month"
                className="mt-1"
                value={words}
                onChange={(event) => {
                    setWords(event.target.value);
                }}
            />
        </form>
    );
}
