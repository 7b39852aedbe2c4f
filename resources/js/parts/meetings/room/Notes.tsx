import { useEffect, useState } from 'react';
import { NoteLine } from './NoteLine';
import { LineField } from './LineField';
import { shownLines } from './shownLines';
import type { ItemRow } from '../../../generated/props';
import { settleLines, useKeptLines, writeLine } from '../../../lib/kept/lines';

interface Props {
    item: ItemRow;
    mayWrite: boolean;
    /** A slip in lines of others, too. */
    mayCorrect?: boolean;
}

/**
 * Notes as lines: each is its writer's, and lines of several people stand one after the other. What is written here is kept
 * in the browser from the first key, shows at once, and is sent as soon as there is a network.
 */
export function Notes({ item, mayWrite, mayCorrect = false }: Props) {
    const kept = useKeptLines(item.id);
    const open = kept.find((line) => line.state === 'new');
    const [newKey, setNewKey] = useState<string>(() => crypto.randomUUID());
    const key = open?.key ?? newKey;
    const lines = shownLines(item.lines, kept).filter((line) => line.key !== open?.key);

    useEffect(() => {
        settleLines(item.id, item.lines);
    }, [item.id, item.lines, kept.length]);

    const finish = (words: string) => {
        writeLine(item.id, key, words, 'done');
        setNewKey(crypto.randomUUID());
    };

    return (
        <section aria-label={`Notes on ${item.title}`}>
            <ol className="ruled min-h-13">
                {lines.map((line) => (
                    <NoteLine key={line.key} item={item} line={line} mayWrite={mayWrite} mayCorrect={mayCorrect} />
                ))}
                {mayWrite && (
                    <li data-new-line>
                        <LineField
                            label="Write a line"
                            value={open?.words ?? ''}
                            onChange={(words) => {
                                // What is pasted as several lines becomes several.
                                const parts = words.split('\n');
                                const last = parts.pop() ?? '';

                                if (parts.length === 0) {
                                    writeLine(item.id, key, last, 'new');

                                    return;
                                }

                                finish(parts[0] ?? '');
                                parts.slice(1).forEach((part) => {
                                    writeLine(item.id, crypto.randomUUID(), part, 'done');
                                });

                                if (last !== '') {
                                    writeLine(item.id, crypto.randomUUID(), last, 'new');
                                }
                            }}
                            onEnter={() => {
                                finish(open?.words ?? '');
                            }}
                        />
                    </li>
                )}
            </ol>
        </section>
    );
}
