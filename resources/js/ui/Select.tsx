import { clsx } from 'clsx';
import { Command } from 'cmdk';
import { Check, ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { Fragment, type KeyboardEvent, type ReactNode, useId, useState } from 'react';
import { described, FieldFrame, type FrameProps } from './Field';

export interface SelectOption {
    value: string | number;
    label: string;
    /** The heading it stands under. */
    group?: string | null;
}

interface Choosing {
    value: string | number;
    options: readonly SelectOption[];
    /** What it is called when nothing is chosen; without it there is always a choice. */
    none?: string | undefined;
    /** Whether words of one's own can be chosen that are not in the list. */
    mayWrite?: boolean;
    /** The value of what was chosen; empty for none. */
    onChange: (value: string) => void;
    disabled?: boolean;
}

interface SelectProps extends Choosing {
    trigger: (chosen: string) => { className: string; children: ReactNode };
    id?: string;
    'aria-label'?: string;
    'aria-invalid'?: boolean;
    'aria-describedby'?: string | undefined;
}

/** More than these are not taken in at a glance: the field to search them stands open. */
const AT_A_GLANCE = 7;

const item = 'flex min-h-8 cursor-pointer items-center gap-2 px-3 py-1 data-[selected=true]:bg-faint pointer-coarse:min-h-11';

/** A choice out of a list that is searched by typing; a letter on the closed one opens it at what begins so. */
export function Select({ value, options, none, mayWrite = false, onChange, disabled, trigger, ...named }: SelectProps) {
    const [isOpen, setOpen] = useState(false);
    const [typed, setTyped] = useState('');
    const list = useId();
    const all = none === undefined ? options : [{ value: '', label: none }, ...options];
    const chosen = all.find((option) => String(option.value) === String(value));
    const { className, children } = trigger(chosen?.label ?? (mayWrite ? String(value) : ''));

    const own = all.some((option) => option.label === typed.trim()) ? '' : typed.trim();

    const open = (letter: string) => {
        setTyped(letter);
        setOpen(true);
    };
    const choose = (next: string) => () => {
        setOpen(false);

        if (next !== String(value)) {
            onChange(next);
        }
    };
    const onKeyDown = (event: KeyboardEvent) => {
        if (event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }

        if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            open('');
        } else if (/^[\p{L}\p{N}]$/u.test(event.key)) {
            event.preventDefault();
            event.stopPropagation();
            open(event.key);
        }
    };

    return (
        <Popover.Root
            modal
            open={isOpen}
            onOpenChange={(now) => {
                setTyped('');
                setOpen(now);
            }}
        >
            <Popover.Trigger asChild>
                <button
                    type="button"
                    role="combobox"
                    aria-expanded={isOpen}
                    aria-controls={list}
                    disabled={disabled}
                    onKeyDown={onKeyDown}
                    className={className}
                    {...named}
                >
                    {children}
                </button>
            </Popover.Trigger>
            <Popover.Portal>
                <Found
                    mayWrite={mayWrite}
                    typed={typed}
                    setTyped={setTyped}
                    list={list}
                    all={all}
                    chosen={chosen}
                    own={own}
                    choose={choose}
                />
            </Popover.Portal>
        </Popover.Root>
    );
}

function Found({
    mayWrite,
    typed,
    setTyped,
    list,
    all,
    chosen,
    own,
    choose,
}: {
    mayWrite: boolean;
    typed: string;
    setTyped: (value: string) => void;
    list: string;
    all: readonly SelectOption[];
    chosen: SelectOption | undefined;
    own: string;
    choose: (next: string) => () => void;
}) {
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
                    onValueChange={setTyped}
                    placeholder={mayWrite ? 'Type a name' : 'Type to search'}
                    className={
                        mayWrite || all.length > AT_A_GLANCE || typed !== ''
                            ? 'w-full border-b border-hairline bg-transparent px-3 py-1.5 outline-none placeholder:text-ink-2'
                            : 'sr-only'
                    }
                />
                <Options mayWrite={mayWrite} list={list} all={all} chosen={chosen} own={own} choose={choose} />
            </Command>
        </Popover.Content>
    );
}

function Options({
    mayWrite,
    list,
    all,
    chosen,
    own,
    choose,
}: {
    mayWrite: boolean;
    list: string;
    all: readonly SelectOption[];
    chosen: SelectOption | undefined;
    own: string;
    choose: (next: string) => () => void;
}) {
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

type SelectFieldProps = FrameProps & Choosing;

/** A choice out of a list, as a field of a form. */
export function SelectField({ label, error, hint, className, isLabelHidden, ...choosing }: SelectFieldProps) {
    const id = useId();
    const frame = { label, error, hint, className, isLabelHidden } as FrameProps;

    return (
        <FieldFrame id={id} {...frame}>
            <Select
                id={id}
                {...described(id, frame)}
                {...choosing}
                trigger={(chosen) => ({
                    className: 'field flex items-center justify-between gap-2 text-left disabled:opacity-60',
                    children: (
                        <>
                            <span className={clsx('truncate', String(choosing.value) === '' && 'text-ink-2')}>{chosen}</span>
                            <ChevronDown aria-hidden size={14} className="flex-none text-ink-2" />
                        </>
                    ),
                })}
            />
        </FieldFrame>
    );
}

/** A choice within a sentence: as words with a rule beneath, not as a field. */
export function WordSelect({ label, ...choosing }: { label: string } & Choosing) {
    return (
        <Select
            aria-label={label}
            {...choosing}
            trigger={(chosen) => ({
                className: clsx(
                    'max-w-56 min-w-0 truncate border-b border-rule py-0.5 text-left',
                    'font-semibold text-ink hover:border-ink pointer-coarse:min-h-11',
                ),
                children: chosen,
            })}
        />
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
