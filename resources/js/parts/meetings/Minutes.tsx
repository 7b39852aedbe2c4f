import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Cord } from '../Cord';
import { Section } from '../Section';
import { TaskLine } from '../TaskLine';
import type { ItemRow, MeetingView } from '../../generated/props';
import { fullDateWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { outcomeWords } from '../../lib/words';
import { Button } from '../../ui/Button';

/** The record of a closed meeting, to be read afterwards. */
export function Minutes({ page }: { page: MeetingView }) {
    const there = page.attendances.filter((attendance) => attendance.wasThere);
    const missed = page.attendances.filter((attendance) => !attendance.wasThere);
    const decisions = page.items.flatMap((item) => item.decisions);
    const steps = page.items.flatMap((item) => item.nextSteps);
    const deferred = page.items.filter((item) => item.outcome === 'next_time');
    const took = Math.round(page.elapsed / 60);

    return (
        <div className="grid flex-1 grid-cols-[1fr_320px] max-lg:grid-cols-1">
            <article className="min-w-0 px-6 py-5 max-md:px-4">
                <p className="text-xs text-ink-2">
                    Minutes, final since {page.closedAt}. {took} of {page.minutes} min.
                </p>
                <h1>
                    <Link href={route('series.show', page.series.id)} className="hover:underline">
                        {page.series.title}
                    </Link>
                    , {fullDateWords(page.on)}
                </h1>
                <p className="mt-1 text-ink-2">
                    Present: {there.map((attendance) => attendance.name).join(', ') || 'nobody'}.
                    {missed.length > 0 && ` Absent: ${missed.map((attendance) => attendance.name).join(', ')}.`}
                    {page.chair !== null && ` ${page.chair} chaired`}
                    {page.minuteTaker !== null && `, ${page.minuteTaker} took the minutes`}
                    {page.chair !== null && '.'}
                </p>
                {page.summary !== null && <p className="mt-4 max-w-prose text-md whitespace-pre-line">{page.summary}</p>}
                <ol className="mt-6">
                    {page.items
                        .filter((item) => item.kind !== 'closing')
                        .map((item) => (
                            <Item key={item.id} item={item} />
                        ))}
                </ol>
            </article>
            <aside className="space-y-6 border-l border-hairline px-6 py-5 max-lg:border-0 max-md:px-4">
                <Section title="Decided" aside={String(decisions.length)}>
                    <ul className="space-y-2">
                        {decisions.map((decision) => (
                            <li key={decision.id}>{decision.words}</li>
                        ))}
                    </ul>
                </Section>
                <Section title="Next steps" aside={String(steps.length)}>
                    <ul className="divide-y divide-hairline">
                        {steps.map((task) => (
                            <TaskLine key={task.id} task={task} people={[]} showsOwner isCompact />
                        ))}
                    </ul>
                </Section>
                {deferred.length > 0 && (
                    <Section title="To the next meeting">
                        <ul>
                            {deferred.map((item) => (
                                <li key={item.id}>{item.title}</li>
                            ))}
                        </ul>
                    </Section>
                )}
                <Button
                    className="print:hidden"
                    onClick={() => {
                        window.print();
                    }}
                >
                    Print
                </Button>
            </aside>
        </div>
    );
}

function Item({ item }: { item: ItemRow }) {
    const took = item.spent === null ? null : Math.round(item.spent / 60);

    return (
        <li className="grid grid-cols-[56px_1fr_76px] gap-x-4 border-t border-hairline py-2.5">
            <span className="font-mono text-xs leading-5 text-ink-2">{took === null ? '' : item.at}</span>
            <div className="min-w-0">
                <h2 className={clsx('flex flex-wrap items-center gap-x-3 text-base', took === null && 'text-ink-2')}>
                    {item.title} <Cord cord={item.cord} />
                    {item.outcome !== null && <span className="text-xs font-normal text-ink-2">{outcomeWords[item.outcome]}</span>}
                </h2>
                {item.notes !== '' && <p className="max-w-prose whitespace-pre-line">{item.notes}</p>}
                {item.decisions.map((decision) => (
                    <div key={decision.id} className="mt-1 border-l-4 border-double border-ink pl-3">
                        <p className="font-semibold">{decision.words}</p>
                        {decision.because !== null && <p className="text-xs text-ink-2">{decision.because}</p>}
                    </div>
                ))}
            </div>
            <span
                className={clsx(
                    'text-right font-mono text-xs leading-5',
                    took !== null && took > item.minutes ? 'font-semibold' : 'text-ink-2',
                )}
            >
                {took === null ? 'not reached' : `${String(took)} of ${String(item.minutes)}`}
            </span>
        </li>
    );
}
