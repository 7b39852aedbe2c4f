import { useSyncExternalStore } from 'react';
import { drop, keysOf, load, save } from './storage';
import { LEFT, tabName } from '../queue/kept';
import { countOpen, send } from '../queue/queue';
import { route } from '../routes';
import { watched } from '../watched';

/** A line of notes as it is kept in this browser, from its first key until the server shows it. */
export interface KeptLine {
    key: string;
    item: number;
    words: string;
    /** Counts the texts that it had: what arrives late does not replace what is newer. */
    version: number;
    /** The last of them that was given to be sent; 0 for none. */
    sent: number;
    /** Whether it is being written as the last line, or anew, or is left as it is. */
    state: 'new' | 'edited' | 'done';
    /** The page on which it is written, and when it was last. */
    page: string;
    at: number;
}

/** How long one has to rest before a line is sent while it is written, in milliseconds. */
const REST = 500;

let writer = 0;
let list: KeptLine[] = [];
const timers = new Map<string, ReturnType<typeof setTimeout>>();
const { watch, tell } = watched();

const prefix = () => `line ${String(writer)} `;

function set(lines: KeptLine[]): void {
    list = lines;
    tell();
}

/** Whose lines they are. What was not sent when the page was left is sent now. */
export function openLines(person: number): () => void {
    writer = person;
    const page = tabName();
    set(
        keysOf(prefix())
            .flatMap((key) => (load(key) as KeptLine | null) ?? [])
            .filter((line) => line.page === page || Date.now() - line.at > LEFT)
            .map((line) => ({ ...line, page, state: line.state === 'new' ? 'new' : 'done' })),
    );
    list.filter(({ version, sent }) => sent < version).forEach(push);
    const leave = () => {
        flushLines();
    };
    window.addEventListener('pagehide', leave);

    return () => {
        window.removeEventListener('pagehide', leave);
    };
}

function keep(line: KeptLine): void {
    save(prefix() + line.key, line);
    set(list.some(({ key }) => key === line.key) ? list.map((each) => (each.key === line.key ? line : each)) : [...list, line]);
}

function push(line: KeptLine): void {
    clearTimeout(timers.get(line.key));
    timers.delete(line.key);
    keep({ ...line, sent: line.version });
    send({
        key: `${line.key}-${String(line.version)}`,
        beside: `line ${line.key}`,
        isShown: true,
        method: 'put',
        url: route('lines.write', line.item),
        data: { key: line.key, words: line.words, version: line.version },
        text: line.words,
    });
}

/** Keeps what is written of a line; it is sent when one rests, or at once when the line is finished. */
export function writeLine(item: number, key: string, words: string, state: KeptLine['state'], seen = 0): void {
    const before = list.find((line) => line.key === key);
    const line: KeptLine = {
        ...{ key, item, words, state, page: tabName(), at: Date.now() },
        version: Math.max(before?.version ?? 0, seen) + (before?.words === words ? 0 : 1),
        sent: before?.sent ?? 0,
    };

    keep(line);

    if (state === 'done') {
        push(line);
    } else {
        clearTimeout(timers.get(key));
        timers.set(
            key,
            setTimeout(() => {
                const latest = list.find((each) => each.key === key);

                if (latest !== undefined && latest.sent < latest.version) {
                    push(latest);
                }
            }, REST),
        );
    }
}

/** Sends at once what is still being written. */
export function flushLines(): void {
    list.filter(({ version, sent }) => sent < version).forEach(push);
}

/** Forgets lines that the server shows as they are here, unless they are still being written. */
export function settleLines(item: number, shown: { key: string; version: number }[]): void {
    const known = new Map(shown.map(({ key, version }) => [key, version]));
    const done = list.filter((line) => line.item === item && line.state === 'done' && (known.get(line.key) ?? -1) >= line.version);

    if (done.length > 0) {
        done.forEach(({ key }) => {
            drop(prefix() + key);
        });
        set(list.filter((line) => !done.includes(line)));
    }
}

export function forgetLine(key: string): void {
    clearTimeout(timers.get(key));
    drop(prefix() + key);
    set(list.filter((line) => line.key !== key));
}

/** How many lines the server does not have as they are here. */
export const unsentLines = (): number =>
    list.filter(({ version, sent }) => sent < version).length + countOpen(({ beside }) => beside?.startsWith('line ') === true);

/** The lines of an item that are kept here, in the order in which they were begun. */
export function useKeptLines(item: number): KeptLine[] {
    const all = useSyncExternalStore(watch, () => list);

    return all.filter((line) => line.item === item);
}
