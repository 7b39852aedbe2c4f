import type { HttpExceptionResponse } from '@inertiajs/core';

const NO_ANSWER = 'The server could not answer. Your text is kept here: please try again.';

/** What the server says in place of a page to a change that was not made. */
export function sentenceOf({ data }: Pick<HttpExceptionResponse, 'data'>): string {
    try {
        const { message } = (typeof data === 'string' ? JSON.parse(data) : data) as { message?: unknown };

        return typeof message === 'string' ? message : NO_ANSWER;
    } catch {
        // A page of whatever stands between.
        return NO_ANSWER;
    }
}

/** Whether one has to sign in first, to which a notice leads. */
export const isSignedOut = ({ status }: Pick<HttpExceptionResponse, 'status'>): boolean => status === 401;

/** Whether what one wrote on is gone, or no longer one's own to change: the text can only be copied. */
export const isGone = ({ status }: Pick<HttpExceptionResponse, 'status'>): boolean => status === 403 || status === 404;
