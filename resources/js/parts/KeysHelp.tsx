import { useState } from 'react';
import { singleKeys } from '../lib/keys';
import { Dialog } from '../ui/Dialog';
import { Check } from '../ui/Field';
import { Kbd } from '../ui/Kbd';

const keys: [string, string][] = [
    ['n', 'Jot'],
    ['/ or Ctrl K', 'Find a page, a week or something new'],
    ['[ or b, ] or f', 'Previous week, next week'],
    ['g, then d w s p m r o', 'Day, Week, Sheet, Projects, Meetings, Reviews, People'],
    ['↑ ↓', 'Previous or next task in a list'],
    ['arrows', 'In Year, from goal to goal'],
    ['e', 'How a figure is calculated: of the focused goal, or the first one'],
    ['+ − o l', 'In Year: zoom in, zoom out, outline, filter'],
    ['v, or Shift ↑ ↓', 'Select tasks to change them together; Escape clears the selection'],
    ['Alt and an arrow', 'In a project: move the task up, down or to the next stage'],
    ['Space', 'Tick the focused task'],
    ['.', 'Actions'],
    ['Ctrl Enter', 'The main next step of a page'],
    ['Ctrl Z', 'Undo your last change, step by step'],
    ['Ctrl Shift Z', 'Redo'],
    ['?', 'Show these keys'],
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
                    label="Use single keys"
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
