import { usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import type { Marked } from './marked';
import { Times } from './Times';
import { ToPlace } from './ToPlace';
import type { PersonTag, StageRow } from '../../generated/props';
import { keepFocusOn } from '../../lib/focus/hold';
import { changeMany, type ForMany } from '../../lib/tasks';
import { Button } from '../../ui/Button';
import { Menu, MenuGroup, MenuItem, MenuRule } from '../../ui/Menu';

/** What the page may show: people to hand over to, stages to move to. */
interface Shown {
    people?: PersonTag[];
    stages?: StageRow[];
}

/** How many are marked, and what can be done with all of them: one change, one undo. */
export function MarksBar({ marks }: { marks: Marked }) {
    const [isMoving, setMoving] = useState(false);
    const page = usePage().props.page as Shown | undefined;
    const send = (what: ForMany, value: string | null = null) => {
        const last = marks.ids.at(-1);
        changeMany(marks.ids, what, value);
        marks.clear();

        if (last !== undefined) {
            // Once the bar is gone, the keyboard goes on where it was.
            requestAnimationFrame(() => {
                keepFocusOn(last);
            });
        }
    };

    return (
        <div
            role="toolbar"
            aria-label="Selected tasks"
            className={clsx(
                'fixed bottom-4 left-1/2 z-30 flex -translate-x-1/2 items-center',
                'gap-3 border border-ink bg-sheet px-4 py-1.5 shadow-lg print:hidden',
            )}
        >
            <span role="status" className="whitespace-nowrap">
                <span className="font-mono">{marks.ids.length}</span> selected
            </span>
            <ForAll
                people={page?.people}
                stages={(page?.stages ?? []).filter((stage) => typeof stage === 'object' && stage.name !== null)}
                send={send}
                onMove={() => {
                    setMoving(true);
                }}
            />
            <Button kind="quiet" onClick={marks.clear}>
                Clear selection
            </Button>
            <ToPlace
                isOpen={isMoving}
                onOpenChange={setMoving}
                onChoose={({ project }) => {
                    send('project', project);
                }}
            />
        </div>
    );
}

interface ForAllProps {
    people: PersonTag[] | undefined;
    stages: StageRow[];
    send: (what: ForMany, value?: string | null) => void;
    onMove: () => void;
}

function ForAll({ people, stages, send, onMove }: ForAllProps) {
    const choose = (what: ForMany, value?: string | null) => () => {
        send(what, value);
    };

    return (
        <Menu
            trigger={
                <Button kind="main" data-marks-menu keys=".">
                    Actions
                </Button>
            }
        >
            <MenuItem onSelect={choose('tick')}>Tick</MenuItem>
            <MenuRule />
            <Times
                onChoose={(planned) => {
                    send('plan', planned);
                }}
            />
            <MenuRule />
            {people !== undefined && (
                <MenuGroup label="Hand over">
                    {people.map((person) => (
                        <MenuItem key={person.id} onSelect={choose('hand_over', String(person.id))}>
                            {person.name}
                        </MenuItem>
                    ))}
                </MenuGroup>
            )}
            <RankAndStage stages={stages} choose={choose} />
            <MenuItem onSelect={onMove}>Move to project</MenuItem>
            <MenuRule />
            <MenuItem onSelect={choose('shelve')}>Shelve</MenuItem>
            <MenuItem onSelect={choose('drop')}>Drop</MenuItem>
            <MenuItem onSelect={choose('restore')}>Restore</MenuItem>
        </Menu>
    );
}

function RankAndStage({ stages, choose }: { stages: StageRow[]; choose: (what: ForMany, value?: string | null) => () => void }) {
    return (
        <>
            <MenuGroup label="Rank">
                {['A', 'B', 'C'].map((rank) => (
                    <MenuItem key={rank} onSelect={choose('rank', rank)}>
                        {rank}
                    </MenuItem>
                ))}
                <MenuItem onSelect={choose('rank')}>No rank</MenuItem>
            </MenuGroup>
            {stages.length > 1 && (
                <MenuGroup label="Move to stage">
                    {stages.map((stage) => (
                        <MenuItem key={stage.id} onSelect={choose('stage', String(stage.id))}>
                            {stage.name}
                        </MenuItem>
                    ))}
                </MenuGroup>
            )}
        </>
    );
}
