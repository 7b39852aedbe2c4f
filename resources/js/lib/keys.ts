import { useEffect, useRef } from 'react';
import { setting } from './kept/setting';

const off = setting('single-keys-off');

/** Whether single keys are heard at all: who uses speech input may want them off. */
export const singleKeys = {
    areOn: () => off.get() === null,
    turn: (on: boolean) => {
        off.set(on ? null : '1');
    },
};

/** Whether a dialog or a menu is open above the page: keys and focus are its own. */
export const isUnderneath = (): boolean => document.querySelector('[role="dialog"], [role="menu"]') !== null;

function isTyping(target: EventTarget | null): boolean {
    return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

/** The name of a key press: "n", "Ctrl k", "Ctrl Shift z", "Ctrl Enter". */
function nameOf(event: KeyboardEvent): string {
    const isCommand = event.ctrlKey || event.metaKey;
    const isLetter = event.key.length === 1;

    return (
        (isCommand ? 'Ctrl ' : '') +
        (isCommand && event.shiftKey && isLetter ? 'Shift ' : '') +
        (isCommand && isLetter ? event.key.toLowerCase() : event.key)
    );
}

export interface Key {
    /** What it does, as the page of keys says it. */
    words: string;
    run: () => void;
}

/** What can be answered by one key each, as keys that are heard. */
export const keysOf = (answers: (Key & { key: string })[]): Record<string, Key> =>
    Object.fromEntries(answers.map(({ key, words, run }) => [key, { words, run }]));

const changes = setting('changed-keys');

/** Single keys that a person has replaced by others, by the key that was meant at first. */
export const changedKeys = {
    all: (): Record<string, string> => {
        const kept: unknown = JSON.parse(changes.get() ?? '{}');

        return typeof kept === 'object' && kept !== null ? (kept as Record<string, string>) : {};
    },
    change: (key: string, chosen: string) => {
        const others = Object.entries(changedKeys.all()).filter(([each]) => each !== key);
        changes.set(JSON.stringify(Object.fromEntries(chosen === key ? others : [...others, [key, chosen]])));
    },
    /** The key that is pressed for what the other one does. */
    of: (key: string) => changedKeys.all()[key] ?? key,
};

/** What a pressed key stands for: nothing, where it was given up for another. */
export function meaning(name: string): string {
    const changed = changedKeys.all();
    const meant = Object.keys(changed).find((key) => changed[key] === name);

    return meant ?? (name in changed ? '' : name);
}

/** How many parts of the page have people write: there a letter is a letter, and a key is called first. */
let writing = 0;

/** The key presses that were called: by "Ctrl ." before them, wherever one writes. */
const called = new WeakSet<Event>();

/** Whether a press of one letter or digit means its key here. */
export const isKey = (event: Event): boolean => called.has(event) || (writing === 0 && singleKeys.areOn());

/** Single letters are no keys while the part is there: a slip would do something in the middle of a word. "Ctrl ." calls one. */
export function useWrittenIn(): void {
    useKeyWords(callWords);

    useEffect(() => {
        writing++;
        let isCalling = false;
        // Before anybody else hears it; what is called is a key and no letter of a text.
        const hear = (event: KeyboardEvent) => {
            if (nameOf(event) === 'Ctrl .') {
                event.preventDefault();
                isCalling = true;
            } else if (isCalling && event.key.length === 1) {
                isCalling = isSecondComing(event.key);
                called.add(event);
            }
        };
        window.addEventListener('keydown', hear, true);

        return () => {
            writing--;
            window.removeEventListener('keydown', hear, true);
        };
    }, []);
}

const callWords = { 'Ctrl .': 'While a meeting runs, comes before a single key' };

/** Whether a key of two parts begins so. */
const isSecondComing = (key: string) => keysNow().some(([each]) => each.startsWith(`${key} `));

/** How long the first part of a key of two waits for the second, in milliseconds. */
const WAIT = 1200;

/** When the first part of a key of two was pressed last. */
let begunAt = 0;

/** Whether the next press is the second part of a key of two ("g w"), and means nothing by itself. */
export const isSecondPart = (): boolean => Date.now() - begunAt < WAIT;

/** What is heard at present, by how many parts of the page: keys with what they do, in the words of the page of keys. */
const heard = new Map<Record<string, string>, number>();

/** The keys that are heard on the present page, each once. */
export const keysNow = (): [string, string][] => Object.entries(Object.assign({}, ...heard.keys()) as Record<string, string>);

function listen(words: Record<string, string>): () => void {
    heard.set(words, (heard.get(words) ?? 0) + 1);

    return () => {
        const others = (heard.get(words) ?? 1) - 1;

        if (others === 0) {
            heard.delete(words);
        } else {
            heard.set(words, others);
        }
    };
}

/** Says on the page of keys what an element hears by itself while it has the focus. The words are one constant object. */
export function useKeyWords(words: Record<string, string>): void {
    useEffect(() => listen(words), [words]);
}

/**
 * Listens to keys while the component is there, and says them on the page of keys. A key of two parts ("g w") is pressed one
 * after the other. Single keys rest while one types and while a dialog is open.
 */
export function useKeys(keys: Record<string, Key>): void {
    const current = useRef(keys);
    const before = useRef<{ key: string; at: number }>({ key: '', at: 0 });
    const words = JSON.stringify(Object.fromEntries(Object.entries(keys).map(([key, { words: said }]) => [key, said])));

    useEffect(() => {
        current.current = keys;
    });
    useEffect(() => listen(JSON.parse(words) as Record<string, string>), [words]);

    useEffect(() => {
        const hear = (event: KeyboardEvent) => {
            const name = nameOf(event);
            const isSingle = !name.startsWith('Ctrl ');

            const isLetter = isSingle && event.key.length === 1;

            if (event.defaultPrevented || event.altKey || (isSingle && isTyping(event.target) && !called.has(event))) {
                return;
            }

            if (isLetter ? !isKey(event) : isSingle && !singleKeys.areOn()) {
                return;
            }

            // What is above the page has its own keys, and its own big next step.
            if ((isSingle || name === 'Ctrl Enter') && isUnderneath()) {
                return;
            }

            const first = Date.now() - before.current.at < WAIT ? before.current.key : '';
            const second = current.current[`${first} ${name}`];
            const key = second ?? current.current[isSingle ? meaning(name) : name];
            // The second part of a key is not the first of the next: "g g" and then "w" is not "g w".
            before.current = { key: second === undefined ? name : '', at: Date.now() };

            if (second !== undefined) {
                begunAt = 0;
            } else if (Object.keys(current.current).some((each) => each.startsWith(`${name} `) && !name.startsWith('Ctrl'))) {
                begunAt = Date.now();
            }

            if (key !== undefined) {
                event.preventDefault();
                key.run();
            }
        };

        window.addEventListener('keydown', hear);

        return () => {
            window.removeEventListener('keydown', hear);
        };
    }, []);
}
