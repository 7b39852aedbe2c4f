import type { ListGroup, ListView, TaskRow } from '../../generated/props';

/** Whether a task stays in the list: not, from the press on that gave it a time or put it aside. */
const stays = ({ list }: ListView, task: TaskRow): boolean => !task.isAside && (list !== 'not_scheduled' || task.planned === null);

/** The list as it is once all is done that was pressed in it: what is no longer in it is not answered for by the next key. */
export function stillListed(page: ListView): { groups: ListGroup[]; total: number } {
    const groups = page.groups
        .map((group) => ({ ...group, tasks: group.tasks.filter((task) => stays(page, task)) }))
        .filter(({ tasks }) => tasks.length > 0);
    const count = (all: ListGroup[]) => all.reduce((sum, { tasks }) => sum + tasks.length, 0);

    return { groups, total: page.total - count(page.groups) + count(groups) };
}
