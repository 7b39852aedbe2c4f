import { router } from '@inertiajs/react';
import type { VisitOptions } from '@inertiajs/core';
import { vi } from 'vitest';

/** The address of what was sent, without its host and what is asked there. */
export const path = (url: string) => new URL(url, 'http://loftrin.test').pathname;

/** A change on its way to the server, or a page that was asked for, answered as a test says. */
export interface Sent {
    method: string;
    url: string;
    data: Record<string, unknown>;
    headers: Record<string, string>;
    takes: (receipt?: object) => Promise<void>;
    refuses: (errors: Record<string, string>, stands?: Record<string, unknown>) => Promise<void>;
    /** Answers with a status and a sentence. */
    breaks: (status: number, message: string) => Promise<void>;
    isGone: () => Promise<void>;
}

const settle = () => new Promise<void>((done) => setTimeout(done, 0));

/** What is asked for beside changes, answered by tests that care. */
const ASKED = '/presence';

/** Plays the server: keeps what was sent, and answers when it is told to. */
class Server {
    sent: Sent[] = [];

    /** How often the open page was asked for anew. */
    refreshed = 0;

    /** Whether it answers when it is told to, takes all at once, or is not reached: what is sent then has not come. */
    answers: 'by hand' | 'at once' | 'not at all' = 'by hand';

    private said = { body: '{}', status: 200 };

    private unanswered = new Set<(error: Error) => void>();

    begin(): void {
        this.sent = [];
        this.refreshed = 0;
        this.says('{}');
        this.answers = 'by hand';
        vi.spyOn(router, 'visit').mockImplementation((to, options: VisitOptions = {}) => {
            const url = typeof to === 'string' ? to : 'url' in to ? to.url : to.href;
            const over = () => {
                options.onFinish?.({ url } as never);

                return settle();
            };
            const come = () => {
                options.onSuccess?.({} as never);

                return over();
            };

            if (options.only?.includes('stamp') === true) {
                this.refreshed++;
                void come();

                return;
            }

            this.sent.push({
                method: 'get',
                url,
                data: (options.data ?? {}) as Record<string, unknown>,
                headers: options.headers ?? {},
                takes: come,
                refuses: over,
                breaks: over,
                isGone: over,
            });
        });
        vi.spyOn(globalThis, 'fetch').mockImplementation((to, init) => this.take(to as string, init));
    }

    /** Answers every question, as long as nothing else is said. */
    says(body: string, status = 200): void {
        this.said = { body, status };
    }

    private take(url: string, init: RequestInit = {}): Promise<Response> {
        const method = (init.method ?? 'get').toLowerCase();

        if (method === 'get' || path(url).endsWith(ASKED)) {
            return Promise.resolve(new Response(this.said.body, { status: this.said.status }));
        }

        if (this.answers === 'not at all') {
            return Promise.reject(new TypeError('Failed to fetch'));
        }

        return new Promise((resolve, reject) => {
            const answer = async (give: () => void) => {
                this.unanswered.delete(reject);
                give();
                await settle();
            };
            const respond = (status: number, body: object) =>
                answer(() => {
                    resolve(new Response(JSON.stringify(body), { status }));
                });
            this.unanswered.add(reject);
            this.sent.push({
                method,
                url,
                data: typeof init.body === 'string' ? (JSON.parse(init.body) as Record<string, unknown>) : {},
                headers: init.headers as Record<string, string>,
                takes: (receipt = {}) => respond(200, { to: null, change: null, problem: null, link: null, ...receipt }),
                refuses: (errors, stands = {}) =>
                    respond(422, {
                        message: Object.values(errors)[0],
                        errors: Object.fromEntries(Object.entries(errors).map(([field, why]) => [field, [why]])),
                        stands,
                    }),
                breaks: (status, message) => respond(status, { message }),
                isGone: () =>
                    answer(() => {
                        reject(new TypeError('Failed to fetch'));
                    }),
            });

            if (this.answers === 'at once') {
                void this.sent.at(-1)?.takes();
            }
        });
    }

    /** Lets go of what a test never answered. */
    async end(): Promise<void> {
        this.unanswered.forEach((reject) => {
            reject(new TypeError('Failed to fetch'));
        });
        this.unanswered.clear();
        await settle();
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
