import { router, usePage } from '@inertiajs/react';
import { Command } from 'cmdk';
import { rooms } from '../../lib/rooms';
import { route } from '../../lib/routes';
import { Dialog } from '../../ui/Dialog';
import { Kbd } from '../../ui/Kbd';

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
    onJot: () => void;
    onRaise: () => void;
}

interface Choice {
    words: string;
    keys?: string;
    run: () => void;
}

/** Everything one can go to or begin, found by typing. */
export function Commands({ isOpen, onOpenChange, onJot, onRaise }: Props) {
    const { frame } = usePage().props;
    const go = (href: string) => () => {
        router.visit(href);
    };
    const choices: Choice[] = [
        ...rooms(frame).flatMap((room) =>
            room.sections.map((section, place) => ({
                words: section.name === room.name || place > 0 ? section.name : `${room.name}: ${section.name}`,
                ...(place === 0 && { keys: `g ${room.key}` }),
                run: go(section.href),
            })),
        ),
        { words: 'Tray', keys: 'g t', run: go(route('tray')) },
        { words: 'Updates', run: go(route('updates')) },
        { words: 'Notifications', run: go(route('notifications')) },
        { words: 'Jot', keys: 'n', run: onJot },
        { words: 'New goal', run: go(route('goals.create')) },
        { words: 'New project', run: go(route('projects.create')) },
        { words: 'New meeting', run: go(route('series.create')) },
        { words: 'Decisions and minutes', run: go(route('decisions.index')) },
        { words: 'Raise an issue', run: onRaise },
        { words: 'Review this week', run: go(route('reviews.show', frame?.thisWeek ?? '')) },
        ...(frame?.rail.weeks ?? []).map((week) => ({ words: `Week ${String(week.number)}`, run: go(route('week.show', week.name)) })),
    ];

    return (
        <Dialog isOpen={isOpen} onOpenChange={onOpenChange} title="Search">
            <Command label="Search" loop>
                <Command.Input autoFocus placeholder="A page, a week or something new" className="field" />
                <Command.List className="mt-2 max-h-80 overflow-y-auto">
                    <Command.Empty className="px-2 py-3 text-sm text-ink-2">Nothing found.</Command.Empty>
                    {choices.map((choice) => (
                        <Command.Item
                            key={choice.words}
                            value={choice.words}
                            onSelect={() => {
                                onOpenChange(false);
                                choice.run();
                            }}
                            className="flex min-h-8 cursor-pointer items-center justify-between px-2 data-[selected=true]:bg-faint"
                        >
                            {choice.words}
                            {choice.keys !== undefined && <Kbd>{choice.keys}</Kbd>}
                        </Command.Item>
                    ))}
                </Command.List>
            </Command>
        </Dialog>
    );
}
