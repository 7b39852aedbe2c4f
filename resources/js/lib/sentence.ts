import type { HttpExceptionResponse } from '@inertiajs/core';

export const NO_ANSWER = 'The server could not answer. Your text is kept here: please try again.';

/** The sentence in an answer that is no page: what the server says of a change that was not made. */
export function sentenceIn(data: unknown): string {
    try {
        const { message } = (typeof data === 'string' ? JSON.parse(data) : data) as { message?: unknown };

        return typeof message === 'string' ? message : NO_ANSWER;
    } catch {
        // A page of whatever stands between.
        return NO_ANSWER;
    }
}

/** The same of what an address says in place of a page. */
export const sentenceOf = ({ data }: Pick<HttpExceptionResponse, 'data'>): string => sentenceIn(data);

/** Whether one has to sign in first, to which a notice leads. */
export const isSignedOut = ({ status }: Pick<HttpExceptionResponse, 'status'>): boolean => status === 401;
