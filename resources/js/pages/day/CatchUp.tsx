import { Head, Link } from '@inertiajs/react';
import type { CatchUpView, TaskRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dateWords, dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { changeMany } from '../../lib/tasks';
import { count } from '../../lib/words';
import { Empty, Section } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { Button } from '../../ui/Button';

/** Back after an absence: what happened at the left, what is to be decided at the right, and then straight into the week. */
export default function CatchUp({ page }: { page: CatchUpView }) {
    const finish = () => {
        act('post', route('catch-up.finish'));
    };

    return (
        <div className="grid flex-1 grid-cols-[372px_1fr] max-lg:grid-cols-1">
            <Head title="Catch up" />
            <aside className="sheet-edge border-r border-hairline max-lg:border-0">
                <h1>Catch up</h1>
                <p className="text-ink-2">
                    {page.from === null || page.until === null
                        ? 'You were not away: nothing is missing.'
                        : `You were away from ${dateWords(page.from)} to ${dateWords(page.until)}. ` +
                          'Nothing was lost: what was open has been carried over.'}
                </p>
                <Happened page={page} />
            </aside>
            <div className="sheet-edge min-w-0">
                <Decide title="Late" hint="past the due date" tasks={page.late} page={page} />
                <Decide title="Carried over" hint="planned for a time that is over" tasks={page.carried} page={page} />
                {page.late.length + page.carried.length === 0 && <Empty>Nothing is late, and nothing was carried over.</Empty>}
                <div className="mt-6 flex justify-end border-t border-rule pt-3">
                    <Button kind="main" onClick={finish}>
                        Caught up, go to the week
                    </Button>
                </div>
            </div>
        </div>
    );
}

function Happened({ page }: { page: CatchUpView }) {
    return (
        <>
            <Section title="Meanwhile" className="mt-5">
                <ul className="divide-y divide-hairline">
                    {page.meetings.map((meeting) => (
                        <li key={meeting.link} className="flex min-h-8 items-baseline gap-3 py-1">
                            <span className="w-20 flex-none text-xs text-ink-2">{dayWords(meeting.on)}</span>
                            <Link href={meeting.link} className="min-w-0 flex-1 hover:underline">
                                {meeting.title}, minutes
                            </Link>
                        </li>
                    ))}
                    <li className="flex min-h-8 items-baseline justify-between gap-3 py-1">
                        <Link href={route('updates')} className="hover:underline">
                            Updates
                        </Link>
                        <span className="text-xs text-ink-2">{page.updates === 0 ? 'all read' : `${String(page.updates)} not read`}</span>
                    </li>
                    <li className="flex min-h-8 items-baseline justify-between gap-3 py-1">
                        <Link href={route('tray')} className="hover:underline">
                            Tray
                        </Link>
                        <span className="text-xs text-ink-2">{page.tray === 0 ? 'empty' : `${String(page.tray)} to sort`}</span>
                    </li>
                </ul>
            </Section>
            {page.weeks.length > 0 && (
                <Section title="Weeks without a review" className="mt-5">
                    <p className="text-ink-2">No review is due. The facts of each week are kept.</p>
                    <p className="mt-1 flex flex-wrap gap-x-4">
                        {page.weeks.map((week) => (
                            <Link key={week.name} href={route('reviews.show', week.name)} className="link">
                                {week.words}
                            </Link>
                        ))}
                    </p>
                </Section>
            )}
        </>
    );
}

function Decide({ title, hint, tasks, page }: { title: string; hint: string; tasks: TaskRow[]; page: CatchUpView }) {
    const all =
        (what: 'plan' | 'shelve' | 'drop', value: string | null = null) =>
        () => {
            changeMany(
                tasks.map((task) => task.id),
                what,
                value,
            );
        };

    return tasks.length === 0 ? null : (
        <Section title={title} aside={hint} className="mt-6 first:mt-0">
            <p className="flex flex-wrap items-center gap-x-2 text-xs text-ink-2">
                All {count(tasks.length, 'task')}:
                <Button kind="quiet" onClick={all('plan', page.week)}>
                    this week
                </Button>
                <Button kind="quiet" onClick={all('plan', page.nextWeek)}>
                    next week
                </Button>
                <Button kind="quiet" onClick={all('plan')}>
                    not scheduled
                </Button>
                <Button kind="quiet" onClick={all('shelve')}>
                    shelve
                </Button>
            </p>
            <ul className="divide-y divide-hairline">
                {tasks.map((task) => (
                    <TaskLine key={task.id} task={task} people={page.people} showsTime />
                ))}
            </ul>
        </Section>
    );
}
