import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Decide } from './Decide';
import { NextStepForm } from './NextStepForm';
import { Cord } from '../Cord';
import { RuledText } from '../RuledText';
import { TaskLine } from '../TaskLine';
import type { ItemRow, MeetingView } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { first, needWords, outcomeWords, times } from '../../lib/words';

interface Props {
    page: MeetingView;
    item: ItemRow;
    passed: number;
}

/** What is being talked about, how long still, and who does what by when. */
export function CurrentItem({ page, item, passed }: Props) {
    const isIssue = item.kind === 'issue';

    return (
        <div>
            <div className="grid grid-cols-[1fr_auto] items-start gap-6 max-md:grid-cols-1">
                <div className="min-w-0">
                    <p className="flex min-h-5 flex-wrap items-center gap-x-3 text-xs text-ink-2">
                        <Cord cord={item.cord} />
                        {item.issue === null ? item.who : about(item)}
                        {item.goalLink !== null && (
                            <Link href={item.goalLink} className="link">
                                Open the goal
                            </Link>
                        )}
                        {item.outcome !== null && <strong className="text-ink">{outcomeWords[item.outcome]}</strong>}
                    </p>
                    <h2 className="mt-1 text-2xl">{item.title}</h2>
                    {item.issue?.context != null && <p className="mt-2 max-w-prose whitespace-pre-line">{item.issue.context}</p>}
                </div>
                <Clock item={item} passed={passed} />
            </div>
            {item.kind === 'opening' && (
                <ol className="mt-4 flex flex-wrap gap-x-6 gap-y-1 border-t border-hairline pt-2 text-md">
                    {page.attendances
                        .filter((attendance) => attendance.wasThere)
                        .map((attendance) => (
                            <li key={attendance.id}>{attendance.name}</li>
                        ))}
                </ol>
            )}
            {item.kind === 'follow_ups' && (
                <ul className="mt-4 divide-y divide-hairline border-t border-hairline">
                    {page.followUps.map((task) => (
                        <TaskLine key={task.id} task={task} people={[]} showsOwner />
                    ))}
                </ul>
            )}
            <div className="mt-4">
                {page.mayRun ? (
                    <RuledText
                        label={`Notes on ${item.title}`}
                        placeholder="Notes"
                        value={item.notes}
                        url={route('items.write', item.id)}
                        payload={(notes, was) => ({ notes, seen: { notes: was } })}
                    />
                ) : (
                    <p className="ruled min-h-13 whitespace-pre-line">{item.notes}</p>
                )}
            </div>
            {isIssue && (
                <section className="double-rule mt-5 pt-2">
                    <h3 className="text-base">Decided</h3>
                    {item.decisions.map((decision) => (
                        <div key={decision.id} className="py-1">
                            <p className="text-md">{decision.words}</p>
                            {decision.because !== null && <p className="text-xs text-ink-2">Reason: {decision.because}</p>}
                        </div>
                    ))}
                    {page.mayRun && <Decide item={item} />}
                </section>
            )}
            <section className="mt-5">
                <h3 className="text-base">Next steps</h3>
                <ul className="divide-y divide-hairline border-t border-hairline">
                    {item.nextSteps.map((task) => (
                        <TaskLine key={task.id} task={task} people={[]} showsOwner />
                    ))}
                </ul>
                {page.mayRun && <NextStepForm page={page} item={item} />}
            </section>
        </div>
    );
}

function about(item: ItemRow): string {
    const { issue } = item;

    return issue === null
        ? ''
        : [
              `${first(issue.raisedBy.name)} needs ${needWords[issue.need]}. Raised ${dayWords(issue.raisedOn)}`,
              issue.waited === 0 ? null : `postponed ${times(issue.waited)}`,
              issue.for,
          ]
              .filter(Boolean)
              .join(', ');
}

/** Can be read from across the room; says it in words and hatch when the time is up. */
function Clock({ item, passed }: { item: ItemRow; passed: number }) {
    if (item.state !== 'current') {
        return (
            <p className="pt-6 text-right font-mono text-xs text-ink-2">
                {item.spent === null
                    ? `${String(item.minutes)} min planned`
                    : `took ${String(Math.round(item.spent / 60))} of ${String(item.minutes)} min`}
            </p>
        );
    }

    const left = item.minutes * 60 - (item.spent ?? 0) - passed;
    const shown = Math.abs(left);
    const time = `${String(Math.floor(shown / 60)).padStart(2, '0')}:${String(shown % 60).padStart(2, '0')}`;

    return (
        <div role="timer" aria-live="off" className={clsx('text-right', left < 0 && 'text-persimmon')}>
            <p className="font-mono text-[64px] leading-[64px] font-light tracking-tight">
                {left < 0 && '+'}
                {time}
            </p>
            <p className="text-xs">{left < 0 ? 'over: decide, or postpone to the next meeting' : `left of ${String(item.minutes)} min`}</p>
            {left < 0 && <span aria-hidden className="hatch-crossed mt-1 block h-2" />}
        </div>
    );
}
