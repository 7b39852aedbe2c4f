import { useEffect, useRef, useState } from 'react';
import { StartSession } from './StartSession';
import { useForm } from '../../lib/kept/useForm';
import { tellReturn } from '../signs/Notices';
import type { DayView, SessionOutcome, FocusSessionRow, SessionPart } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind } from '../../lib/forms';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Kbd } from '../../ui/Kbd';

/** A stretch of undisturbed work: begun with one line of intent, ended with what came of it. */
export function FocusSession({ page }: { page: DayView }) {
    return page.running === null ? <StartSession page={page} /> : <Running key={page.running.id} session={page.running} />;
}

const clock = (seconds: number) => `${String(Math.floor(seconds / 60)).padStart(2, '0')}:${String(seconds % 60).padStart(2, '0')}`;

/** Seconds since it began, on the server's word: a reload, a second page and a closed laptop show the same. */
function useElapsed(session: FocusSessionRow): number {
    const [since] = useState(() => Date.now() - session.elapsed * 1000);
    const [now, setNow] = useState(() => Date.now());

    useEffect(() => {
        const timer = setInterval(() => {
            setNow(Date.now());
        }, 1000);

        return () => {
            clearInterval(timer);
        };
    }, []);

    return Math.max(0, Math.floor((now - since) / 1000));
}

/** What the time beside it means. */
function words(part: SessionPart | undefined, rounds: number): string {
    if (part === undefined) {
        return 'over: what came of it?';
    }

    if (part.isBreak) {
        return `of the break after round ${String(part.round)}`;
    }

    const left = `left of ${String((part.until - part.from) / 60)} min`;

    return rounds > 1 ? `${left}, round ${String(part.round)} of ${String(rounds)}` : left;
}

const outcomes: { outcome: SessionOutcome; words: string }[] = [
    { outcome: 'finished', words: 'Finished' },
    { outcome: 'moved', words: 'Moved on' },
    { outcome: 'stuck', words: 'Stuck' },
];

function Running({ session }: { session: FocusSessionRow }) {
    const { isStuck, form, part, rounds, shown, end } = useRunning(session);

    return (
        <div className="max-w-full text-right max-md:text-left">
            <p role="timer" aria-label={part === undefined ? 'Time over' : 'Time left'} className="font-mono text-xl tabular-nums">
                {part === undefined && '+'}
                {clock(shown)}
            </p>
            <p className="text-xs text-ink-2">
                {words(part, rounds)}: {session.intent}
            </p>
            <p data-asks className="mt-1 flex flex-wrap justify-end gap-x-4 max-md:justify-start">
                {outcomes.map(({ outcome, words }, place) => (
                    <button
                        key={outcome}
                        type="button"
                        className="inline-flex min-h-6 items-center gap-1.5 text-xs hover:underline pointer-coarse:min-h-11"
                        onClick={end(outcome)}
                    >
                        <Kbd>{String(place + 1)}</Kbd> {words}
                    </button>
                ))}
            </p>
            {isStuck && (
                <form
                    className="mt-2 flex justify-end gap-2 text-left"
                    onSubmit={(event) => {
                        event.preventDefault();
                        end('stuck')();
                    }}
                >
                    <TextField label="What blocked it?" autoFocus maxLength={500} {...bind(form, 'obstacle')} />
                    <Button kind="main" type="submit" className="self-end">
                        End
                    </Button>
                </form>
            )}
        </div>
    );
}

function useRunning(session: FocusSessionRow) {
    const [isStuck, setStuck] = useState(false);
    const form = useForm(`obstacle of session ${String(session.id)}`, { obstacle: '' });
    const elapsed = useElapsed(session);
    const part = session.parts.find((each) => elapsed < each.until);
    const rounds = session.parts.filter((each) => !each.isBreak).length;
    const length = session.parts.at(-1)?.until ?? 0;
    const shown = part === undefined ? elapsed - length : part.until - elapsed;
    const wasOn = useRef(part);
    const end = (outcome: SessionOutcome) => () => {
        if (outcome === 'stuck' && !isStuck) {
            setStuck(true);

            return;
        }

        act(
            'put',
            route('focus-sessions.end', session.id),
            { outcome, obstacle: outcome === 'stuck' ? form.data.obstacle : null },
            {
                onDone: () => {
                    form.reset();
                },
            },
        );
    };

    useKeys(Object.fromEntries(outcomes.map(({ outcome, words }, place) => [String(place + 1), { words, run: end(outcome) }])));

    // The end of a round, of a break and of the whole is said, on whatever part of the page one looks.
    useEffect(() => {
        if (wasOn.current !== undefined && wasOn.current.from !== part?.from) {
            tellReturn(
                part === undefined ? `Time is up: ${session.intent}` : part.isBreak ? 'Break' : `Round ${String(part.round)} begins`,
            );
        }

        wasOn.current = part;
    }, [part, session.intent]);

    return { isStuck, form, part, rounds, shown, end };
}
