import type { SharedPageProps } from '@inertiajs/core';
import { router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { type ReactNode, useEffect } from 'react';
import { Toaster, toast } from 'sonner';
import { act } from '../lib/act';
import { useKeys } from '../lib/keys';
import { route } from '../lib/routes';

type Change = NonNullable<SharedPageProps['change']>;

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
                toast.dismiss(of);
                go();
            }}
        >
            {words}
        </button>
    );
}

/** Says that something was refused or went wrong. */
export function tellProblem(words: string): void {
    toast.custom(() => <Notice tone="persimmon" words={words} />, { duration: 8000 });
}

/** Says that one has been signed out, and leads to where one signs in; stays until then. */
export function tellSignedOut(words: string): void {
    toast.custom(
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
    toast.custom(() => <Notice tone="ink" words={words} />, { duration: 8000 });
}

/** Says that something came back, and stays until it was read. */
export function tellReturn(words: string): void {
    toast.custom(
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
                        toast.dismiss(id);
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
    toast.custom(
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

/** What the last change has to say, with a way back. */
export function Notices() {
    const { change, problem } = usePage().props;

    useEffect(() => {
        // A page that is gone back to still knows of its change: it is told once.
        if (change != null && change.batch !== told) {
            if (told !== null) {
                toast.dismiss(told);
            }

            told = change.batch;
            tellChange(change);
        }
    }, [change]);

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
            <Toaster position="bottom-left" />
        </div>
    );
}
