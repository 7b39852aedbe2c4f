import { router, usePage } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { RoutineLine } from './RoutineLine';
import { CheckList } from '../CheckList';
import { Section } from '../Section';
import type { RoutineRow } from '../../generated/props';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';

/** The routines that run for a project or an area, with those of the stock to choose from. */
export function WorkRoutines({ routines, to }: { routines: RoutineRow[]; to: { project?: number; area?: number } }) {
    return (
        <Section title="Recurring tasks">
            <ul className="divide-y divide-hairline">
                {routines.map((routine) => (
                    <RoutineLine key={routine.id} routine={routine} showsOwner />
                ))}
            </ul>
            <DialogButton words="Choose shared ones" kind="quiet" className="-ml-3" title="Choose recurring tasks">
                {(close) => <Stock to={to} onDone={close} />}
            </DialogButton>
        </Section>
    );
}

function Stock({ to, onDone }: { to: { project?: number; area?: number }; onDone: () => void }) {
    const { stock } = usePage().props;
    const [chosen, setChosen] = useState<number[]>([]);

    useEffect(() => {
        router.reload({ only: ['stock'] });
    }, []);

    if (stock?.length === 0) {
        return <p className="text-ink-2">There are no shared recurring tasks yet. Add them on the Recurring tasks page.</p>;
    }

    return (
        <div className="space-y-4">
            <CheckList
                legend="Shared recurring tasks"
                choices={(stock ?? []).map((routine) => ({ value: Number(routine.value), words: routine.label }))}
                chosen={chosen}
                onChange={setChosen}
            />
            <p className="text-xs text-ink-2">Copies are added here, owned by you.</p>
            <Button
                kind="main"
                disabled={chosen.length === 0}
                onClick={() => {
                    act('post', route('routines.take'), { routines: chosen, ...to }, { onDone });
                }}
            >
                Add {chosen.length}
            </Button>
        </div>
    );
}
