import { Head, Link, usePage } from '@inertiajs/react';
import type { ReactNode } from 'react';
import type { OutputRow, RecurringTasks as RecurringTasksProps } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/signs/Section';
import { Checklist } from '../../parts/recurring/Checklist';
import { Daily } from '../../parts/recurring/Daily';
import { RecurringTaskLine } from '../../parts/recurring/RecurringTaskLine';
import { Button, ButtonLink } from '../../ui/Button';

/** All that comes back by itself. */
export default function RecurringTasks({ page }: { page: RecurringTasksProps }) {
    const isChecklists = usePage().url.includes(CHECKLISTS);

    return (
        <div className="sheet-edge">
            <Head title="Recurring tasks" />
            <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <h1>Recurring tasks</h1>
                    <p className="flex gap-6 pt-1">
                        <View href={route('recurring-tasks.index')} isOn={!isChecklists}>
                            Tasks that come back
                        </View>
                        <View href={`${route('recurring-tasks.index')}?${CHECKLISTS}`} isOn={isChecklists}>
                            Checklists
                        </View>
                    </p>
                </div>
                <ButtonLink href={route('recurring-tasks.create')}>New recurring task</ButtonLink>
            </div>
            {isChecklists ? <Checklists page={page} /> : <Tasks page={page} />}
        </div>
    );
}

const CHECKLISTS = 'view=checklists';

function View({ href, isOn, children }: { href: string; isOn: boolean; children: ReactNode }) {
    return (
        <Link
            href={href}
            aria-current={isOn ? 'page' : undefined}
            className={isOn ? 'border-b-2 border-ink font-semibold' : 'text-ink-2 hover:text-ink'}
        >
            {children}
        </Link>
    );
}

/** What appears by itself, by a rule: one's own first. */
function Tasks({ page }: { page: RecurringTasksProps }) {
    return (
        <div className="grid grid-cols-2 content-start gap-x-10 gap-y-6 max-lg:grid-cols-1">
            <div className="space-y-6">
                <Section title="Yours" aside="The next one appears by itself; missed ones are counted, not piled up.">
                    {page.mine.length === 0 && <Empty>None yet. For example: rinse the test tank, every second Thursday.</Empty>}
                    <ul className="divide-y divide-hairline">
                        {page.mine.map((recurringTask) => (
                            <RecurringTaskLine key={recurringTask.id} recurringTask={recurringTask} />
                        ))}
                    </ul>
                </Section>
                <Section title="Quarterly output" aside={`items in ${plannedWords(page.quarter)}; the count restarts each quarter`}>
                    <ul className="divide-y divide-hairline">
                        {page.outputs.map((output) => (
                            <Output key={output.id} output={output} />
                        ))}
                    </ul>
                    <NewOne kind="pieces" words="New quarterly output" />
                </Section>
            </div>
            <div className="space-y-6">
                {page.others.length > 0 && (
                    <Section title="Other people’s">
                        <ul className="divide-y divide-hairline">
                            {page.others.map((recurringTask) => (
                                <RecurringTaskLine key={recurringTask.id} recurringTask={recurringTask} showsOwner />
                            ))}
                        </ul>
                    </Section>
                )}
                <Section title="Shared recurring tasks" aside="Kept once for the team; projects, areas and clients choose from them.">
                    <ul className="divide-y divide-hairline">
                        {page.shared.map((recurringTask) => (
                            <RecurringTaskLine key={recurringTask.id} recurringTask={recurringTask} />
                        ))}
                    </ul>
                    <NewOne kind="task" words="Add a shared one" isShared />
                </Section>
            </div>
        </div>
    );
}

/** Lists to go through: the day's own, blank each morning, and those to use again and again. */
function Checklists({ page }: { page: RecurringTasksProps }) {
    return (
        <div className="space-y-6">
            <Section title="Daily checklist" aside="Starts blank each morning.">
                <Daily lines={page.daily} />
                <NewOne kind="daily" words="Add a line" />
            </Section>
            <Section title="Checklists" aside="Reusable; not included in any count.">
                <div className="grid grid-cols-2 gap-x-10 max-lg:grid-cols-1">
                    {page.checklists.map((list) => (
                        <Checklist key={list.id} list={list} />
                    ))}
                </div>
                <NewOne kind="checklist" words="New checklist" />
            </Section>
        </div>
    );
}

function NewOne({ kind, words, isShared = false }: { kind: string; words: string; isShared?: boolean }) {
    return (
        <span className="-ml-3 inline-block">
            <ButtonLink kind="quiet" href={route('recurring-tasks.create', { _query: { kind, ...(isShared ? { shared: 1 } : {}) } })}>
                {words}
            </ButtonLink>
        </span>
    );
}

/** A piece is a box: done ones filled, laid-out ones ruled, those that are still missing dotted. */
function Output({ output }: { output: OutputRow }) {
    const boxes = Array.from({ length: Math.max(output.of, output.laid) }, (_, place) => place);

    return (
        <li data-line className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
            <span className="min-w-40 flex-1">
                <Link href={route('recurring-tasks.show', output.id)} className="hover:underline">
                    {output.title}
                </Link>
                <span className="block text-xs text-ink-2">{output.owner}</span>
            </span>
            <span aria-hidden className="flex flex-wrap gap-0.5">
                {boxes.map((place) => (
                    <span
                        key={place}
                        className={
                            place < output.done
                                ? 'size-2.5 border border-spruce bg-spruce'
                                : place < output.laid
                                  ? 'size-2.5 border border-ink'
                                  : 'size-2.5 border border-dashed border-rule'
                        }
                    />
                ))}
            </span>
            <span className="w-16 text-right font-mono text-xs">
                {output.done} of {output.of}
            </span>
            {output.laid < output.of && (
                <Button
                    onClick={() => {
                        act('post', route('recurring-tasks.pieces', output.id));
                    }}
                >
                    Create {output.of - output.laid}
                </Button>
            )}
        </li>
    );
}
