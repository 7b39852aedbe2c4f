import { router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { lazy, type ReactNode, Suspense, useEffect } from 'react';
import { dismiss, put } from './notice';
import { useKeys } from '../../lib/keys';
import { act } from '../../lib/queue/act';
import type { Told as Change } from '../../lib/queue/change';
import { onReceipt } from '../../lib/queue/queue';
import { route } from '../../lib/routes';

const Toasts = lazy(() => import('./Toasts'));

const tones = { persimmon: 'border-persimmon', ink: 'border-ink' };

interface Told {
    words: string;
    tone: keyof typeof tones;
    children?: ReactNode;
}

function Notice({ words, tone, children }: Told) {
    return (
        <div
            role={tone === 'persimmon' ? 'alert' : 'status'}
            className={clsx(
                'flex w-[min(420px,calc(100vw-32px))] items-center justify-between',
                'gap-4 border bg-sheet px-4 py-2.5 font-sans text-sm text-ink shadow-lg',
                tones[tone],
            )}
        >
            <span className={tone === 'persimmon' ? undefined : 'two-lines'}>{words}</span>
            {children !== undefined && <span className="flex shrink-0 items-center gap-4">{children}</span>}
        </div>
    );
}

/** Where a notice leads: it is gone once it was pressed. */
function Way({ of, words, go }: { of: string | number; words: string; go: () => void }) {
    return (
        <button
            type="button"
            className="font-semibold whitespace-nowrap link"
            onClick={() => {
                dismiss(of);
                go();
            }}
        >
            {words}
        </button>
    );
}

/** Says that something was refused or went wrong. */
export function tellProblem(words: string): void {
    put(() => <Notice tone="persimmon" words={words} />, { duration: 8000 });
}

/** Says that one has been signed out, and leads to where one signs in; stays until then. */
export function tellSignedOut(words: string): void {
    put(
        (id) => (
            <Notice tone="persimmon" words={words}>
                <Way
                    of={id}
                    words="Sign in"
                    go={() => {
                        // Which leads there, and back here afterwards.
                        router.visit(window.location.href);
                    }}
                />
            </Notice>
        ),
        { id: 'signed out', duration: Infinity },
    );
}

/** Says what somebody else did to what one is looking at. */
export function tellUpdate(words: string): void {
    put(() => <Notice tone="ink" words={words} />, { duration: 8000 });
}

/** Says that something came back, and stays until it was read. */
export function tellReturn(words: string): void {
    put(
        (id) => (
            <Notice tone="ink" words={words}>
                <Way
                    of={id}
                    words="Open Day"
                    go={() => {
                        router.visit(route('day'));
                    }}
                />
                <button
                    type="button"
                    className="text-ink-2 hover:text-ink"
                    onClick={() => {
                        dismiss(id);
                    }}
                >
                    Later
                </button>
            </Notice>
        ),
        { duration: Infinity },
    );
}

function tellChange({ words, batch, isFinal }: Change): void {
    put(
        (id) => (
            <Notice tone="ink" words={words}>
                {isFinal ? undefined : (
                    <Way
                        of={id}
                        words="Undo"
                        go={() => {
                            undo(batch);
                        }}
                    />
                )}
            </Notice>
        ),
        { id: batch, duration: 6000 },
    );
}

function undo(batch: string): void {
    act('post', route('undo', batch));
}

/** The change that was told last. */
let told: string | null = null;

/** Tells a change in place of the one before. */
function tellOver(change: Change): void {
    if (told !== null) {
        dismiss(told);
    }

    told = change.batch;
    tellChange(change);
}

/** What became of each change: the last one with a way back, what was refused with why. */
export function Notices() {
    const { problem } = usePage().props;

    useEffect(
        () =>
            onReceipt((_, receipt, isShown) => {
                if (receipt.outcome === 'later') {
                    if (receipt.isSignedOut) {
                        tellSignedOut(`${receipt.message} What you wrote is kept here, and saved once you have signed in again.`);
                    }
                } else if (receipt.outcome !== 'done') {
                    if (!isShown) {
                        tellProblem(receipt.message);
                    }
                } else {
                    if (receipt.change !== null) {
                        tellOver(receipt.change);
                    }

                    if (receipt.problem !== null) {
                        tellProblem(receipt.problem);
                    }
                }
            }),
        [],
    );

    useEffect(() => {
        if (problem != null) {
            tellProblem(problem);
        }
    }, [problem]);

    useKeys({
        'Ctrl z': {
            words: 'Undo your last change, step by step',
            run: () => {
                act('post', route('undo.last'));
            },
        },
        'Ctrl Shift z': {
            words: 'Redo',
            run: () => {
                act('post', route('redo'));
            },
        },
    });

    return (
        <div className="print:hidden">
            <Suspense>
                <Toasts />
            </Suspense>
        </div>
    );
}
