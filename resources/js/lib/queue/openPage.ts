import { router } from '@inertiajs/react';
import { refresh } from '../background';
import { here } from './change';
import { isBusy, landedNow, onReceipt, settle } from './queue';

/** All of an open page that can change while one looks at it. */
const PARTS = ['page', 'frame', 'stamp', 'asks', 'now'];

/** While more is on its way, a page asks no more often than this, in milliseconds. */
const APART = 1000;

let isAsking = false;
let isWanted = false;
let isVisiting = false;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Brings into the page that is open what it does not show yet. Whoever asks while it is under way has it asked once more. */
export async function askAnew(): Promise<void> {
    isWanted = true;

    if (isAsking) {
        return;
    }

    isAsking = true;

    try {
        while (isWanted) {
            isWanted = false;
            await askOnce();
        }
    } finally {
        isAsking = false;
    }
}

async function askOnce(): Promise<void> {
    const page = here();
    const done = landedNow();
    const hasCome = await refresh(PARTS);

    if (page !== here()) {
        // It was an answer to the page before.
        isWanted = true;
    } else if (hasCome) {
        settle(done);
    }
}

function askSoon(): void {
    if (!isBusy()) {
        clearTimeout(timer);
        timer = undefined;
        void askAnew();
    } else {
        timer ??= setTimeout(() => {
            timer = undefined;
            void askAnew();
        }, APART);
    }
}

/** A receipt knows no page. The one that is open asks for what it shows, or leads on from where the change was made. */
export function keepPageTrue(): () => void {
    let doneBefore = landedNow();
    const ends = [
        onReceipt((change, receipt) => {
            if (receipt.outcome === 'later' || change.isShown === true) {
                return;
            }

            if (receipt.outcome === 'done' && receipt.to !== null && receipt.to !== here() && change.page === here() && !isVisiting) {
                router.visit(receipt.to);
            } else {
                // What was refused may be so because the page is no longer as it was.
                askSoon();
            }
        }),
        router.on('start', ({ detail: { visit } }) => {
            if (!visit.async) {
                isVisiting = true;
                doneBefore = landedNow();
            }
        }),
        router.on('finish', ({ detail: { visit } }) => {
            isVisiting = isVisiting && visit.async;
        }),
        router.on('navigate', () => {
            settle(doneBefore);
            doneBefore = [];

            // What was done while the page was on its way may not be in it.
            if (landedNow().length > 0) {
                void askAnew();
            }
        }),
    ];

    return () => {
        clearTimeout(timer);
        timer = undefined;
        ends.forEach((end) => {
            end();
        });
    };
}
