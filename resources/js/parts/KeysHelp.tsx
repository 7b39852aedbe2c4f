import { useState } from 'react';
import { singleKeys } from '../lib/keys';
import { Dialog } from '../ui/Dialog';
import { Check } from '../ui/Field';
import { Kbd } from '../ui/Kbd';

const keys: [string, string][] = [
    ['n', 'Jot a thought'],
    ['/ or Ctrl K', 'Go to a room, a week, something new'],
    ['[ or b, ] or f', 'A week back, a week on'],
    ['g, then d w s p m r o', 'Day, Week, Sheet, Projects, Meetings, Reviews, People'],
    ['↑ ↓', 'In a list of tasks, to the one before or after'],
    ['arrows', 'On the sheet, from goal to goal'],
    ['e', 'How a figure comes about: that of the goal with the focus, or the first one'],
    ['+ − o l', 'On the sheet: closer, further, outline, filter'],
    ['v, or Shift ↑ ↓', 'Mark tasks, to do the same to all of them; Escape unmarks'],
    ['Alt and an arrow', 'In a project: move the task in its order, or to the next stage'],
    ['Space', 'Tick the task that has the focus'],
    ['.', 'What can be done with it'],
    ['Ctrl Enter', 'The next step of a screen'],
    ['Ctrl Z', 'Undo your last change, step by step'],
    ['Ctrl Shift Z', 'Redo what you undid'],
    ['?', 'These keys'],
];

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
}

export function KeysHelp({ isOpen, onOpenChange }: Props) {
    const [areOn, setOn] = useState(singleKeys.areOn);

    return (
        <Dialog isOpen={isOpen} onOpenChange={onOpenChange} title="Keys">
            <dl className="divide-y divide-hairline">
                {keys.map(([key, words]) => (
                    <div key={key} className="flex items-center justify-between gap-4 py-1.5">
                        <dt>{words}</dt>
                        <dd>
                            <Kbd>{key}</Kbd>
                        </dd>
                    </div>
                ))}
            </dl>
            <div className="mt-3">
                <Check
                    label="Listen to single keys"
                    checked={areOn}
                    onChange={(on) => {
                        singleKeys.turn(on);
                        setOn(on);
                    }}
                />
            </div>
        </Dialog>
    );
}
