import { router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { HandOver } from './HandOver';
import { Times } from './Times';
import { useMarks } from './marked';
import type { PersonTag, TaskRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { change, plan, setAside, tell, isOwnersAlone } from '../../lib/tasks';
import { Kbd } from '../../ui/Kbd';
import { Menu, MenuGroup, MenuItem, MenuRule } from '../../ui/Menu';

interface Props {
    task: TaskRow;
    people: PersonTag[];
}

/** What can be done with a task besides ticking it. */
export function TaskMenu({ task, people }: Props) {
    const marks = useMarks();
    const me = usePage().props.frame?.me.id;

    return (
        <Menu
            trigger={
                <button
                    type="button"
                    data-task-menu
                    aria-label={`Actions for ${task.title}`}
                    className={clsx(
                        'flex size-6 flex-none items-center justify-center text-ink-2 opacity-0 group-focus-within/task:opacity-100',
                        'group-hover/task:opacity-100 hover:text-ink',
                        'data-[state=open]:opacity-100 pointer-coarse:size-11 pointer-coarse:opacity-100',
                    )}
                >
                    …
                </button>
            }
        >
            <MenuItem
                onSelect={() => {
                    router.visit(route('tasks.show', task.id));
                }}
            >
                Open
            </MenuItem>
            <MenuItem
                onSelect={() => {
                    marks.toggle(task.id);
                }}
            >
                {marks.ids.includes(task.id) ? 'Clear selection' : 'Select'} <Kbd>v</Kbd>
            </MenuItem>
            {task.isDone && (
                <MenuItem
                    onSelect={() => {
                        tell(task);
                    }}
                >
                    {task.isWorthTelling ? 'Not worth telling' : 'Worth telling'} <Kbd>t</Kbd>
                </MenuItem>
            )}
            {!task.isAside && !task.isDone && <WhatIsOpen task={task} people={people} me={me} />}
            {task.isAside && (
                <MenuItem
                    onSelect={() => {
                        setAside(task, 'restore');
                    }}
                >
                    Restore
                </MenuItem>
            )}
        </Menu>
    );
}

function WhatIsOpen({ task, people, me }: { task: TaskRow; people: PersonTag[]; me: number | undefined }) {
    return (
        <>
            <MenuRule />
            <Times
                onChoose={(planned) => {
                    plan(task, planned);
                }}
            />
            <MenuRule />
            {task.owner.id === me && (
                <MenuItem
                    onSelect={() => {
                        act('put', route('tasks.main', task.id));
                    }}
                >
                    Main thing of today
                </MenuItem>
            )}
            <MenuItem
                onSelect={() => {
                    change(task, { in_progress: !task.isInProgress });
                }}
            >
                {task.isInProgress ? 'Not in progress' : 'In progress'}
            </MenuItem>
            {!isOwnersAlone(task) && (
                <MenuGroup label="Hand over">
                    <HandOver task={task} people={people} />
                </MenuGroup>
            )}
            {task.recurringTask !== null && (
                <MenuItem
                    onSelect={() => {
                        act('put', route('tasks.skip', task.id));
                    }}
                >
                    Skip this time
                </MenuItem>
            )}
            <MenuItem
                onSelect={() => {
                    setAside(task, 'shelve');
                }}
            >
                Shelve
            </MenuItem>
            <MenuItem
                onSelect={() => {
                    setAside(task, 'drop');
                }}
            >
                Drop
            </MenuItem>
        </>
    );
}
