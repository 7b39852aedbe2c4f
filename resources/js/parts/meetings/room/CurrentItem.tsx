import { Link } from '@inertiajs/react';
import { Clock } from './Clock';
import { FollowUps } from './FollowUps';
import { NextSteps } from './NextSteps';
import { Notes } from './Notes';
import { Cord } from '../../signs/Cord';
import { RuledText } from '../../fields/RuledText';
import { AddLine } from '../../fields/AddLine';
import { TextField } from '../../../ui/Field';
import type { ItemRow, RoomView } from '../../../generated/props';
import { addingLines, bind } from '../../../lib/forms';
import { dayWords } from '../../../lib/dates';
import { useForm } from '../../../lib/kept/useForm';
import { route } from '../../../lib/routes';
import { first, needWords, outcomeWords, times } from '../../../lib/words';

interface Props {
    page: RoomView;
    item: ItemRow;
    passed: number;
}

/** What is being talked about, how long still, and who does what by when. */
export function CurrentItem({ page, item, passed }: Props) {
    return (
        <div className="grid grid-cols-[minmax(0,1fr)_232px] items-start gap-x-7 gap-y-4 max-xl:grid-cols-1">
            <div className="min-w-0">
                <p className="flex min-h-5 flex-wrap items-center gap-x-3 text-xs text-ink-2">
                    <Cord cord={item.cord} />
                    {item.issue === null ? item.who : about(item)}
                    {item.look !== null && (
                        <Link href={item.look.value} className="link">
                            {item.look.label}
                        </Link>
                    )}
                    {item.issue !== null && (
                        <Link href={route('issues.show', item.issue.id)} className="link">
                            Open the issue
                        </Link>
                    )}
                    {item.outcome !== null && <strong className="text-ink">{outcomeWords[item.outcome]}</strong>}
                </p>
                <h2 className="mt-1 text-2xl">{item.title}</h2>
                {item.issue?.context != null && <p className="mt-2 max-w-prose whitespace-pre-line">{item.issue.context}</p>}
                {item.kind === 'opening' && (
                    <ol className="mt-4 flex flex-wrap gap-x-6 gap-y-1 border-t border-hairline pt-2 text-md">
                        {page.attendances
                            .filter((attendance) => attendance.wasThere)
                            .map((attendance) => (
                                <li key={attendance.id}>{attendance.name}</li>
                            ))}
                    </ol>
                )}
                {item.kind === 'follow_ups' && <FollowUps page={page} />}
                <div className="mt-4">
                    <Notes item={item} mayWrite={page.mayRun} mayCorrect={page.mayCorrect} />
                </div>
                {(item.kind === 'issue' || item.decisions.length > 0) && <Decisions page={page} item={item} />}
                <NextSteps page={page} item={item} />
            </div>
            <div className="max-xl:-order-1 max-xl:flex max-xl:items-end max-xl:justify-between">
                <Clock page={page} item={item} passed={passed} />
                <section className="mt-4 border-l border-dashed border-rule pl-3.5 max-xl:hidden">
                    <h3 className="text-sm">Only for you</h3>
                    <RuledText
                        label={`Your own notes on ${item.title}`}
                        placeholder="Nobody else sees this"
                        value={item.ownNotes}
                        url={route('items.note', item.id)}
                        payload={(words, was) => ({ words, seen: { words: was } })}
                    />
                </section>
            </div>
        </div>
    );
}

function Decisions({ page, item }: { page: RoomView; item: ItemRow }) {
    const form = useForm(`decision of item ${String(item.id)}`, { words: '', because: '' });

    return (
        <section className="double-rule mt-5 pt-2">
            <h3 className="text-base">Decided</h3>
            {item.decisions.map((decision) => (
                <div key={decision.id} className="py-1">
                    <p className="text-md">{decision.words}</p>
                    {decision.because !== null && <p className="text-xs text-ink-2">Reason: {decision.because}</p>}
                </div>
            ))}
            {page.mayRun && (
                <AddLine words="What was decided?" maxLength={1000} {...addingLines(form, 'words', route('items.decide', item.id))}>
                    <TextField label="Reason" className="min-w-60 flex-1" maxLength={1000} {...bind(form, 'because')} />
                </AddLine>
            )}
        </section>
    );
}

function about({ issue }: ItemRow): string {
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
