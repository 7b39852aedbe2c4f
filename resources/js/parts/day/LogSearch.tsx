import { type SubmitEvent, useState } from 'react';
import type { LogTag, LogView } from '../../generated/props';
import { Choices } from '../../ui/Choices';
import { TextField } from '../../ui/Field';

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
                <TextField
                    label="Search these lines"
                    isLabelHidden
                    placeholder="Search these lines"
                    maxLength={200}
                    className="w-56 max-md:w-full"
                    value={words}
                    onChange={(event) => {
                        setWords(event.target.value);
                    }}
                />
            </form>
        </>
    );
}
