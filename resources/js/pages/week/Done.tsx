import { Head, router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { DoneShare, DoneView } from '../../generated/props';
import { addDays, daysBetween, dayWords, hoursWords, spanWords } from '../../lib/dates';
import { count } from '../../lib/words';
import { route } from '../../lib/routes';
import { AddTask } from '../../parts/task/AddTask';
import { FromUntil } from '../../parts/fields/FromUntil';
import { Empty, Section } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { Shares } from '../../parts/week/Shares';

/** What got done in a span, by goal, main effort and area: an honest mirror. */
export default function Done({ page }: { page: DoneView }) {
    const { frame } = usePage().props;
    const today = frame?.today ?? page.until;
    const show = (from: string, until: string) => {
        router.get(route('done'), { from, until }, { preserveScroll: true });
    };
    // Work can be entered for today, or for the last day of a span that is over.
    const enterOn = page.until < today ? page.until : today;

    return (
        <div className="grid flex-1 grid-cols-[312px_1fr] max-lg:grid-cols-1">
            <Head title="What got done" />
            <aside className="sheet-edge border-r border-hairline max-lg:border-0">
                <h1>What got done</h1>
                <p className="text-xs text-ink-2">{page.from === page.until ? dayWords(page.from) : spanWords(page.from, page.until)}</p>
                <Spans page={page} today={today} onShow={show} />
                <Sum page={page} />
            </aside>
            <div className="sheet-edge min-w-0">
                {page.tasks.length === 0 && <Empty>Nothing was completed in this span.</Empty>}
                <Part title="By goal" shares={page.byGoal} page={page} />
                <Part title="By main effort" shares={page.byEffort} page={page} />
                <Part title="By area" shares={page.byArea} page={page} />
                <Section title="All of it" className="mt-6">
                    <ul className="divide-y divide-hairline">
                        {page.tasks.map((task) => (
                            <TaskLine key={task.id} task={task} people={[]} beside={task.doneOn === null ? null : dayWords(task.doneOn)} />
                        ))}
                    </ul>
                    <AddTask
                        to={{ done_on: enterOn }}
                        words={enterOn === today ? 'Enter work that was done today' : `Enter work that was done on ${dayWords(enterOn)}`}
                    />
                </Section>
            </div>
        </div>
    );
}

function Part({ title, shares, page }: { title: string; shares: DoneShare[]; page: DoneView }) {
    return shares.length === 0 ? null : (
        <Section title={title} className="mt-6 first:mt-0">
            <Shares shares={shares} tasks={page.tasks} />
        </Section>
    );
}

interface SpansProps {
    page: DoneView;
    today: string;
    onShow: (from: string, until: string) => void;
}

function Spans({ page, today, onShow }: SpansProps) {
    const weeks = usePage().props.frame?.rail.weeks ?? [];
    const at = weeks.findIndex((week) => week.first <= today && today <= week.last);
    const [week, before] = [weeks[at], weeks[at - 1]];
    const month = `${today.slice(0, 7)}-01`;
    const spans = [
        { words: 'Today', from: today, until: today },
        { words: 'Yesterday', from: addDays(today, -1), until: addDays(today, -1) },
        ...(week === undefined ? [] : [{ words: 'This week', from: week.first, until: week.last }]),
        ...(before === undefined ? [] : [{ words: 'Last week', from: before.first, until: before.last }]),
        { words: 'This month', from: month, until: today },
        { words: 'The last 90 days', from: addDays(today, -89), until: today },
    ];

    return (
        <div className="mt-4">
            <ul className="flex flex-wrap gap-x-4">
                {spans.map(({ words, from, until }) => (
                    <li key={words}>
                        <button
                            type="button"
                            aria-pressed={page.from === from && page.until === until}
                            className={clsx(
                                'min-h-8 border-b-2 border-transparent text-ink-2 hover:text-ink aria-pressed:border-ink',
                                'aria-pressed:font-semibold aria-pressed:text-ink pointer-coarse:min-h-11',
                            )}
                            onClick={() => {
                                onShow(from, until);
                            }}
                        >
                            {words}
                        </button>
                    </li>
                ))}
            </ul>
            <div className="mt-2 flex gap-3">
                <FromUntil from={page.from} until={page.until} onChange={onShow} />
            </div>
        </div>
    );
}

/** "4 weeks", "4 spans of 10 days" */
function spansBefore({ from, until, spans }: DoneView): string {
    const days = daysBetween(from, until) + 1;

    switch (days) {
        case 1:
            return count(spans, 'day');
        case 7:
            return count(spans, 'week');
        default:
            return `${String(spans)} spans of ${String(days)} days`;
    }
}

function Sum({ page }: { page: DoneView }) {
    return (
        <dl className="mt-6 space-y-3 border-t border-rule pt-3">
            <div>
                <dt className="text-xs text-ink-2">Done</dt>
                <dd className="text-lg font-semibold">{hoursWords(page.minutes)}</dd>
                <dd className="text-xs text-ink-2">
                    average of the previous {spansBefore(page)}: {hoursWords(page.minutesBefore)}
                </dd>
            </div>
            <div>
                <dt className="text-xs text-ink-2">For goals</dt>
                <dd className="text-lg font-semibold">{page.alignment === null ? 'nothing done' : `${String(page.alignment)}%`}</dd>
                {page.alignmentBefore !== null && <dd className="text-xs text-ink-2">{page.alignmentBefore}% before</dd>}
            </div>
        </dl>
    );
}
