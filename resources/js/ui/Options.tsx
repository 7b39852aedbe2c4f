import { clsx } from 'clsx';
import { Command } from 'cmdk';
import { Check } from 'lucide-react';
import { Popover } from 'radix-ui';
import { Fragment, type ReactNode } from 'react';

export interface SelectOption {
    value: string | number;
    label: string;
    /** The heading it stands under. */
    group?: string | null;
}

interface OptionsProps {
    /** The id of the list. */
    list: string;
    all: readonly SelectOption[];
    chosen: SelectOption | undefined;
    mayWrite: boolean;
    /** Words of one's own that are not in the list; empty for none. */
    own: string;
    choose: (next: string) => () => void;
}

interface SearchedProps extends OptionsProps {
    typed: string;
    onType: (typed: string) => void;
}

/** More than these are not taken in at a glance: the field to search them stands open. */
const AT_A_GLANCE = 7;

const item = 'flex min-h-8 cursor-pointer items-center gap-2 px-3 py-1 data-[selected=true]:bg-faint pointer-coarse:min-h-11';

/** The choices of a select, with the field by which they are searched. */
export function SearchedOptions({ typed, onType, ...options }: SearchedProps) {
    const { all, chosen, mayWrite } = options;

    return (
        <Popover.Content
            align="start"
            sideOffset={2}
            collisionPadding={8}
            className="z-60 min-w-(--radix-popover-trigger-width) border border-ink bg-sheet shadow-lg"
        >
            <Command label="Search" defaultValue={keyOf(chosen)} loop filter={matches}>
                <Command.Input
                    autoFocus
                    value={typed}
                    onValueChange={onType}
                    placeholder={mayWrite ? 'Type a name' : 'Type to search'}
                    className={
                        mayWrite || all.length > AT_A_GLANCE || typed !== ''
                            ? 'w-full border-b border-hairline bg-transparent px-3 py-1.5 outline-none placeholder:text-ink-2'
                            : 'sr-only'
                    }
                />
                <Options {...options} />
            </Command>
        </Popover.Content>
    );
}

function Options({ list, all, chosen, mayWrite, own, choose }: OptionsProps) {
    return (
        <Command.List id={list} className="max-h-72 max-w-[min(420px,calc(100vw-24px))] overflow-y-auto py-1">
            {!mayWrite && <Command.Empty className="px-3 py-1.5 text-ink-2">Nothing found.</Command.Empty>}
            {[...Map.groupBy(all, (option) => option.group ?? null)].map(([group, members]) => (
                <Grouping key={group ?? ''} heading={group}>
                    {members.map((option) => (
                        <Command.Item key={option.value} value={keyOf(option)} onSelect={choose(String(option.value))} className={item}>
                            <Check aria-hidden size={13} className={clsx('flex-none', option !== chosen && 'invisible')} />
                            <span className={clsx('min-w-0', option.value === '' && 'text-ink-2')}>{option.label}</span>
                        </Command.Item>
                    ))}
                </Grouping>
            ))}
            {mayWrite && own !== '' && (
                <Command.Item forceMount value={`${own}\nown`} onSelect={choose(own)} className={item}>
                    <span className="pl-5">Use “{own}”</span>
                </Command.Item>
            )}
        </Command.List>
    );
}

/** Words can be the same twice; with its value each is one. */
const keyOf = (option: SelectOption | undefined) => (option === undefined ? '' : `${option.label}\n${String(option.value)}`);

/** What begins with the letters stands before what holds them in a later word. */
const matches = (key: string, search: string) => {
    const label = key.slice(0, key.lastIndexOf('\n')).toLowerCase();
    const sought = search.trim().toLowerCase();

    if (label.startsWith(sought)) {
        return 1;
    }

    return sought.split(/\s+/).every((part) => label.includes(part)) ? 0.5 : 0;
};

function Grouping({ heading, children }: { heading: string | null; children: ReactNode }) {
    return heading === null ? (
        <Fragment>{children}</Fragment>
    ) : (
        <Command.Group
            heading={heading}
            className={clsx(
                '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-1',
                '[&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:text-ink-2',
            )}
        >
            {children}
        </Command.Group>
    );
}
