import { useSyncExternalStore } from 'react';
import { ask } from './ask';
import { type Change, type Hearer, type Hindrance, here, type Receipt } from './change';
import { dropChange, keepChange, keptChanges, tabName } from './kept';
import { watched } from '../watched';

/**
 * Every change, in the order in which it was made. It is written down before it is sent, and sent until the server has said what
 * became of it: through another page, a reload, a network that is gone, a server that fell. Steps go one after the other, as Undo
 * goes back by them; what is no step waits only for what is beside the same.
 */

type Ways = Pick<Change, 'method' | 'url'> & Partial<Omit<Change, 'method' | 'url' | 'turn' | 'page' | 'tab'>>;

/** Only this page knows of it: it is gone with it. */
interface Beside extends Hearer {
    /** The page as it will be. It is given whatever page is open, and leaves alone what it does not know. */
    guess?: ((page: unknown) => unknown) | undefined;
    file?: File | undefined;
}

/** How often what was hindered is tried again, in milliseconds. */
const AGAIN = 4000;

const FILE_LOST = 'The page was left before this file was sent. Please add it again.';

let writer = 0;
/** Those that the server has not answered, and those that it refused. */
let list: Change[] = [];
/** Those that are done, until the open page shows it. */
let landed: Change[] = [];
let hindrance: Hindrance | null = null;
const besides = new Map<string, Beside>();
const underWay = new Set<string>();
const { watch, tell: tellWatchers } = watched();
type Reader = (change: Change, receipt: Receipt | Hindrance, isShown: boolean) => void;
const readers = new Set<Reader>();

function set(now: { list?: Change[]; landed?: Change[]; hindrance?: Hindrance | null }): void {
    list = now.list ?? list;
    landed = now.landed ?? landed;
    hindrance = now.hindrance === undefined ? hindrance : now.hindrance;
    tellWatchers();
}

/** Whose they are: what somebody else wrote in this browser is neither shown nor sent. */
export function openQueue(person: number): () => void {
    if (person !== writer) {
        set({ list: [], landed: [], hindrance: null });
        besides.clear();
        underWay.clear();
    }

    writer = person;
    const goOn = () => {
        takeUp();
        pump();
    };
    goOn();
    const timer = setInterval(goOn, AGAIN);
    window.addEventListener('online', pump);

    return () => {
        clearInterval(timer);
        window.removeEventListener('online', pump);
    };
}

function takeUp(): void {
    const known = new Set([...list, ...landed].map(({ key }) => key));
    const found = keptChanges(writer).filter(({ key }) => !known.has(key));

    if (found.length > 0) {
        set({ list: [...list, ...found].sort((one, other) => one.turn - other.turn) });
    }
}

/** Takes a change in: from here on it is not lost. What waits beside the same, and was not sent yet, is overtaken by it. */
export function send(change: Ways, { guess, file, ...hearer }: Beside = {}): Change {
    const overtaken = list.filter(({ key, beside }) => beside !== undefined && beside === change.beside && !underWay.has(key));
    overtaken.forEach(({ key }) => {
        dropChange(writer, key);
        besides.delete(key);
    });
    const made: Change = {
        key: crypto.randomUUID(),
        data: {},
        place: document.title.replace(/ · Loftrin$/, ''),
        text: '',
        ...change,
        page: here(),
        tab: tabName(),
        turn: Math.max(Date.now(), (list.at(-1)?.turn ?? 0) + 1),
    };
    besides.set(made.key, { guess, file, ...hearer });

    // A file is too much to write down: where its page is left before it was sent, it is said that it was not.
    keepChange(writer, file === undefined ? made : { ...made, text: file.name, refused: FILE_LOST });
    set({ list: [...list.filter((each) => !overtaken.includes(each)), made] });
    // Whoever makes several at once has made them all before the first is sent.
    queueMicrotask(pump);

    return made;
}

const isOpen = ({ refused }: Change) => refused === undefined;

const mayGo = (change: Change, before: Change[]) =>
    !underWay.has(change.key) && before.every(({ beside }) => change.beside !== undefined && beside !== change.beside);

