import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { SaveOrCancel } from '../fields/SaveOrCancel';
import { useForm } from '../../lib/kept/useForm';
import { MarkTelling } from '../signs/MarkTelling';
import { Section } from '../signs/Section';
import { TagMark } from './TagMark';
import { WriteLine } from './WriteLine';
import type { LogRow, LogTag } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { TextArea } from '../../ui/Field';
import { Pressed } from '../../ui/Pressed';
import { TimeField } from '../../ui/TimeField';

interface Props {
    on: string;
    lines: LogRow[];
    /** A day to come has none yet. */
    mayWrite: boolean;
}

/** The running log of a day. A line that begins with "Finding:", "Decision:" or "Idea:" is found again by that. */
export function Log({ on, lines, mayWrite }: Props) {
    return (
        <Section
            title="Log"
            className="mt-8"
            aside={
                <Link href={route('log')} className="link">
                    whole log
                </Link>
            }
        >
            <ul>
                {lines.map((line) => (
                    <Line key={line.id} line={line} />
                ))}
            </ul>
            {mayWrite && <WriteLine on={on} />}
            {mayWrite && lines.length === 0 && (
                <p className="mt-1 text-xs text-ink-2">Begin a line with “Finding:”, “Decision:” or “Idea:” to find it again later.</p>
            )}
        </Section>
    );
}

function Line({ line }: { line: LogRow }) {
    const [isOpen, setOpen] = useState(false);

    return (
        <li className="group/log flex gap-3 py-1">
            {isOpen ? (
                <EditLine
                    line={line}
                    onDone={() => {
                        setOpen(false);
                    }}
                />
            ) : (
                <>
                    <span className="w-10 flex-none pt-0.5 font-mono text-xs text-ink-2">{line.at}</span>
                    <span className="min-w-0 flex-1">
                        <Pressed
                            label={`Edit the line of ${line.at}`}
                            isActive
                            onPress={() => {
                                setOpen(true);
                            }}
                        >
                            <span className="wrap-anywhere">{line.words}</span> <TagMark tag={line.tag} />
                        </Pressed>
                    </span>
                    <MarkTelling
                        source="log"
                        id={line.id}
                        isWorth={line.isWorthTelling}
                        className={clsx(
                            'self-start',
                            !line.isWorthTelling &&
                                'opacity-0 group-focus-within/log:opacity-100 group-hover/log:opacity-100 pointer-coarse:opacity-100',
                        )}
                    />
                </>
            )}
        </li>
    );
}

const tags: { value: LogTag; words: string }[] = [
    { value: 'finding', words: 'Finding' },
    { value: 'decision', words: 'Decision' },
    { value: 'idea', words: 'Idea' },
];

function EditLine({ line, onDone }: { line: LogRow; onDone: () => void }) {
    const form = useForm(`log line ${String(line.id)}`, { words: line.words, at: line.at, tag: line.tag ?? '' });

    return (
        <form
            className="w-full space-y-2 py-1"
            onSubmit={(event) => {
                event.preventDefault();
                form.put(route('log-lines.update', line.id), { onSuccess: onDone });
            }}
        >
            <TextArea label="Line" rows={2} maxLength={2000} {...bind(form, 'words')} />
            <Choices
                label="Tag"
                value={form.data.tag}
                choices={tags}
                onChoose={(tag) => {
                    form.setData('tag', tag);
                }}
            />
            <TimeField label="At" className="w-28" {...bind(form, 'at')} />
            <SaveOrCancel form={form} isDisabled={form.data.words.trim() === ''} onCancel={onDone}>
                <Button
                    kind="quiet"
                    onClick={() => {
                        act('delete', route('log-lines.destroy', line.id));
                    }}
                >
                    Delete
                </Button>
            </SaveOrCancel>
        </form>
    );
}
