import { clsx } from 'clsx';
import { type KeyboardEvent, type MouseEvent, useEffect, useRef, useState } from 'react';
import { CorrectLine } from './CorrectLine';
import { LineField } from './LineField';
import type { ShownLine } from './shownLines';
import type { ItemRow } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { Menu, MenuItem } from '../../../ui/Menu';
import { isKey, useKeyWords } from '../../../lib/keys';
import { forgetLine, writeLine } from '../../../lib/kept/lines';
import { route } from '../../../lib/routes';
import { first } from '../../../lib/words';

const lineKeys = {
    s: 'Make a next step of the focused line',
    d: 'Make a decision of the focused line',
    Enter: 'Edit the focused line',
};

const quiet = 'text-xs text-ink-2 hover:text-ink hover:underline';

/** On touch the acts fold into one button: the words keep the width of the screen. */
const more = '-my-3 hidden size-11 flex-none items-center justify-center text-ink-2 pointer-coarse:flex';

interface Props {
    item: ItemRow;
    line: ShownLine;
    mayWrite: boolean;
    mayCorrect: boolean;
}

/** A line of the notes: pressed, it is written on. It becomes a decision or a next step where it stands, with one called key. */
export function NoteLine({ item, line, mayWrite, mayCorrect }: Props) {
    const [isEdited, setEdited] = useState(false);
    useKeyWords(lineKeys);
    const canBecome = mayWrite && line.became === null && line.words.trim() !== '';
    const does = becoming(item, line);
    const become = useOnceSent(line, does);
    const mayEdit = mayWrite && (line.isMine || (mayCorrect && line.id !== null && line.became === null));
    const edit = () => {
        setEdited(true);
    };
    const hear = (event: KeyboardEvent<HTMLLIElement>) => {
        const run = {
            s: canBecome && isKey(event.nativeEvent) ? become('step') : undefined,
            d: canBecome && isKey(event.nativeEvent) ? become('decide') : undefined,
            Enter: event.target === event.currentTarget && mayEdit ? edit : undefined,
        }[event.key];

        if (run !== undefined && !event.ctrlKey && !event.metaKey) {
            event.preventDefault();
            setEdited(run === edit);
            run();
        }
    };
    const press = ({ target }: MouseEvent) => {
        if (!mayWrite || !(target instanceof Element) || target.closest('button, textarea') !== null) {
            return;
        }

        if (mayEdit) {
            edit();
        } else {
            // Somebody else's words stay theirs; what is typed next is a line of one's own.
            target.closest('ol')?.querySelector<HTMLElement>('[data-new-line] textarea')?.focus();
        }
    };

    if (isEdited) {
        const leave = () => {
            setEdited(false);
        };

        return (
            // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- hears what is called
            <li onKeyDown={hear}>
                {line.isMine || line.id === null ? (
                    <EditOwnLine item={item} line={line} onDone={leave} />
                ) : (
                    <CorrectLine id={line.id} words={line.words} onDone={leave} />
                )}
            </li>
        );
    }

    return (
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- hears keys
        <li
            className={clsx('group relative flex items-baseline gap-3', mayEdit && 'cursor-text')}
            // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- hears keys
            tabIndex={mayWrite ? 0 : undefined}
            onKeyDown={hear}
            onClick={press}
            data-note-line
        >
            <Words line={line} />
            <WhatCanBecome
                does={does}
                line={line}
                mayWrite={mayWrite}
                mayBecome={canBecome && line.id !== null}
                onEdit={mayEdit ? edit : null}
            />
            <Whose line={line} />
        </li>
    );
}

/** What it says, and what became of it. */
function Words({ line }: { line: ShownLine }) {
    return (
        <>
            <span className={clsx('min-h-6.5 min-w-0 flex-1 wrap-anywhere whitespace-pre-wrap', line.became !== null && 'font-semibold')}>
                {line.words}
            </span>
            {line.became !== null && <span className="flex-none text-xs text-ink-2">{line.became}</span>}
        </>
    );
}

