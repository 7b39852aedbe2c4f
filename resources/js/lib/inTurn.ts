import { router } from '@inertiajs/react';
import type { VisitOptions } from '@inertiajs/core';

/** Ms that a change waits for the one before it. What has no answer by then is left to arrive by itself. */
const PATIENCE = 20_000;

let last: Promise<void> = Promise.resolve();

/**
 * What is sent waits until the change before it was answered. Two at once would cut each other short, and the answer of the
 * one could carry off the refusal of the other: a form would take itself for saved and let go of its words.
 *
 * @param send calls what it is given once the answer is there, whatever it says
 */
export function inTurn(send: (answered: () => void) => void): void {
    last = last.then(
        () =>
            new Promise((resolve) => {
                const timer = setTimeout(resolve, PATIENCE);
                send(() => {
                    clearTimeout(timer);
                    resolve();
                });
            }),
    );
}

/** A change that the server answers with a page, in its turn. */
export function visitInTurn(url: string, options: VisitOptions): void {
    inTurn((answered) => {
        router.visit(url, {
            ...options,
            onFinish: (visit) => {
                options.onFinish?.(visit);
                answered();
            },
        });
    });
}
