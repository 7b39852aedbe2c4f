import { router, usePage } from '@inertiajs/react';
import { Command } from 'cmdk';
import { useEffect } from 'react';
import { Dialog } from '../../ui/Dialog';

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
    /** Null for none. */
    onChoose: (project: string | null) => void;
}

/** Chooses a project among all that are open, by typing. They are fetched when they are asked for. */
export function ToProject({ isOpen, onOpenChange, onChoose }: Props) {
    const { places } = usePage().props;
    const choose = (project: string | null) => {
        onOpenChange(false);
        onChoose(project);
    };

    useEffect(() => {
        if (isOpen) {
            router.reload({ only: ['places'] });
        }
    }, [isOpen]);

    return (
        <Dialog isOpen={isOpen} onOpenChange={onOpenChange} title="To which project?">
            <Command label="Projects" loop>
                <Command.Input autoFocus placeholder="Its name" className="field" />
                <Command.List className="mt-2 max-h-80 overflow-y-auto">
                    <Command.Empty className="px-2 py-3 text-sm text-ink-2">No open project by that name.</Command.Empty>
                    {[{ value: null, label: 'No project' }, ...(places ?? [])].map((place) => (
                        <Command.Item
                            key={place.value}
                            value={`${place.label} ${place.value ?? ''}`}
                            onSelect={() => {
                                choose(place.value);
                            }}
                            className="flex min-h-8 cursor-pointer items-center px-2 data-[selected=true]:bg-faint"
                        >
                            {place.label}
                        </Command.Item>
                    ))}
                </Command.List>
            </Command>
        </Dialog>
    );
}
