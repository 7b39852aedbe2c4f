import { useEffect, useRef, useState, type RefObject } from 'react';
import { CurrentItem } from './CurrentItem';
import { Here } from './Here';
import { RoomBar } from './RoomBar';
import { TimeStrip } from './TimeStrip';
import { ToConfirm } from './ToConfirm';
import { useHere } from './useHere';
import { useTyped, type Typed } from './useTyped';
import { useSecondsSince } from './useSecondsSince';
import type { ItemRow, RoomView } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { useClosely } from '../../../lib/fresh';
import { useKeys, useWrittenIn } from '../../../lib/keys';
import { atItem } from '../../../lib/meetings';
import { route } from '../../../lib/routes';
import { first, ordinal } from '../../../lib/words';
import { Button } from '../../../ui/Button';
import { Kbd } from '../../../ui/Kbd';

/** Whether one is writing something there: then nobody is moved away from it. */
function isWritingIn(place: HTMLElement | null): boolean {
    const field = document.activeElement;

    return (
        place !== null &&
        (field instanceof HTMLTextAreaElement || field instanceof HTMLInputElement) &&
        place.contains(field) &&
        field.value.trim() !== ''
    );
}

/** The room while a meeting runs: the strip of time at the left, what is being talked about at the right. */
export function Room({ page }: { page: RoomView }) {
    useWrittenIn();
    const passed = useSecondsSince(page, page.isPaused);
    const typed = useTyped(page);
    const here = useHere(page.id, typed.length);
    // Also alone: one's own lines say when they have arrived.
    useClosely(true);
    const place = useRef<HTMLDivElement>(null);
    const { current, next, choose, shown, isElsewhere, goToRoom, turnTo } = useShownItem({ page, place });

    useKeys({
        'Ctrl Enter': {
            words: isElsewhere ? 'Go to where the room is' : 'Start the next item',
            run: () => {
                if (isElsewhere) {
                    goToRoom();
                } else if (page.mayRun && next !== undefined) {
                    turnTo(next);
                }
            },
        },
    });

    return (
        <div className="grid flex-1 grid-cols-[416px_1fr] max-lg:grid-cols-1">
            <aside className="sheet-edge border-r border-hairline max-lg:order-2 max-lg:border-0">
                <Which page={page} />
                <TimeStrip page={page} passed={passed} shown={shown?.id ?? null} onChoose={choose} />
            </aside>
            <div className="flex min-w-0 flex-col">
                {isElsewhere && current !== undefined && <Elsewhere title={current.title} onGo={goToRoom} />}
                {here.isClosing && <AboutToClose typed={typed} />}
                <div className="flex min-w-0 flex-1 flex-col px-8 py-5 max-md:px-4">
                    {page.isPaused && <Paused page={page} />}
                    <ToConfirm page={page} />
                    <div ref={place}>{shown !== undefined && <CurrentItem key={shown.id} page={page} item={shown} passed={passed} />}</div>
                    <Here page={page} here={here.here} />
                    {page.mayRun && <RoomBar page={page} shown={shown} next={next} here={here} onTurn={turnTo} onGo={choose} />}
                </div>
            </div>
        </div>
    );
}

function useShownItem({ page, place }: { page: RoomView; place: RefObject<HTMLDivElement | null> }) {
    const current = page.items.find((item) => item.state === 'current');
    const next = page.items.find((item) => item.state === 'coming') ?? page.items.find((item) => item.state === 'wont_fit');
    // Where the room is, or will begin.
    const room = (current ?? next ?? page.items[0])?.id;
    const [chosen, choose] = useState(room);
    const followed = useRef(room);

    // The chair moves on: whoever is writing, or has chosen to look at something else, stays where they are.
    useEffect(() => {
        const before = followed.current;
        followed.current = room;

        if (before !== room) {
            choose((at) => (at === before && !isWritingIn(place.current) ? room : at));
        }
    }, [room, place]);

    const shown = page.items.find((item) => item.id === chosen) ?? current ?? next ?? page.items[0];
    const isElsewhere = current !== undefined && shown?.id !== current.id;
    const goToRoom = () => {
        choose(room);
    };
    const turnTo = (item: ItemRow) => {
        choose(item.id);
        act('post', route('items.turn', item.id), {}, { guess: atItem(item.id) });
    };

    return { current, next, choose, shown, isElsewhere, goToRoom, turnTo };
}

function Which({ page }: { page: RoomView }) {
    return (
        <div className="mb-5 flex flex-wrap items-baseline gap-x-2.5">
            <h1>{page.series.title}</h1>
            <span className="text-xs text-ink-2">
                {ordinal(page.number)} time
                {page.chair !== null && `, ${first(page.chair)} chairs`}
                {page.minuteTaker !== null && `, ${first(page.minuteTaker)} takes minutes`}
            </span>
        </div>
    );
}

function Elsewhere({ title, onGo }: { title: string; onGo: () => void }) {
    return (
        <div role="status" className="flex flex-wrap items-center gap-3 bg-chalk px-8 py-1.5 text-sm text-sheet max-md:px-4">
            <span className="min-w-0 flex-1">
                The room is at <strong>{title}</strong>
            </span>
            <button type="button" className="flex items-center gap-2 font-semibold underline" onClick={onGo}>
                Go there <Kbd onMain>Ctrl ↵</Kbd>
            </button>
        </div>
    );
}

function AboutToClose({ typed }: { typed: Typed[] }) {
    return (
        <p role="status" className="bg-ink px-8 py-1.5 text-sm font-semibold text-sheet max-md:px-4">
            The meeting is about to be closed. What you have written in the notes is being sent
            {typed.length > 0 && `. Not added yet: ${typed.map(({ text }) => `“${text}”`).join(', ')}`}.
        </p>
    );
}

function Paused({ page }: { page: RoomView }) {
    return (
        <p className="mb-3 flex items-center gap-3 text-sm font-semibold">
            Paused
            {page.mayRun && (
                <Button
                    onClick={() => {
                        act('put', route('meetings.pause', page.id), { isPaused: false });
                    }}
                >
                    Continue
                </Button>
            )}
        </p>
    );
}
