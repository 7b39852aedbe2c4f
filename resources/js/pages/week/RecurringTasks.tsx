import { Head, Link } from '@inertiajs/react';
import type { OutputRow, RecurringTasks as RecurringTasksProps } from '../../generated/props';
import { act } from '../../lib/act';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/Section';
import { Checklist } from '../../parts/recurring/Checklist';
import { Daily } from '../../parts/recurring/Daily';
import { RecurringTaskLine } from '../../parts/recurring/RecurringTaskLine';
import { Button, ButtonLink } from '../../ui/Button';

/** All that comes back by itself. */
export default function RecurringTasks({ page }: { page: RecurringTasksProps }) {
    return (
        <div className="grid flex-1 grid-cols-[1fr_1fr] content-start gap-x-10 px-6 py-5 max-lg:grid-cols-1 max-md:px-4">
            <Head title="Recurring tasks" />
            <div className="col-span-full mb-4 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <h1>Recurring tasks</h1>
                    <p className="text-ink-2">
                        Tasks that come back by a rule. The next one appears by itself; missed ones are counted, not piled up.
                    </p>
                </div>
                <ButtonLink kind="main" href={route('recurring-tasks.create')}>
                    New recurring task
                </ButtonLink>
            </div>
            <div className="space-y-6">
                <Section title="Yours">
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
                {page.others.length > 0 && (
                    <Section title="Other people’s">
                        <ul className="divide-y divide-hairline">
                            {page.others.map((recurringTask) => (
                                <RecurringTaskLine key={recurringTask.id} recurringTask={recurringTask} showsOwner />
                            ))}
                        </ul>
                    </Section>
                )}
            </div>
            <div className="space-y-6 max-lg:mt-6">
                <Section title="Daily checklist" aside="Starts blank each morning.">
                    <Daily lines={page.daily} />
                    <NewOne kind="daily" words="Add a line" />
                </Section>
                <Section title="Checklists" aside="Reusable; not included in any count.">
                    {page.checklists.map((list) => (
                        <Checklist key={list.id} list={list} />
                    ))}
                    <NewOne kind="checklist" words="New checklist" />
                </Section>
                <Section title="Shared recurring tasks" aside="Kept once for the team; projects, areas and clients choose from them.">
                    <ul className="divide-y divide-hairline">
                        {page.stock.map((recurringTask) => (
                            <RecurringTaskLine key={recurringTask.id} recurringTask={recurringTask} />
                        ))}
                    </ul>
                    <NewOne kind="task" words="Add a shared one" isStock />
                </Section>
            </div>
        </div>
    );
}

function NewOne({ kind, words, isStock = false }: { kind: string; words: string; isStock?: boolean }) {
    return (
        <span className="-ml-3 inline-block">
            <ButtonLink kind="quiet" href={route('recurring-tasks.create', { _query: { kind, ...(isStock ? { stock: 1 } : {}) } })}>
                {words}
            </ButtonLink>
        </span>
    );
}

/** A piece is a box: done ones filled, laid-out ones ruled, those that are still missing dotted. */
function Output({ output }: { output: OutputRow }) {
    const boxes = Array.from({ length: Math.max(output.of, output.laid) }, (_, place) => place);

    return (
        <li className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
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
