import type { RecurringTaskView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Section } from '../signs/Section';
import { TaskLine } from '../task/TaskLine';
import { Checklist } from './Checklist';
import { Times } from './Times';
import { Button } from '../../ui/Button';

export function WhatCameOfIt({ page }: { page: RecurringTaskView }) {
    return (
        <aside className="sheet-edge space-y-6 border-l border-hairline max-lg:border-0">
            {page.checklist !== null && <Checklist list={page.checklist} isTitled={false} />}
            {!page.recurringTask.isShared && page.recurringTask.kind === 'task' && <OpenNow page={page} />}
            {page.recurringTask.kind === 'pieces' && !page.recurringTask.isShared && <ItemsThisQuarter page={page} />}
            {page.occurrences.length > 0 && <Times page={page} />}
            {page.ahead.length > 0 && (
                <Section title="Then">
                    <p className="text-ink-2">{page.ahead.map(dayWords).join(', ')}</p>
                </Section>
            )}
        </aside>
    );
}

function OpenNow({ page }: { page: RecurringTaskView }) {
    return (
        <Section title="Open now">
            <ul className="divide-y divide-hairline">
                {page.tasks.map((task) => (
                    <TaskLine key={task.id} task={task} people={page.people} showsTime isCompact />
                ))}
            </ul>
            {page.tasks.length === 0 && !page.hasEnded && (
                <Button
                    onClick={() => {
                        act('post', route('recurring-tasks.now', page.recurringTask.id ?? 0));
                    }}
                >
                    Create now
                </Button>
            )}
        </Section>
    );
}

function ItemsThisQuarter({ page }: { page: RecurringTaskView }) {
    return (
        <Section
            title="Items this quarter"
            aside={`${String(page.tasks.filter((task) => task.isDone).length)} of ${page.recurringTask.perQuarter}`}
        >
            <ul className="divide-y divide-hairline">
                {page.tasks.map((task) => (
                    <TaskLine key={task.id} task={task} people={page.people} showsTime isCompact />
                ))}
            </ul>
            {page.tasks.length < Number(page.recurringTask.perQuarter) && (
                <Button
                    className="mt-2"
                    onClick={() => {
                        act('post', route('recurring-tasks.pieces', page.recurringTask.id ?? 0));
                    }}
                >
                    Create {Number(page.recurringTask.perQuarter) - page.tasks.length}
                </Button>
            )}
        </Section>
    );
}
