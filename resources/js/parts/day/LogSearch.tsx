import { type SubmitEvent, useState } from 'react';
import type { LogTag, LogView } from '../../generated/props';
import { Choices } from '../../ui/Choices';

const tags: Record<LogTag, string> = { finding: 'findings', decision: 'decisions', idea: 'ideas' };

/** Narrows the log to lines of a kind, or to those that hold some words: over all days. */
export function LogSearch({ page, onLook }: { page: LogView; onLook: (tag: LogTag | '', words: string) => void }) {
    const [words, setWords] = useState(page.words);
    const submit = (event: SubmitEvent) => {
        event.preventDefault();
        onLook(page.tag ?? '', words);
    };

    return (
        <>
            <Choices
                label="Only lines with the tag"
                value={page.tag ?? ''}
                choices={(Object.keys(tags) as LogTag[]).map((tag) => ({
                    value: tag,
                    words: `${tags[tag]} ${String(page.counts[tag] ?? 0)}`,
                }))}
                onChoose={(tag) => {
                    onLook(tag, words);
                }}
            />
            <form role="search" onSubmit={submit} className="ml-auto max-md:ml-0 max-md:w-full">
                <input
                    type="search"
                    aria-label="Search these lines"
                    placeholder="Search these lines"
                    maxLength={200}
                    value={words}
                    className="w-56 border-b border-rule bg-transparent py-1 text-sm placeholder:text-ink-2 max-md:w-full"
                    onChange={(event) => {
                        setWords(event.target.value);
                    }}
                />
            </form>
        </>
    );
}
