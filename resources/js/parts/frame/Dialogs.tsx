import { Commands } from './Commands';
import { KeysHelp } from './KeysHelp';
import { RaiseForm } from '../meetings/RaiseAbout';
import { Dialog } from '../../ui/Dialog';

export type Open = 'commands' | 'keys' | 'issue';

interface Props {
    open: Open;
    onOpen: (open: Open | null) => void;
    onJot: () => void;
    /** The room that the page belongs to, by name. */
    room: string | undefined;
    /** Keys that are heard on every page. */
    everywhere: string[];
}

/** What opens above any page: search and commands, an issue, the keys. */
export default function Dialogs({ open, onOpen, onJot, room, everywhere }: Props) {
    const opening = (isOpen: boolean) => {
        onOpen(isOpen ? open : null);
    };

    switch (open) {
        case 'commands':
            return (
                <Commands
                    isOpen
                    onOpenChange={opening}
                    onJot={onJot}
                    onRaise={() => {
                        onOpen('issue');
                    }}
                />
            );
        case 'issue':
            return (
                <Dialog isOpen onOpenChange={opening} title="Raise an issue" size="l">
                    <RaiseForm
                        onDone={() => {
                            onOpen(null);
                        }}
                    />
                </Dialog>
            );
        case 'keys':
            return <KeysHelp isOpen onOpenChange={opening} room={room} everywhere={everywhere} />;
    }
}
