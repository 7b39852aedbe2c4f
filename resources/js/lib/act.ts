import type { RequestPayload } from '@inertiajs/core';
import { tellProblem } from '../parts/Notices';
import { visitInTurn } from './inTurn';
import { isSignedOut, sentenceOf } from './sentence';

type Method = 'post' | 'put' | 'delete';

interface Options {
    /** The page as it will be, shown until the server has answered. */
    guess?: (page: unknown) => unknown;
    onDone?: () => void;
    /** Told why it was refused, where the place itself shows it. */
    onRefused?: (why: string) => void;
}

/** Sends a change that needs no form. It shows at once, and rolls back with a sentence if the server refuses. */
export function act(
    method: Method,
    url: string,
    data: RequestPayload = {},
    { guess, onDone, onRefused = tellProblem }: Options = {},
): void {
    visitInTurn(url, {
        method,
        data,
        preserveScroll: true,
        preserveState: true,
        showProgress: false,
        ...(guess === undefined ? {} : { optimistic: (props) => ({ page: guess((props as { page?: unknown }).page) }) }),
        onError: (errors) => {
            onRefused(Object.values(errors)[0] ?? 'This was refused. Nothing was changed.');
        },
        onNetworkError: () => {
            onRefused('No connection. Nothing was changed: try again when it is back.');

            return false;
        },
        onHttpException: (response) => {
            if (isSignedOut(response)) {
                return true;
            }

            onRefused(sentenceOf(response));

            return false;
        },
        onSuccess: () => onDone?.(),
    });
}
