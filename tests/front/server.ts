import { router } from '@inertiajs/react';
import type { VisitOptions } from '@inertiajs/core';
import { vi } from 'vitest';

/** The address of what was sent, without its host and what is asked there. */
export const path = (url: string) => new URL(url, 'http://loftrin.test').pathname;

/** A change on its way to the server, answered as a test says. */
export interface Sent {
    method: string;
    url: string;
    data: Record<string, unknown>;
    headers: Record<string, string>;
    takes: () => Promise<void>;
    refuses: (errors: Record<string, string>) => Promise<void>;
    /** Answers with a status and a sentence instead of a page; gives whether it goes on to what says so anywhere. */
    breaks: (status: number, message: string) => Promise<boolean>;
    isGone: () => Promise<void>;
}

const settle = () => new Promise<void>((done) => setTimeout(done, 0));

/** Plays the server: keeps what was sent, and answers when it is told to. */
class Server {
    sent: Sent[] = [];

    private unanswered = new Set<() => Promise<void>>();

    begin(): void {
        this.sent = [];
        vi.spyOn(router, 'visit').mockImplementation((to, options: VisitOptions = {}) => {
            const url = typeof to === 'string' ? to : 'url' in to ? to.url : to.href;
            const visit = { url } as never;
            const over = async () => {
                this.unanswered.delete(over);
                options.onFinish?.(visit);
                await settle();
            };
            this.unanswered.add(over);
            options.onBefore?.(visit);
            options.onStart?.(visit);
            this.sent.push({
                method: options.method ?? 'get',
                url,
                data: (options.data ?? {}) as Record<string, unknown>,
                headers: options.headers ?? {},
                takes: async () => {
                    options.onSuccess?.({} as never);
                    await over();
                },
                refuses: async (errors) => {
                    options.onError?.(errors);
                    await over();
                },
                breaks: async (status, message) => {
                    const goesOn = options.onHttpException?.({ status, data: JSON.stringify({ message }), headers: {} });
                    await over();

                    return goesOn !== false;
                },
                isGone: async () => {
                    options.onNetworkError?.(new Error('no network'));
                    await over();
                },
            });
        });
    }

    /** Lets go of what a test never answered: the next one's changes would wait for it. */
    async end(): Promise<void> {
        for (const over of [...this.unanswered]) {
            await over();
        }
    }

    /** What was sent last, once it is there: changes wait for each other. */
    async last(): Promise<Sent> {
        return vi.waitFor(() => {
            const last = this.sent.at(-1);

            if (last === undefined) {
                throw new Error('Nothing was sent.');
            }

            return last;
        });
    }

    /** What was sent as the nth, counted from one, once it is there. */
    async nth(place: number): Promise<Sent> {
        return vi.waitFor(() => {
            const sent = this.sent[place - 1];

            if (sent === undefined) {
                throw new Error(`Only ${String(this.sent.length)} were sent.`);
            }

            return sent;
        });
    }
}

export const server = new Server();
