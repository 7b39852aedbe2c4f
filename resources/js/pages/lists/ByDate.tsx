import { Head } from '@inertiajs/react';
import { DateScale } from '../../parts/lists/DateScale';
import { PlanByDragging } from '../../parts/task/PlanByDragging';
import { ListNav } from '../../parts/lists/ListNav';
import type { DateView } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { AddTask } from '../../parts/task/AddTask';
import { Empty } from '../../parts/signs/Section';

/** One’s own open tasks on one scale, from late to not scheduled; a task that is dropped on a step is planned for it. */
export default function ByDate({ page }: { page: DateView }) {
    return (
        <PlanByDragging tasks={page.steps.flatMap((step) => step.tasks)}>
            <Head title="Lists: by date" />
            <h1 className="sr-only">Tasks by date</h1>
            <ListNav
                lists={page.lists}
                saved={page.saved}
                at={route('lists')}
                sum={page.count === 0 ? '' : `${count(page.count, 'task')}, ${hoursWords(page.minutes)}`}
            />
            <div className="px-6 pb-10 max-md:px-4">
                {page.count === 0 && <Empty>No open task is yours. What you add here is planned for this week.</Empty>}
                <DateScale page={page} />
                <div className="pt-3 pl-44 max-md:pl-0">
                    <AddTask to={{ planned: page.week }} words="Add a task" />
                </div>
            </div>
        </PlanByDragging>
    );
}
