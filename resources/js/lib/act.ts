import { router } from '@inertiajs/react';
import type { RequestPayload } from '@inertiajs/core';
import { tellProblem } from '../parts/Notices';

type Method = 'post' | 'put' | 'delete';

interface Options {
    /** The page as it will be, shown until the server has answered. */
    guess?: (page: unknown) => unknown;
    onDone?: () => void;
    /** Told why it was refused, where the place itself shows it. */
    onRefused?: (why: string) => void;
}

/** The last change that was asked for: the next one waits for its answer, so that none is lost to another. */
let last: Promise<void> = Promise.resolve();

/** Sends a change that needs no form. It shows at once, and rolls back with a sentence if the server refuses. */
export function act(method: Method, url: string, data: RequestPayload = {}, options: Options = {}): void {
    last = last.then(
        () =>
            new Promise((resolve) => {
                send(method, url, data, options, resolve);
            }),
    );
}

function send(
    method: Method,
    url: string,
    data: RequestPayload,
    { guess, onDone, onRefused = tellProblem }: Options,
    onFinish: () => void,
): void {
    router.visit(url, {
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
        onSuccess: () => onDone?.(),
        onFinish,
    });
}
