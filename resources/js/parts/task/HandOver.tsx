import type { PersonTag, TaskRow } from '../../generated/props';
import { change } from '../../lib/tasks';
import { MenuItem } from '../../ui/Menu';

/** To whom a task can be handed over: everybody but its owner. */
export function HandOver({ task, people }: { task: TaskRow; people: PersonTag[] }) {
    return people
        .filter((person) => person.id !== task.owner.id)
        .map((person) => (
            <MenuItem
                key={person.id}
                onSelect={() => {
                    change(task, { owner_id: person.id });
                }}
            >
                {person.name}
            </MenuItem>
        ));
}