type Becoming = ReturnType<typeof becoming>;

/** Makes something of a line: at once, or as soon as the server has it. */
function useOnceSent(line: ShownLine, does: Becoming) {
    const wanted = useRef<'step' | 'decide' | null>(null);

    useEffect(() => {
        if (wanted.current !== null && line.id !== null) {
            const what = wanted.current;
            wanted.current = null;
            does[what]();
        }
    });

    return (what: 'step' | 'decide') => () => {
        if (line.id === null) {
            wanted.current = what;
        } else {
            does[what]();
        }
    };
}

/** What can become of a line. */
function becoming(item: Props['item'], line: ShownLine) {
    return {
        step: () => {
            act('post', route('items.step', item.id), { title: line.words, line: line.id });
        },
        decide: () => {
            act('post', route('items.decide', item.id), { words: line.words.slice(0, 1000), line: line.id });
        },
        remove: () => {
            forgetLine(line.key);

            if (line.id !== null) {
                act('delete', route('note-lines.destroy', line.id));
            }
        },
    };
}

/** One's own line, written on where it stands. */
function EditOwnLine({ item, line, onDone }: Pick<Props, 'item' | 'line'> & { onDone: () => void }) {
    const leave = () => {
        onDone();
        writeLine(item.id, line.key, line.words, 'done', line.version);
    };

    return (
        <LineField
            label="Edit the line"
            isFocused
            value={line.words}
            onChange={(words) => {
                writeLine(item.id, line.key, words.replaceAll('\n', ' '), 'edited', line.version);
            }}
            onEnter={leave}
            onLeave={leave}
        />
    );
}

interface BecomeProps extends Pick<Props, 'line' | 'mayWrite'> {
    does: Becoming;
    mayBecome: boolean;
    /** Null where it is not one's to edit. */
    onEdit: (() => void) | null;
}

function WhatCanBecome({ does: { step, decide, remove }, line, mayWrite, mayBecome, onEdit }: BecomeProps) {
    const isOpen = line.became === null;
    const acts: { words: string; title?: string; run: () => void }[] = [
        ...(mayBecome
            ? [
                  { words: 'Next step', title: 'Make a next step of it', run: step },
                  { words: 'Decision', title: 'Make a decision of it', run: decide },
              ]
            : []),
        ...(onEdit !== null && isOpen ? [{ words: line.isMine ? 'Edit' : 'Correct', run: onEdit }] : []),
        ...(mayWrite && line.isMine && isOpen ? [{ words: 'Delete', run: remove }] : []),
    ];

    return (
        acts.length > 0 && (
            <>
                <span
                    className={clsx(
                        'absolute right-16 flex gap-2 bg-sheet pl-3 opacity-0 group-hover:opacity-100',
                        'focus-within:opacity-100 pointer-coarse:hidden',
                    )}
                >
                    {acts.map(({ words, title, run }) => (
                        <button key={words} type="button" className={quiet} title={title} onClick={run}>
                            {words}
                        </button>
                    ))}
                </span>
                <Menu
                    trigger={
                        <button type="button" aria-label="What can become of this line" className={more}>
                            …
                        </button>
                    }
                >
                    {acts.map(({ words, title, run }) => (
                        <MenuItem key={words} onSelect={run}>
                            {title ?? words}
                        </MenuItem>
                    ))}
                </Menu>
            </>
        )
    );
}

function Whose({ line }: { line: ShownLine }) {
    return (
        <span className="w-16 flex-none text-right text-xs text-ink-2" title={line.at}>
            <span className="block truncate">{line.who === null ? (line.isMine ? 'sending' : '') : first(line.who.name)}</span>
            {line.correctedBy !== null && <span className="block leading-tight">corrected by {first(line.correctedBy)}</span>}
        </span>
    );
}
