import { usePage } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { RecurringTaskLine } from './RecurringTaskLine';
import { CheckList } from '../fields/CheckList';
import { Section } from '../signs/Section';
import type { RecurringTaskRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { refresh } from '../../lib/background';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';

/** What they run for. */
interface Place {
    project?: number;
    area?: number;
}

/** The recurring tasks that run for a project or an area, with the shared ones to choose from. */
export function WorkRecurringTasks({ recurringTasks, to }: { recurringTasks: RecurringTaskRow[]; to: Place }) {
    return (
        <Section title="Recurring tasks">
            <ul className="divide-y divide-hairline">
                {recurringTasks.map((recurringTask) => (
                    <RecurringTaskLine key={recurringTask.id} recurringTask={recurringTask} showsOwner />
                ))}
            </ul>
            <div className="-ml-3">
                <SharedButton words="Add" to={to} />
            </div>
        </Section>
    );
}

/** Chooses shared recurring tasks for a project or an area. */
export function SharedButton({ words, to }: { words: string; to: Place }) {
    return (
        <DialogButton words={words} kind="quiet" title="Choose recurring tasks">
            {(close) => <Shared to={to} onDone={close} />}
        </DialogButton>
    );
}

function Shared({ to, onDone }: { to: Place; onDone: () => void }) {
    const { shared } = usePage().props;
    const [chosen, setChosen] = useState<number[]>([]);

    useEffect(() => {
        void refresh(['shared']);
    }, []);

    if (shared?.length === 0) {
        return <p className="text-ink-2">There are no shared recurring tasks yet. Add them on the Recurring tasks page.</p>;
    }

    return (
        <div className="space-y-4">
            <CheckList
                legend="Shared recurring tasks"
                choices={(shared ?? []).map((recurringTask) => ({ value: Number(recurringTask.value), words: recurringTask.label }))}
                chosen={chosen}
                onChange={setChosen}
            />
            <p className="text-xs text-ink-2">Copies are added here, owned by you.</p>
            <Button
                kind="main"
                disabled={chosen.length === 0}
                onClick={() => {
                    act('post', route('recurring-tasks.take'), { recurringTasks: chosen, ...to }, { onDone });
                }}
            >
                Add {chosen.length}
            </Button>
        </div>
    );
}
