import { type SubmitEvent, useState } from 'react';
import type { ItemRow, Outcome, RoomView } from '../../../generated/props';
import { withItem } from '../../../lib/meetings';
import { act } from '../../../lib/queue/act';
import { route } from '../../../lib/routes';
import { Button } from '../../../ui/Button';
import { DateField } from '../../../ui/DateField';
import { Dialog } from '../../../ui/Dialog';
import { Menu, MenuGroup, MenuItem, MenuRule } from '../../../ui/Menu';

interface Props {
    page: RoomView;
    item: ItemRow;
    onSettle: (outcome: Outcome) => void;
}

/** What else can become of an issue: it leaves this agenda, and is found where it went. */
export function MoveIssue({ page, item, onSettle }: Props) {
    const [isShelving, setShelving] = useState(false);
    const [returnOn, setReturnOn] = useState('');
    const [problem, setProblem] = useState<string>();
    const shelve = (event: SubmitEvent) => {
        event.preventDefault();
        act(
            'put',
            route('items.settle', item.id),
            { outcome: 'shelved', returnOn },
            {
                guess: withItem(item.id, { outcome: 'shelved' }),
                onDone: () => {
                    setShelving(false);
                },
                onRefused: setProblem,
            },
        );
    };

    return (
        <>
            <Menu trigger={<Button>Move …</Button>}>
                {page.otherMeetings.length > 0 && <ToAnotherMeeting page={page} item={item} />}
                <MenuItem
                    onSelect={() => {
                        onSettle('project');
                    }}
                >
                    Make a project of it
                </MenuItem>
                <MenuItem
                    onSelect={() => {
                        onSettle('goal');
                    }}
                >
                    Make a goal of it
                </MenuItem>
                <MenuRule />
                <MenuItem
                    onSelect={() => {
                        setShelving(true);
                    }}
                >
                    Shelve …
                </MenuItem>
                <MenuItem
                    onSelect={() => {
                        onSettle('dropped');
                    }}
                >
                    Drop
                </MenuItem>
            </Menu>
            <Dialog
                isOpen={isShelving}
                onOpenChange={setShelving}
                title={`Shelve “${item.title}”`}
                hint="It comes back to this meeting on its return date."
            >
                <form onSubmit={shelve} className="space-y-4">
                    <DateField label="Return date, if it has one" value={returnOn} error={problem} onChange={setReturnOn} />
                    <Button kind="main" type="submit">
                        Shelve
                    </Button>
                </form>
            </Dialog>
        </>
    );
}

function ToAnotherMeeting({ page, item }: { page: RoomView; item: ItemRow }) {
    return (
        <MenuGroup label="To another meeting">
            {page.otherMeetings.map((other) => (
                <MenuItem
                    key={other.value}
                    onSelect={() => {
                        const guess = withItem(item.id, { outcome: 'other_meeting' });
                        act('put', route('items.settle', item.id), { outcome: 'other_meeting', series: other.value }, { guess });
                    }}
                >
                    {other.label}
                </MenuItem>
            ))}
        </MenuGroup>
    );
}
