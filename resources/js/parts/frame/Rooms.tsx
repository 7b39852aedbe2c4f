import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { Room, Section } from '../../lib/rooms';
import { Menu, MenuItem } from '../../ui/Menu';

/** The rooms in two groups, doing and steering. A narrow screen has the first four, and more. */
export function Rooms({ rooms, lit }: { rooms: Room[]; lit: string | undefined }) {
    return (
        <>
            {rooms.map((room, place) => (
                <Link
                    key={room.name}
                    href={room.href}
                    aria-current={room.name === lit ? 'page' : undefined}
                    className={clsx(
                        '-mt-px flex items-center border-t-3',
                        room.name === lit ? 'border-ink font-semibold' : 'border-transparent text-ink-2 hover:text-ink',
                        place === 4 && 'lg:ml-7',
                        place > 3 && 'max-lg:hidden',
                        place === 3 && 'max-sm:hidden',
                    )}
                >
                    {room.name}
                </Link>
            ))}
            <span className="flex lg:hidden">
                <Menu
                    trigger={
                        <button type="button" className="text-ink-2">
                            more
                        </button>
                    }
                >
                    {rooms.slice(3).map((room) => (
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
        </>
    );
}

/** The sections of a room that has several. */
export function Sections({ room, lit }: { room: Room; lit: Section }) {
    return (
        room.sections.length > 1 && (
            <nav
                aria-label={`Pages of ${room.name}`}
                className="flex gap-5 overflow-x-auto px-6 text-sm whitespace-nowrap max-md:px-4 print:hidden"
            >
                {room.sections.map((section) => (
                    <Link
                        key={section.name}
                        href={section.href}
                        aria-current={section === lit ? 'page' : undefined}
                        className={clsx(
                            'flex min-h-6 items-center pointer-coarse:min-h-11',
                            section === lit ? 'font-semibold' : 'text-ink-2 hover:text-ink',
                        )}
                    >
                        {section.name}
                    </Link>
                ))}
            </nav>
        )
    );
}