/** Sends whatever need not wait. */
function pump(): void {
    if (writer === 0) {
        return;
    }

    const open = list.filter(isOpen);
    open.filter((change, at) => mayGo(change, open.slice(0, at))).forEach((change) => void run(change));
}

async function run(change: Change): Promise<void> {
    const whose = writer;
    underWay.add(change.key);
    const receipt = await ask(change, besides.get(change.key)?.file);

    // Somebody else has signed in meanwhile: it is theirs no more to hear of.
    if (whose !== writer) {
        return;
    }

    underWay.delete(change.key);
    const beside = besides.get(change.key) ?? {};

    if (receipt.outcome === 'later') {
        set({ hindrance: receipt });
        list.filter(isOpen).forEach(({ key }) => besides.get(key)?.onWaits?.());
        tell(change, receipt, false);

        return;
    }

    besides.delete(change.key);

    if (receipt.outcome === 'done') {
        dropChange(whose, change.key);

        if (change.isShown !== true) {
            // What is guessed of the page stays until the page itself says so.
            besides.set(change.key, { guess: beside.guess });
            landed = [...landed, change];
        }

        set({ list: list.filter(({ key }) => key !== change.key), hindrance: null });
        beside.onDone?.(receipt);
        tell(change, receipt, false);
    } else {
        const isShown = beside.onRefused?.(receipt) === true;
        const isListed = !isShown && change.text !== '';

        if (isListed) {
            showRefused(change, receipt.message);
        } else {
            discard(change.key);
        }

        tell(change, receipt, isShown || isListed);
    }

    pump();
}

/** What nobody shows where it was made is listed with what was written, and can be copied. */
function showRefused(change: Change, why: string): void {
    const refused = { ...change, refused: why };
    keepChange(writer, refused);
    set({ list: list.map((each) => (each.key === change.key ? refused : each)), hindrance: null });
}

function tell(change: Change, receipt: Receipt | Hindrance, isShown: boolean): void {
    readers.forEach((hear) => {
        hear(change, receipt, isShown);
    });
}

/** Hears what becomes of every change, and whether what was refused is shown somewhere. */
export function onReceipt(hear: Reader): () => void {
    readers.add(hear);

    return () => void readers.delete(hear);
}

export function discard(key: string): void {
    dropChange(writer, key);
    set({ list: list.filter((each) => each.key !== key), hindrance: null });
}

/** What is done and not shown yet, as it stands now. */
export const landedNow = (): Change[] => landed;

/** The open page shows these by now. */
export function settle(shown: Change[]): void {
    if (shown.length > 0) {
        shown.forEach(({ key }) => besides.delete(key));
        set({ landed: landed.filter((each) => !shown.includes(each)) });
    }
}

/** Whether anything is on its way or waits for it. */
export const isBusy = (): boolean => list.some(isOpen);

/** How many of a kind the server has not answered. */
export const countOpen = (kind: (change: Change) => boolean): number => list.filter((each) => isOpen(each) && kind(each)).length;

/** Those of a form that the server has not answered, and those that the page does not show yet. */
export function ofForm(name: string): { sent: Change[]; landed: Change[] } {
    const isOwn = ({ form }: Change) => form?.name === name;

    return { sent: list.filter((each) => isOpen(each) && isOwn(each)), landed: landed.filter(isOwn) };
}

/** The page as it will be once all is done that was pressed on it. */
export const guessed = <T>(page: T): T =>
    [...landed, ...list.filter(isOpen)].reduce<T>((shown, { key }) => (besides.get(key)?.guess?.(shown) as T | undefined) ?? shown, page);

/** All that is not done. */
export const useChanges = (): Change[] => useSyncExternalStore(watch, () => list);

/** Those that are done, and not shown yet. */
export const useLanded = (): Change[] => useSyncExternalStore(watch, () => landed);

/** Why nothing goes on at present. */
export const useHindrance = (): Hindrance | null => useSyncExternalStore(watch, () => hindrance);
