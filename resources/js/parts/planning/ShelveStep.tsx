import { allGoals } from './OrderStep';
import { Cord } from '../signs/Cord';
import { Empty, Section } from '../signs/Section';
import { ShelfLine } from '../capture/ShelfLine';
import type { PlanningView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { fullDateWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** What does not fit goes to the shelf of the next stretch; what lies there until now is looked at. */
export function ShelveStep({ page }: { page: PlanningView }) {
    const goals = allGoals(page).filter((planned) => planned.mayChange);

    return (
        <div className="space-y-7">
            <Section title="What does not fit?" aside={`Shelved goals come back on ${fullDateWords(page.next.first)}.`}>
                {goals.length === 0 && <Empty>No goals to put off.</Empty>}
                <ul className="divide-y divide-hairline">
                    {goals.map(({ goal, isMain, isFirst }) => (
                        <li key={goal.id} className="flex items-center gap-3 py-1">
                            <Cord cord={goal.cord} />
                            <span className="min-w-0 flex-1">
                                {goal.title}
                                {(isMain || isFirst) && (
                                    <span className="text-xs text-ink-2">, {isMain ? 'the main goal' : 'priority'}</span>
                                )}
                            </span>
                            <Button
                                aria-label={`To the shelf of ${page.next.words}: ${goal.title}`}
                                onClick={() => {
                                    act('post', route('goals.close', goal.id), {
                                        result: 'stopped',
                                        rest: 'shelved',
                                        line: `Did not fit into ${page.stretch.words}.`,
                                        returnOn: page.next.first,
                                    });
                                }}
                            >
                                To the shelf of {page.next.words}
                            </Button>
                        </li>
                    ))}
                </ul>
            </Section>
            <Section title="On the shelf until now" aside={`With a return date by the end of ${page.stretch.words}.`}>
                {page.shelf.length === 0 && <Empty>Nothing is shelved until {page.stretch.words}.</Empty>}
                <ul>
                    {page.shelf.map((row) => (
                        <ShelfLine key={`${row.kind} ${String(row.id)}`} row={row} />
                    ))}
                </ul>
            </Section>
        </div>
    );
}
