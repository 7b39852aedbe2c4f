import type { Hearer, Method } from './change';
import { send } from './queue';

interface Options {
    /** The page as it will be, shown from the press on. It is given whatever page is open, and leaves alone what it does not know. */
    guess?: (page: unknown) => unknown;
    onDone?: Hearer['onDone'];
    /** Told why it was refused, where the place itself shows it. */
    onRefused?: (why: string) => void;
    /** A file that goes along. */
    file?: File;
}

/** Makes a change that needs no form. It shows at once, and is taken back with a sentence if the server refuses. */
export function act(method: Method, url: string, data: object = {}, { guess, onDone, onRefused, file }: Options = {}): void {
    send(
        { method, url, data },
        {
            guess,
            file,
            onDone,
            ...(onRefused !== undefined && {
                onRefused: (receipt) => {
                    onRefused(receipt.outcome === 'refused' ? (Object.values(receipt.errors)[0] ?? receipt.message) : receipt.message);

                    return true;
                },
            }),
        },
    );
}
