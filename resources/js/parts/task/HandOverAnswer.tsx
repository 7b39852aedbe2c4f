import { HandOver } from './HandOver';
import type { PersonTag, TaskRow } from '../../generated/props';
import { isOwnersAlone, openMenu } from '../../lib/tasks';
import { Kbd } from '../../ui/Kbd';
import { Menu } from '../../ui/Menu';

/** What its key does: the menu opens as by a press. */
export const handOver = () => {
    openMenu('[data-hand-over]');
};

/** Hands the task over that is asked about, by `h`; a private one is nobody else's to do. */
export function HandOverAnswer({ task, people, className }: { task: TaskRow; people: PersonTag[]; className: string }) {
    return isOwnersAlone(task) ? null : (
        <Menu
            trigger={
                <button type="button" data-hand-over className={className}>
                    <Kbd>h</Kbd> hand over
                </button>
            }
        >
            <HandOver task={task} people={people} />
        </Menu>
    );
}
