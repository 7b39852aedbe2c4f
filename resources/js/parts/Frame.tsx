import { Link, router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { type ReactNode, useState } from 'react';
import { Commands } from './Commands';
import { JotDialog } from './JotDialog';
import { Explain } from './figure/Explain';
import { KeysHelp } from './KeysHelp';
import { Marks } from './marks/Marks';
import { Notices } from './Notices';
import { stepWeek, YearRail } from './YearRail';
import { Unsent } from './Unsent';
import { Yourself } from './Yourself';
import type { Frame as FrameProps } from '../generated/props';
import { useFresh } from '../lib/fresh';
import { useKeys } from '../lib/keys';
import { useTicket } from './day/ticket';
import { route } from '../lib/routes';
import { Kbd } from '../ui/Kbd';
import { Menu, MenuItem } from '../ui/Menu';

interface Room {
    name: string;
    key: string;
    href: string;
    /** The folders of pages that belong to the room. */
    pages: string[];
}

export const rooms: Room[] = [
    { name: 'Day', key: 'd', href: route('day'), pages: ['day', 'capture'] },
    { name: 'Week', key: 'w', href: route('week.current'), pages: ['week'] },
    { name: 'Lists', key: 'l', href: route('lists'), pages: ['lists'] },
    { name: 'Sheet', key: 's', href: route('sheet'), pages: ['goals'] },
    { name: 'Projects', key: 'p', href: route('projects.index'), pages: ['projects'] },
    { name: 'Meetings', key: 'm', href: route('meetings.index'), pages: ['meetings'] },
    { name: 'Reviews', key: 'r', href: route('reviews.index'), pages: ['reviews'] },
    { name: 'Direction', key: 'y', href: route('direction'), pages: ['direction'] },
    { name: 'People', key: 'o', href: route('people.index'), pages: ['people'] },
];

/** What stands around every screen: the year rail, the rooms, jot, tray, yourself. */
export function Frame({ children }: { children: ReactNode }) {
    const { frame } = usePage().props;

    return frame == null ? <main>{children}</main> : <FrameAround frame={frame}>{children}</FrameAround>;
}

type Open = 'jot' | 'commands' | 'keys' | null;

function FrameAround({ frame, children }: { frame: FrameProps; children: ReactNode }) {
    const page = usePage();
    const [open, setOpen] = useState<Open>(null);
    const room = page.component.split('/')[0] ?? '';
    const selected = /\/(?:weeks|reviews)\/(\d{4}-W\d{2})/.exec(page.url)?.[1] ?? frame.thisWeek;
    const addressOf = (week: string) => route(room === 'reviews' ? 'reviews.show' : 'week.show', week);
    const show = (what: Open) => () => {
        setOpen(what);
    };

    useTicket(frame.ticket);
    useFresh();
    useKeys({
        n: show('jot'),
        '/': show('commands'),
        'Ctrl k': show('commands'),
        '?': show('keys'),
        '[': () => {
            stepWeek(frame.rail, selected, -1, addressOf);
        },
        b: () => {
            stepWeek(frame.rail, selected, -1, addressOf);
        },
        ']': () => {
            stepWeek(frame.rail, selected, 1, addressOf);
        },
        f: () => {
            stepWeek(frame.rail, selected, 1, addressOf);
        },
        ...Object.fromEntries(
            rooms.map(({ key, href }) => [
                `g ${key}`,
                () => {
                    router.visit(href);
                },
            ]),
        ),
    });

    return (
        <Explain>
            <div className="flex min-h-screen flex-col bg-sheet print:block print:min-h-0">
                <a href="#content" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2">
                    Skip to content
                </a>
                <header className="print:hidden">
                    <YearRail rail={frame.rail} thisWeek={frame.thisWeek} selected={selected} addressOf={addressOf} />
                    <nav
                        aria-label="Rooms"
                        className="flex h-[38px] items-stretch gap-5 border-y border-t-ink border-b-hairline px-6 whitespace-nowrap max-md:gap-3 max-md:px-4 pointer-coarse:h-11"
                    >
                        <Link href={route('day')} className="mr-2 flex items-center text-md font-bold tracking-[-0.03em] max-md:hidden">
                            loftrin
                        </Link>
                        {rooms.map((each, place) => (
                            <Link
                                key={each.name}
                                href={each.href}
                                aria-current={each.pages.includes(room) ? 'page' : undefined}
                                className={clsx(
                                    '-mt-px flex items-center border-t-3',
                                    each.pages.includes(room) ? 'border-ink font-semibold' : 'border-transparent text-ink-2 hover:text-ink',
                                    place > 4 && 'max-lg:hidden',
                                    (place === 2 || place === 4) && 'max-sm:hidden',
                                )}
                            >
                                {each.name}
                            </Link>
                        ))}
                        <MoreRooms />
                        <span className="ml-auto flex items-center gap-4 text-ink-2 max-md:gap-3">
                            <button type="button" onClick={show('jot')} className="flex h-full items-center gap-1.5 hover:text-ink">
                                Jot <Kbd>n</Kbd>
                            </button>
                            <button
                                type="button"
                                onClick={show('commands')}
                                className="flex h-full items-center gap-1.5 hover:text-ink max-md:hidden"
                            >
                                Find <Kbd>/</Kbd>
                            </button>
                            <Link href={route('tray')} className="flex h-full items-center gap-1.5 hover:text-ink">
                                Tray <span className="font-mono text-xs">{frame.tray}</span>
                            </Link>
                            {frame.news > 0 && (
                                <Link href={route('news')} className="flex h-full items-center gap-1.5 hover:text-ink max-md:hidden">
                                    Updates <span className="font-mono text-xs">{frame.news}</span>
                                </Link>
                            )}
                            <Yourself frame={frame} onKeys={show('keys')} />
                        </span>
                    </nav>
                </header>
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
                <Commands
                    isOpen={open === 'commands'}
                    onOpenChange={(isOpen) => {
                        setOpen(isOpen ? 'commands' : null);
                    }}
                    onJot={show('jot')}
                />
                <KeysHelp
                    isOpen={open === 'keys'}
                    onOpenChange={(isOpen) => {
                        setOpen(isOpen ? 'keys' : null);
                    }}
                />
                <Notices />
            </div>
        </Explain>
    );
}

/** The rooms that a narrow screen has no place for. */
function MoreRooms() {
    return (
        <span className="flex lg:hidden">
            <Menu
                trigger={
                    <button type="button" className="text-ink-2">
                        more
                    </button>
                }
            >
                {rooms.slice(2).map((room) => (
                    <MenuItem
                        key={room.name}
                        onSelect={() => {
                            router.visit(room.href);
                        }}
                    >
                        {room.name}
                    </MenuItem>
                ))}
            </Menu>
        </span>
    );
}
