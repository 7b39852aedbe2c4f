import { usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Command } from 'cmdk';
import { useEffect, useState } from 'react';
import type { Option } from '../../generated/props';
import { refresh } from '../../lib/background';
import { Dialog } from '../../ui/Dialog';

/** What a task is for: a project, a goal, or neither. */
export interface Place {
    project: string | null;
    goal: string | null;
}

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
    /** Whether a goal can be chosen as well. */
    hasGoals?: boolean;
    onChoose: (place: Place) => void;
}

/** How often what there is to choose from is asked for, until it is there. */
const TRIES = 5;

/** Chooses what a task is for, by typing. What there is to choose from is fetched when it is asked for. */
export function ToPlace({ isOpen, onOpenChange, hasGoals = false, onChoose }: Props) {
    return (
        <Dialog isOpen={isOpen} onOpenChange={onOpenChange} title={hasGoals ? 'Move to' : 'Move to project'}>
            <Places
                hasGoals={hasGoals}
                onChoose={(place) => {
                    onOpenChange(false);
                    onChoose(place);
                }}
            />
        </Dialog>
    );
}

function Places({ hasGoals, onChoose: choose }: { hasGoals: boolean; onChoose: (place: Place) => void }) {
    const props = usePage().props;
    const [{ places, served }, keep] = useState({ places: props.places, served: props.served });

    // A change that is answered meanwhile brings a page without them: what is known stays.
    if ((props.places !== undefined && props.places !== places) || (props.served !== undefined && props.served !== served)) {
        keep({ places: props.places ?? places, served: props.served ?? served });
    }

    const isMissing = places === undefined || (hasGoals && served === undefined);
    const [tries, setTries] = useState(0);
    useEffect(() => {
        if (isMissing && tries < TRIES) {
            void refresh(hasGoals ? ['places', 'served'] : ['places']).then(() => {
                setTries((before) => before + 1);
            });
        }
    }, [isMissing, hasGoals, tries]);

    return (
        <Command label={hasGoals ? 'Projects and goals' : 'Projects'} loop>
            <Command.Input autoFocus placeholder="Name" className="field" />
            <Command.List className="mt-2 max-h-80 overflow-y-auto">
                <Command.Empty className="px-2 py-3 text-sm text-ink-2">No open project or goal found.</Command.Empty>
                <Item
                    words={hasGoals ? 'Not linked to a project or goal' : 'No project'}
                    onSelect={() => {
                        choose({ project: null, goal: null });
                    }}
                />
                <Group
                    heading="Projects"
                    options={places ?? []}
                    onChoose={(project) => {
                        choose({ project, goal: null });
                    }}
                />
                {hasGoals && (
                    <Group
                        heading="Goals"
                        options={served ?? []}
                        onChoose={(goal) => {
                            choose({ project: null, goal });
                        }}
                    />
                )}
            </Command.List>
        </Command>
    );
}

function Group({ heading, options, onChoose }: { heading: string; options: Option[]; onChoose: (value: string) => void }) {
    return (
        <Command.Group
            heading={heading}
            className={clsx(
                '[&_[cmdk-group-heading]]:border-b',
                '[&_[cmdk-group-heading]]:border-hairline [&_[cmdk-group-heading]]:px-2',
                '[&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1',
                '[&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:text-ink-2',
            )}
        >
            {options.map((option) => (
                <Item
                    key={option.value}
                    value={`${heading} ${option.label} ${option.value}`}
                    words={option.label}
                    onSelect={() => {
                        onChoose(option.value);
                    }}
                />
            ))}
        </Command.Group>
    );
}

function Item({ value, words, onSelect }: { value?: string; words: string; onSelect: () => void }) {
    return (
        <Command.Item
            value={value ?? words}
            onSelect={onSelect}
            className="flex min-h-8 cursor-pointer items-center px-2 data-[selected=true]:bg-faint"
        >
            {words}
        </Command.Item>
    );
}
