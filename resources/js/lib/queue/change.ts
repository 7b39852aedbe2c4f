export type Method = 'post' | 'put' | 'delete';

/** A change that somebody makes: what the server is asked to do, once, under its key. Kept as it stands until it is answered. */
export interface Change {
    /** Under this key the server does it once, however often it is sent, and answers alike. */
    key: string;
    method: Method;
    url: string;
    data: object;
    /** Where it stands among the others: they are sent as they were made. */
    turn: number;
    /** The page on which it was made: only from there its answer leads on. */
    page: string;
    /** The tab in which it was made, through reloads. */
    tab: string;
    /** Where it was made, and what was written: for whoever has to copy it. */
    place: string;
    text: string;
    /** What is no step to go back by, as a line that is sent while it grows, waits only for what is beside the same. */
    beside?: string;
    /** The open page shows it already, and need not ask for it. */
    isShown?: boolean;
    /** The form in which it was written, and what it sends of its fields. */
    form?: { name: string; sends: 'new' | 'changed' | 'line'; fields: object };
    /** Why the server refuses it: it is not sent again, only shown. */
    refused?: string;
}

/** What a change has to say, and by which step it is undone. */
export interface Told {
    words: string;
    batch: string;
    isFinal: boolean;
}

/** What became of a change. */
export type Receipt =
    | {
          outcome: 'done';
          /** The page to which it leads, if to another one. */
          to: string | null;
          change: Told | null;
          problem: string | null;
          link: { name: string; address: string } | null;
      }
    /** Refused by a rule, at a field; where somebody else changed it meanwhile, with what stands there by now. */
    | { outcome: 'refused'; message: string; errors: Record<string, string>; stands: Record<string, unknown> }
    /** What it concerns is gone, or no longer one's own to change. */
    | { outcome: 'gone'; message: string }
    /** The server failed at it, or it was too large. Nothing was saved. */
    | { outcome: 'failed'; message: string };

/** A receipt that says no. */
export type Refusal = Exclude<Receipt, { outcome: 'done' }>;

/** What hinders a change from being answered: it is sent again later. */
export interface Hindrance {
    outcome: 'later';
    message: string;
    isSignedOut: boolean;
}

/** What whoever made a change hears of it, as long as the page is there. */
export interface Hearer {
    onDone?: ((receipt: Receipt & { outcome: 'done' }) => void) | undefined;
    /** Says whether it shows why, where the change was made; otherwise it is told, or listed with what was written. */
    onRefused?: ((refusal: Refusal) => boolean) | undefined;
    /** It is kept, and will be sent once what hinders it is over. */
    onWaits?: (() => void) | undefined;
}

/** The address of the page that is open. */
export const here = (): string => window.location.pathname + window.location.search;
