import { Head, router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { GiveTime } from '../../parts/lists/GiveTime';
import { More } from '../../parts/lists/More';
import { PlanByDragging } from '../../parts/task/PlanByDragging';
import { ListNav } from '../../parts/lists/ListNav';
import { WeekBeside } from '../../parts/lists/WeekBeside';
import { stillListed } from '../../parts/lists/stillListed';
import { listWords } from '../../parts/lists/words';
import type { ListView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { isDay } from '../../lib/dates';
import { route } from '../../lib/routes';
import { AddTask } from '../../parts/task/AddTask';
import { KeptNumber } from '../../parts/fields/KeptField';
import { Empty } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';

/** One's own tasks, a list at a time: each open one is in at least one of the first five. */
export default function List({ page }: { page: ListView }) {
    const { list } = page;
    const words = listWords[list];
    const { groups, total } = stillListed(page);

    return (
        <PlanByDragging tasks={groups.flatMap((group) => group.tasks)}>
            <Head title={words.name} />
            <ListNav lists={page.lists} saved={page.saved} at={route('lists.show', list)} />
            <div className={clsx('grid flex-1 max-lg:grid-cols-1', list === 'not_scheduled' && 'grid-cols-[1fr_248px]')}>
                <div className="sheet-edge min-w-0">
                    <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
                        <div>
                            <h1>{words.name}</h1>
                            <p className="text-ink-2">{words.what}</p>
                        </div>
                        <div className="flex items-end gap-3">
                            <Ask page={page} />
                            {total > 0 && list !== 'finished' && list !== 'helping' && list !== 'to_check' && (
                                <Button
                                    onClick={() => {
                                        act('put', route('lists.hand-on', list), list === 'free_time' ? { minutes: page.minutes } : {});
                                    }}
                                >
                                    Move all {total} to next week
                                </Button>
                            )}
                        </div>
                    </div>
                    {total === 0 && <Empty>{words.empty}</Empty>}
                    {groups.map((group) => (
                        <section key={group.heading} className="mb-5">
                            {group.heading !== null && <h2 className="border-b border-rule pb-1 text-base">{group.heading}</h2>}
                            <ul className="divide-y divide-hairline">
                                {group.tasks.map((task) =>
                                    list === 'not_scheduled' ? (
                                        <GiveTime key={task.id} task={task} page={page} />
                                    ) : (
                                        <TaskLine
                                            key={task.id}
                                            task={task}
                                            people={page.people}
                                            beside={task.for}
                                            showsTime={list !== 'today'}
                                        />
                                    ),
                                )}
                            </ul>
                        </section>
                    ))}
                    {(list === 'not_scheduled' || list === 'week') && (
                        <AddTask to={list === 'week' ? { planned: page.week } : {}} words="Add a task" />
                    )}
                    <More groups={groups} total={total} />
                </div>
                {list === 'not_scheduled' && <WeekBeside page={page} />}
            </div>
        </PlanByDragging>
    );
}

/** What a list has to be told: how long the gap is, since when. */
function Ask({ page }: { page: ListView }) {
    const { frame } = usePage().props;

    if (page.list === 'free_time') {
        return (
            <KeptNumber
                label="Free time in min"
                min={1}
                max={1440}
                step={5}
                className="w-36"
                value={String(page.minutes)}
                onKeep={(minutes) => {
                    router.visit(route('lists.show', { list: 'free_time', _query: { minutes } }));
                }}
            />
        );
    }

    if (page.list === 'finished') {
        return (
            <DateField
                label="Since"
                className="w-40"
                value={page.since}
                max={frame?.today}
                onChange={(since) => {
                    if (isDay(since)) {
                        router.visit(route('lists.show', { list: 'finished', _query: { since } }));
                    }
                }}
            />
        );
    }

    return null;
}
