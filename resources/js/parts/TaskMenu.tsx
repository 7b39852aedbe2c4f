import { router, usePage } from '@inertiajs/react';
import { HandOver } from './HandOver';
import type { PersonTag, TaskRow } from '../generated/props';
import { route } from '../lib/routes';
import { plan, setAside } from '../lib/tasks';
import { Menu, MenuGroup, MenuItem, MenuRule } from '../ui/Menu';

interface Props {
    task: TaskRow;
    people: PersonTag[];
}

/** What can be done with a task besides ticking it. */
export function TaskMenu({ task, people }: Props) {
    const { frame } = usePage().props;
    const weeks = frame?.rail.weeks ?? [];
    const at = weeks.findIndex((week) => week.name === frame?.thisWeek);

    return (
        <Menu
            trigger={
                <button
                    type="button"
                    data-task-menu
                    aria-label={`What can be done with ${task.title}`}
                    className="flex size-6 flex-none items-center justify-center text-ink-2 opacity-0 group-focus-within/task:opacity-100 group-hover/task:opacity-100 hover:text-ink data-[state=open]:opacity-100 pointer-coarse:size-11 pointer-coarse:opacity-100"
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
            {!task.isAside && !task.isDone && (
                <>
                    <MenuRule />
                    <MenuItem
                        onSelect={() => {
                            plan(task, frame?.today ?? null);
                        }}
                    >
                        Today
                    </MenuItem>
                    <MenuItem
                        onSelect={() => {
                            plan(task, frame?.thisWeek ?? null);
                        }}
                    >
                        This week
                    </MenuItem>
                    <MenuGroup label="Another week">
                        {weeks.slice(at + 1, at + 9).map((week) => (
                            <MenuItem
                                key={week.name}
                                onSelect={() => {
                                    plan(task, week.name);
                                }}
                            >
                                Week {week.number}
                            </MenuItem>
                        ))}
                    </MenuGroup>
                    <MenuItem
                        onSelect={() => {
                            plan(task, null);
                        }}
                    >
                        No time
                    </MenuItem>
                    <MenuRule />
                    {!task.isPrivate && (
                        <MenuGroup label="Hand over">
                            <HandOver task={task} people={people} />
                        </MenuGroup>
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
            )}
            {task.isAside && (
                <MenuItem
                    onSelect={() => {
                        setAside(task, 'take_back');
                    }}
                >
                    Take back
                </MenuItem>
            )}
        </Menu>
    );
}
