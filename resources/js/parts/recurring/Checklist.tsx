import { Link } from '@inertiajs/react';
import type { CheckListRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { withRecord } from '../../lib/queue/guess';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Tick';

/** A checklist to use again and again: ticked, then made blank. */
export function Checklist({ list, isTitled = true }: { list: CheckListRow; isTitled?: boolean }) {
    const ticked = list.lines.filter((line) => line.isTicked).length;

    return (
        <section className="break-inside-avoid border-t border-hairline py-2">
            <div className="flex min-h-8 items-baseline justify-between gap-3">
                {isTitled && (
                    <h3 className="text-sm font-semibold">
                        <Link href={route('recurring-tasks.show', list.id)} className="hover:underline">
                            {list.title}
                        </Link>
                    </h3>
                )}
                <span className="font-mono text-xs text-ink-2">
                    {ticked} of {list.lines.length}
                </span>
            </div>
            <ul>
                {list.lines.map((line) => (
                    <li key={line.id} className="flex min-h-8 items-center gap-3">
                        <Tick
                            label={`${list.title}: ${line.title}`}
                            isOn={line.isTicked}
                            onToggle={() => {
                                const isTicked = !line.isTicked;
                                const guess = withRecord(line.id, { isTicked });
                                act('put', route('recurring-task-steps.tick', line.id), { done: isTicked }, { guess });
                            }}
                        />
                        <span className={line.isTicked ? 'text-ink-2 line-through' : undefined}>{line.title}</span>
                    </li>
                ))}
            </ul>
            {ticked > 0 && (
                <Button
                    kind="quiet"
                    className="-ml-3"
                    onClick={() => {
                        act('put', route('recurring-tasks.afresh', list.id));
                    }}
                >
                    Start again
                </Button>
            )}
        </section>
    );
}
