import { Link, router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { lazy, type ReactNode, Suspense, useEffect, useRef, useState } from 'react';
import type { Open } from './Dialogs';
import { Explain } from '../figure/Explain';
import { Marks } from '../task/Marks';
import { Notices } from '../signs/Notices';
import { JotDialog } from './JotDialog';
import { RailLine } from './RailLine';
import { Rooms, Sections } from './Rooms';
import { stepWeek, YearRail } from './YearRail';
import { Unsent } from './Unsent';
import { Yourself } from './Yourself';
import type { Frame as FrameProps } from '../../generated/props';
import { setMonthFirst, setNow, setToday, setYearStart } from '../../lib/dates';
import { useFresh } from '../../lib/fresh';
import { useHeldFocus } from '../../lib/focus/hold';
import { useArrowsIntoLists } from '../../lib/focus/lines';
import { useSubmitKey } from '../../lib/submitKey';
import { useKeys } from '../../lib/keys';
import { useAlert } from '../day/alert';
import { lastPlace, rooms, sectionOf, type Room } from '../../lib/rooms';
import { route } from '../../lib/routes';
import { Kbd } from '../../ui/Kbd';

/** What stands around every screen: the year rail, the rooms, jot, tray, yourself. */
export function Frame({ children }: { children: ReactNode }) {
    const { frame } = usePage().props;

    return frame == null ? <main>{children}</main> : <FrameAround frame={frame}>{children}</FrameAround>;
}

/** What seldom opens above a page comes once the page stands: before the network can be gone. Keys rest meanwhile. */
const loadDialogs = () => import('./Dialogs');
const Dialogs = lazy(loadDialogs);

function FrameAround({ frame, children }: { frame: FrameProps; children: ReactNode }) {
    const page = usePage();
    const [open, setOpen] = useState<Open | 'jot' | null>(null);
    const header = useRef<HTMLElement>(null);
    setTerms(frame, page.props.now);
    const all = rooms(frame);
    const here = sectionOf(all, page.component);
    const last = lastPlace.get();
    const selected = /\/(?:weeks|reviews)\/(\d{4}-W\d{2})/.exec(page.url)?.[1] ?? frame.thisWeek;
    const addressOf = (week: string) => route(here?.room.name === 'Reviews' ? 'reviews.show' : 'week.show', week);
    const show = (what: Open | 'jot') => () => {
        setOpen(what);
    };

    useLastPlace(here, page.url);
    useEffect(() => {
        void loadDialogs();
    }, []);
    useAlert(frame.alert);
    useFresh();
    useHeldFocus();
    useArrowsIntoLists();
    useSubmitKey();
    const keys = useFrameKeys({ frame, all, selected, addressOf, show });

    return (
        <Explain>
            <div className="flex min-h-screen flex-col bg-sheet print:block print:min-h-0">
                <a href="#content" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2">
                    Skip to content
                </a>
                <RailLine rail={frame.rail} thisWeek={frame.thisWeek} header={header} />
                <header ref={header} className="print:hidden">
                    <YearRail rail={frame.rail} thisWeek={frame.thisWeek} selected={selected} addressOf={addressOf} />
                    <RoomsLine
                        frame={frame}
                        rooms={all}
                        lit={here?.room.name ?? (page.component === 'week/Task' ? last?.room : undefined)}
                        show={show}
                    />
                </header>
                {here !== undefined && <Sections room={here.room} lit={here.section} />}
                <Unsent />
                <main id="content" tabIndex={-1} className="flex flex-1 flex-col outline-none print:block">
                    <Marks key={page.url.split('?')[0]}>{children}</Marks>
                </main>
                <JotDialog
                    isOpen={open === 'jot'}
                    onOpenChange={(isOpen) => {
                        setOpen(isOpen ? 'jot' : null);
                    }}
                />
                <Suspense fallback={<div role="dialog" aria-label="Loading" />}>
                    {open !== null && open !== 'jot' && (
                        <Dialogs
                            open={open}
                            onOpen={setOpen}
                            onJot={show('jot')}
                            room={here?.room.name}
                            everywhere={[...Object.keys(keys), 'e', 'Ctrl z', 'Ctrl Shift z']}
                        />
                    )}
                </Suspense>
                <Notices />
            </div>
        </Explain>
    );
}

interface KeysProps {
    frame: FrameProps;
    all: Room[];
    selected: string;
    addressOf: (week: string) => string;
    show: (what: Open | 'jot') => () => void;
}

/** The keys that are heard on every page. */
function useFrameKeys({ frame, all, selected, addressOf, show }: KeysProps) {
    const move = (weeks: 1 | -1) => () => {
        stepWeek(frame.rail, selected, weeks, addressOf);
    };
    const go = (href: string) => () => {
        router.visit(href);
    };

    const keys = {
        n: { words: 'Jot', run: show('jot') },
        '/': { words: 'Search pages, weeks and commands', run: show('commands') },
        'Ctrl k': { words: 'Search, also while typing', run: show('commands') },
        '[': { words: 'Previous week', run: move(-1) },
        b: { words: 'Previous week', run: move(-1) },
        ']': { words: 'Next week', run: move(1) },
        f: { words: 'Next week', run: move(1) },
        ...Object.fromEntries(all.map(({ name, key, href }) => [`g ${key}`, { words: name, run: go(href) }])),
        'g t': { words: 'Tray', run: go(route('tray')) },
        '?': { words: 'Keyboard shortcuts', run: show('keys') },
    };
    useKeys(keys);

    return keys;
}

/** Words of periods are made all over the screen below. */
function setTerms(frame: FrameProps, now: string): void {
    setYearStart(frame.calendar.yearStartsIn);
    setToday(frame.today);
    setMonthFirst(frame.monthFirst);
    setNow(now);
}

/** Remembers where one was last, for a page that belongs to no room. */
function useLastPlace(here: ReturnType<typeof sectionOf>, url: string): void {
    const place = here === undefined ? undefined : `${here.room.name} ${here.section.name}`;

    useEffect(() => {
        if (here !== undefined) {
            lastPlace.keep(here.room.name, here.section.name, url);
        }
        // oxlint-disable-next-line react/exhaustive-deps -- the room and its section are made anew with each page
    }, [place, url]);
}

interface RoomsLineProps {
    frame: FrameProps;
    rooms: Room[];
    lit: string | undefined;
    show: (what: Open | 'jot') => () => void;
}

/** The line of the rooms, and at its end what is at hand everywhere. */
function RoomsLine({ frame, rooms, lit, show }: RoomsLineProps) {
    return (
        <nav
            aria-label="Rooms"
            className={clsx(
                'flex h-8 items-stretch gap-5 border-y border-t-ink border-b-hairline',
                'px-6 whitespace-nowrap max-md:gap-3 max-md:px-4 pointer-coarse:h-11.5',
            )}
        >
            <Link href={route('day')} className="mr-2 flex items-center text-md font-bold tracking-[-0.03em] max-md:hidden">
                loftrin
            </Link>
            <Rooms rooms={rooms} lit={lit} />
            <span className="ml-auto flex items-center gap-4 text-ink-2 max-md:gap-3">
                <button type="button" onClick={show('jot')} className="flex h-full items-center gap-1.5 hover:text-ink">
                    Jot <Kbd>n</Kbd>
                </button>
                <button type="button" onClick={show('commands')} className="flex h-full items-center gap-1.5 hover:text-ink">
                    Search <Kbd>/</Kbd>
                </button>
                <Link href={route('tray')} className="flex h-full items-center gap-1.5 hover:text-ink">
                    Tray <span className="font-mono text-xs">{frame.tray}</span>
                </Link>
                <Link href={route('updates')} className="flex h-full items-center gap-1.5 hover:text-ink max-md:hidden">
                    Updates <span className="font-mono text-xs">{frame.updates > 0 ? frame.updates : ''}</span>
                </Link>
                <Yourself frame={frame} onKeys={show('keys')} />
            </span>
        </nav>
    );
}
