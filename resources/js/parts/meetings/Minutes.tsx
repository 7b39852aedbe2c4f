import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { TimeSpent } from './TimeSpent';
import { Cord } from '../Cord';
import { Section } from '../Section';
import { TaskLine } from '../TaskLine';
import type { ItemRow, MeetingView } from '../../generated/props';
import { fullDateWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { outcomeWords } from '../../lib/words';
import { Button } from '../../ui/Button';

/** The record of a closed meeting, to be read afterwards: what was decided and who does what first, then item by item. */
export function Minutes({ page }: { page: MeetingView }) {
    const there = page.attendances.filter((attendance) => attendance.wasThere);
    const missed = page.attendances.filter((attendance) => !attendance.wasThere);
    const decided = page.items.filter((item) => item.decisions.length > 0);
    const steps = page.items.flatMap((item) => item.nextSteps);
    const postponed = page.items.filter((item) => item.outcome === 'next_time');
    const items = page.items.filter((item) => item.kind !== 'closing');

    return (
        <div className="grid flex-1 grid-cols-[1fr_320px] max-lg:grid-cols-1">
            <article className="min-w-0 space-y-6 px-6 py-5 max-md:px-4">
                <header>
                    <p className="text-xs text-ink-2">
                        Minutes, final since {page.closedAt}. {Math.round(page.elapsed / 60)} of {page.minutes} min.
                    </p>
                    <h1>
                        <Link href={route('series.show', page.series.id)} className="hover:underline">
                            {page.series.title}
                        </Link>
                        , {fullDateWords(page.on)}
                    </h1>
                    {page.summary !== null && <p className="mt-2 max-w-prose text-md whitespace-pre-line">{page.summary}</p>}
                </header>
                <section className="double-rule pt-2">
                    <h2 className="text-lg">{decided.length === 0 ? 'Nothing was decided' : 'Decided'}</h2>
                    {decided.map((item) => (
                        <Decisions key={item.id} item={item} />
                    ))}
                </section>
                <Section
                    title={steps.length === 0 ? 'No next steps' : 'Next steps'}
                    aside={steps.length === 0 ? undefined : String(steps.length)}
                >
                    <ul className="divide-y divide-hairline">
                        {steps.map((task) => (
                            <TaskLine key={task.id} task={task} people={[]} showsOwner />
                        ))}
                    </ul>
                </Section>
                {postponed.length > 0 && (
                    <Section title="Postponed to the next meeting">
                        <ul>
                            {postponed.map((item) => (
                                <li key={item.id} className="py-0.5">
                                    {item.title}
                                </li>
                            ))}
                        </ul>
                    </Section>
                )}
                <section>
                    <h2 className="text-lg">Item by item</h2>
                    <ol className="mt-2">
                        {items.map((item) => (
                            <Item key={item.id} item={item} />
                        ))}
                    </ol>
                </section>
            </article>
            <aside className="space-y-6 border-l border-hairline px-6 py-5 max-lg:border-0 max-md:px-4">
                <Section title="Present" aside={String(there.length)}>
                    <p>{there.map((attendance) => attendance.name).join(', ') || 'Nobody'}</p>
                    {missed.length > 0 && (
                        <p className="mt-1 text-ink-2">Absent: {missed.map((attendance) => attendance.name).join(', ')}</p>
                    )}
                    <p className="mt-1 text-ink-2">
                        {page.chair !== null && `${page.chair} chaired`}
                        {page.minuteTaker !== null && `, ${page.minuteTaker} took the minutes`}
                    </p>
                </Section>
                <Section title="Where the time went">
                    <TimeSpent items={page.items} />
                </Section>
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

function Decisions({ item }: { item: ItemRow }) {
    return (
        <div className="grid grid-cols-[1fr_auto] items-start gap-x-4 border-t border-hairline py-2 first-of-type:border-0">
            <div className="min-w-0">
                {item.decisions.map((decision) => (
                    <p key={decision.id} className="max-w-prose">
                        <span className="text-md font-semibold">{decision.words}</span>
                        {decision.because !== null && <span className="text-ink-2"> Reason: {decision.because}</span>}
                    </p>
                ))}
                <p className="text-xs text-ink-2">On “{item.title}”</p>
            </div>
            <Cord cord={item.cord} />
        </div>
    );
}

function Item({ item }: { item: ItemRow }) {
    const isReached = item.spent !== null;

    return (
        <li className="grid grid-cols-[56px_1fr] gap-x-4 border-t border-hairline py-2">
            <span className="font-mono text-xs leading-5 text-ink-2">{isReached ? item.at : ''}</span>
            <div className="min-w-0">
                <h3 className={clsx('flex flex-wrap items-center gap-x-3 text-base', !isReached && 'text-ink-2')}>
                    {item.title} <Cord cord={item.cord} />
                    <span className="text-xs font-normal text-ink-2">
                        {item.outcome !== null ? outcomeWords[item.outcome] : isReached ? '' : 'not reached'}
                    </span>
                </h3>
                {item.notes !== '' && <p className="max-w-prose whitespace-pre-line">{item.notes}</p>}
            </div>
        </li>
    );
}
