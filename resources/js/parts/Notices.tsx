import { usePage } from '@inertiajs/react';
import { useEffect } from 'react';
import { Toaster, toast } from 'sonner';
import { act } from '../lib/act';
import { useKeys } from '../lib/keys';
import { route } from '../lib/routes';

const box =
    'font-sans flex w-[min(420px,calc(100vw-32px))] items-center justify-between gap-4 border bg-sheet px-4 py-2.5 text-sm text-ink shadow-lg';

/** Says that something was refused or went wrong, and stays until it was read. */
export function tellProblem(words: string): void {
    toast.custom(
        () => (
            <div role="alert" className={`${box} border-persimmon`}>
                <span>{words}</span>
            </div>
        ),
        { duration: 8000 },
    );
}

/** Says what somebody else did to what one is looking at. */
export function tellNews(words: string): void {
    toast.custom(
        () => (
            <div role="status" className={`${box} border-chalk`}>
                <span className="two-lines">{words}</span>
            </div>
        ),
        { duration: 8000 },
    );
}

function tellChange(words: string, batch: string): void {
    toast.custom(
        (id) => (
            <div role="status" className={`${box} border-ink`}>
                <span className="two-lines">{words}</span>
                <button
                    type="button"
                    className="font-semibold text-chalk underline underline-offset-2"
                    onClick={() => {
                        toast.dismiss(id);
                        undo(batch);
                    }}
                >
                    Undo
                </button>
            </div>
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
            tellChange(change.words, change.batch);
        }
    }, [change]);

    useEffect(() => {
        if (problem != null) {
            tellProblem(problem);
        }
    }, [problem]);

    useKeys({
        'Ctrl z': () => {
            if (change != null) {
                undo(change.batch);
            }
        },
    });

    return (
        <div className="print:hidden">
            <Toaster position="bottom-left" />
        </div>
    );
}
