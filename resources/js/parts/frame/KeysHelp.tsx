import { clsx } from 'clsx';
import { type KeyboardEvent, useState } from 'react';
import { changedKeys, keysNow, singleKeys } from '../../lib/keys';
import { Dialog } from '../../ui/Dialog';
import { Kbd } from '../../ui/Kbd';
import { Check } from '../../ui/Check';

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
    /** The room that the page belongs to, by name. */
    room: string | undefined;
    /** Keys that are heard on every page. */
    everywhere: string[];
}

/** The keys that the present page hears, told by what hears them. Single ones can be replaced by others. */
export function KeysHelp({ isOpen, onOpenChange, ...keys }: Props) {
    return (
        <Dialog isOpen={isOpen} onOpenChange={onOpenChange} title="Keyboard shortcuts">
            <Keys {...keys} />
        </Dialog>
    );
}

function Keys({ room, everywhere }: Pick<Props, 'room' | 'everywhere'>) {
    const [areOn, setOn] = useState(singleKeys.areOn);
    const [keys] = useState(keysNow);
    const [changing, setChanging] = useState<string | null>(null);
    const [problem, setProblem] = useState<string | null>(null);

    const choose = (event: KeyboardEvent<HTMLButtonElement>, key: string) => {
        if (event.key.length !== 1 || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }

        event.preventDefault();
        const taken = keys.find(([other]) => other !== key && changedKeys.of(other) === event.key);

        if (taken === undefined) {
            changedKeys.change(key, event.key);
            setProblem(null);
        } else {
            setProblem(`“${event.key}” is already used: ${taken[1]}.`);
        }

        setChanging(null);
    };

    const isGoing = (key: string) => key.startsWith('g ');
    const groups: [string, typeof keys][] = [
        [room ?? 'This page', keys.filter(([key]) => !isGoing(key) && !everywhere.includes(key))],
        ['Everywhere', keys.filter(([key]) => !isGoing(key) && everywhere.includes(key))],
        ['Rooms', keys.filter(([key]) => isGoing(key))],
    ];

    return (
        <>
            {groups.map(
                ([name, of]) =>
                    of.length > 0 && (
                        <KeyGroup key={name} name={name} of={of} changing={changing} onChange={setChanging} onPress={choose} />
                    ),
            )}
            {problem !== null && (
                <p role="alert" className="mt-2 text-sm text-persimmon">
                    {problem}
                </p>
            )}
            <div className="mt-3">
                <Check
                    label="Use single keys"
                    checked={areOn}
                    onChange={(on) => {
                        singleKeys.turn(on);
                        setOn(on);
                    }}
                />
            </div>
        </>
    );
}

interface GroupProps {
    name: string;
    /** Its keys, with what each does. */
    of: [string, string][];
    /** The key that is being replaced. */
    changing: string | null;
    onChange: (key: string) => void;
    onPress: (event: KeyboardEvent<HTMLButtonElement>, key: string) => void;
}

function KeyGroup({ name, of, changing, onChange, onPress }: GroupProps) {
    return (
        <section className="mt-4 first:mt-0">
            <h3 className="border-b border-rule pb-1">{name}</h3>
            <dl className="divide-y divide-hairline">
                {of.map(([key, words]) => (
                    <KeyLine
                        key={key}
                        name={key}
                        words={words}
                        isChanging={changing === key}
                        onChange={() => {
                            onChange(key);
                        }}
                        onPress={(event) => {
                            onPress(event, key);
                        }}
                    />
                ))}
            </dl>
        </section>
    );
}

interface KeyLineProps {
    /** The key as it comes; it may have been changed. */
    name: string;
    words: string;
    isChanging: boolean;
    onChange: () => void;
    onPress: (event: KeyboardEvent<HTMLButtonElement>) => void;
}

function KeyLine({ name, words, isChanging, onChange, onPress }: KeyLineProps) {
    return (
        <div className="group/key flex items-center gap-4 py-1.5">
            <dt className="flex-1">{words}</dt>
            <dd className="flex items-center gap-3">
                {name.length === 1 && (
                    <button
                        type="button"
                        aria-label={`Change the key for ${words}`}
                        onClick={() => {
                            onChange();
                        }}
                        onKeyDown={(event) => {
                            if (isChanging) {
                                onPress(event);
                            }
                        }}
                        className={clsx(
                            'text-xs text-ink-2 opacity-0 group-hover/key:opacity-100',
                            'focus-visible:opacity-100 pointer-coarse:opacity-100',
                        )}
                    >
                        {isChanging ? 'Press a key' : 'Change'}
                    </button>
                )}
                <Kbd>{changedKeys.of(name)}</Kbd>
            </dd>
        </div>
    );
}
