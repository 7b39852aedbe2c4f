import { useState } from 'react';
import { CloseMeeting } from './CloseMeeting';
import { Outcomes } from './Outcomes';
import type { HereNow, ItemRow, RoomView } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { chime } from '../../../lib/chime';
import { route } from '../../../lib/routes';
import { Button } from '../../../ui/Button';
import { Menu, MenuItem, MenuRule } from '../../../ui/Menu';

interface Props {
    page: RoomView;
    shown: ItemRow | undefined;
    next: ItemRow | undefined;
    here: HereNow;
    onTurn: (item: ItemRow) => void;
    /** Goes to an item, to add what was typed there. */
    onGo: (item: number) => void;
}

/** What the chair does: on to the next item, what becomes of an issue, pause, close. */
export function RoomBar({ page, shown, next, here, onTurn, onGo }: Props) {
    const previous = page.items.filter((item) => item.state === 'done').at(-1);

    return (
        <div className="sticky bottom-0 mt-auto flex flex-wrap items-center gap-2 bg-sheet py-4">
            {shown !== undefined && shown.state !== 'current' && (
                <Button
                    kind="main"
                    onClick={() => {
                        onTurn(shown);
                    }}
                >
                    {shown.state === 'done' ? 'Continue this item' : 'Start this item'}
                </Button>
            )}
            {shown?.state === 'current' && next !== undefined && (
                <Button
                    kind="main"
                    keys="Ctrl ↵"
                    onClick={() => {
                        onTurn(next);
                    }}
                >
                    Next item
                </Button>
            )}
            {shown?.state === 'current' && previous !== undefined && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        onTurn(previous);
                    }}
                >
                    Back
                </Button>
            )}
            {shown?.issue != null && <Outcomes page={page} item={shown} />}
            <span className="ml-auto flex gap-2">
                <More page={page} shown={shown} />
                <CloseMeeting page={page} here={here} isNext={next === undefined} onGo={onGo} />
            </span>
        </div>
    );
}

function More({ page, shown }: { page: RoomView; shown: ItemRow | undefined }) {
    const [rings, setRings] = useState(chime.isOn);
    const waiting = page.items.filter((item) => item.state === 'coming' || item.state === 'wont_fit');
    const place = waiting.findIndex((item) => item.id === shown?.id);
    const move = (before: number | undefined) => {
        if (shown !== undefined) {
            act('put', route('items.move', shown.id), { before: before ?? null });
        }
    };

    return (
        <>
            <Button
                onClick={() => {
                    act('put', route('meetings.pause', page.id), { isPaused: !page.isPaused });
                }}
            >
                {page.isPaused ? 'Continue' : 'Pause'}
            </Button>
            <Menu trigger={<Button>More …</Button>}>
                {shown?.state === 'current' && (
                    <MenuItem
                        onSelect={() => {
                            act('put', route('items.extend', shown.id), { minutes: 5 });
                        }}
                    >
                        Take 5 more minutes
                    </MenuItem>
                )}
                {place > 0 && (
                    <MenuItem
                        onSelect={() => {
                            move(waiting[place - 1]?.id);
                        }}
                    >
                        Move up on the agenda
                    </MenuItem>
                )}
                {place > 0 && (
                    <MenuItem
                        onSelect={() => {
                            move(waiting[0]?.id);
                        }}
                    >
                        Move to the top
                    </MenuItem>
                )}
                {place >= 0 && shown?.kind !== 'closing' && (
                    <MenuItem
                        onSelect={() => {
                            move(waiting[place + 2]?.id);
                        }}
                    >
                        Move down on the agenda
                    </MenuItem>
                )}
                <MenuRule />
                <MenuItem
                    onSelect={() => {
                        chime.turn(!rings);
                        setRings(!rings);
                    }}
                >
                    {rings ? 'No sound at the end of an item' : 'Sound at the end of an item'}
                </MenuItem>
            </Menu>
        </>
    );
}
