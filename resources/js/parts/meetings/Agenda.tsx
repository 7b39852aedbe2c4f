import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { AgendaView, IssueRow, PlannedItem, SeriesView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { movedBy } from '../../lib/order';
import { route } from '../../lib/routes';
import { first, needWords, rankWords, times } from '../../lib/words';
import { Cord } from '../signs/Cord';
import { Estimate } from '../task/Estimate';
import { Button } from '../../ui/Button';

/** How many px a minute takes on the strip. */
const SCALE = 5;

/** The agenda of the next meeting to the scale of minutes, and what will not fit; whoever may run it can reorder its issues. */
export function Agenda({ page }: { page: SeriesView }) {
    const { agenda } = page;
    const { order, arrange, move } = arranging(page);
    const controls = (issue: IssueRow) => (
        <>
            {page.mayRun && order.length > 1 && (
                <>
                    <Control
                        name={`Move ${issue.title} up`}
                        isOff={order[0] === issue.id}
                        onPress={() => {
                            move(issue.id, -1);
                        }}
                    >
                        Up
                    </Control>
                    <Control
                        name={`Move ${issue.title} down`}
                        isOff={order.at(-1) === issue.id}
                        onPress={() => {
                            move(issue.id, 1);
                        }}
                    >
                        Down
                    </Control>
                </>
            )}
            {page.mayRun && (
                <Control
                    name={`Withdraw ${issue.title}`}
                    onPress={() => {
                        act('delete', route('issues.destroy', issue.id));
                    }}
                >
                    Withdraw
                </Control>
            )}
        </>
    );

    return (
        <>
            {agenda.arranged.length > 0 && <SetByHand page={page} arrange={arrange} />}
            <ol className="mt-4">
                {agenda.items.map((item, place) => (
                    <Item key={item.issue === null ? `part ${String(place)}` : item.issue.id} item={item}>
                        {item.issue !== null && controls(item.issue)}
                    </Item>
                ))}
            </ol>
            <EndsAt agenda={agenda} />
            <ul>
                {agenda.wontFit.map((issue) => (
                    <WontFit key={issue.id} issue={issue}>
                        {controls(issue)}
                    </WontFit>
                ))}
            </ul>
        </>
    );
}

/** The order of its issues, those that will not fit at its end, and how it is set by hand. */
function arranging({ agenda, series }: SeriesView) {
    const order = [...agenda.items.flatMap(({ issue }) => (issue === null ? [] : [issue.id])), ...agenda.wontFit.map(({ id }) => id)];
    const arrange = (issues: number[]) => {
        act('put', route('series.arrange', series.id), { issues, seen: agenda.arranged });
    };
    const move = (id: number, by: number) => {
        arrange(movedBy(order, id, by));
    };

    return { order, arrange, move };
}

function SetByHand({ page, arrange }: { page: SeriesView; arrange: (issues: number[]) => void }) {
    return (
        <p className="mt-3 flex flex-wrap items-baseline gap-x-3 text-xs text-ink-2">
            These issues are in an order set by hand.
            {page.mayRun && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        arrange([]);
                    }}
                >
                    Order by cost of waiting
                </Button>
            )}
        </p>
    );
}

function EndsAt({ agenda }: { agenda: AgendaView }) {
    return (
        <p className="flex justify-between border-t-2 border-ink pt-1 font-mono text-xs">
            <span>{agenda.ends}</span>
            <span className={clsx('font-sans', agenda.wontFit.length > 0 && 'font-semibold text-persimmon')}>
                {agenda.wontFit.length > 0
                    ? `${String(agenda.wontFit.reduce((sum, issue) => sum + issue.minutes, 0))} min will not fit`
                    : `${String(Math.max(0, agenda.spare))} min to spare`}
            </span>
        </p>
    );
}

function Item({ item, children }: { item: PlannedItem; children: ReactNode }) {
    return (
        <li
            className="group grid grid-cols-[52px_14px_1fr_auto] gap-x-3"
            style={{ minHeight: `${String(Math.max(30, item.minutes * SCALE))}px` }}
        >
            <span className="pt-1 font-mono text-xs text-ink-2">{item.at}</span>
            <span
                aria-hidden
                className={clsx(
                    'my-px border border-rule',
                    item.kind === 'issue' ? 'bg-faint' : item.kind === 'closing' ? 'bg-ink' : 'bg-done',
                )}
            />
            <div className="min-w-0 pt-0.5 pb-1">
                {item.issue === null ? (
                    <span>{item.title}</span>
                ) : (
                    <Link href={route('issues.show', item.issue.id)} className="font-semibold hover:underline">
                        {item.title}
                    </Link>
                )}{' '}
                <span className="text-xs text-ink-2">
                    {item.who !== null && first(item.who)}
                    {item.issue !== null && `, ${rankWords(item.issue.rank)}, needs ${needWords[item.issue.need]}`}
                    {item.issue !== null && item.issue.waited > 0 && `, postponed ${times(item.issue.waited)}`}
                </span>{' '}
                {item.issue !== null && <Cord cord={item.issue.cord} />}
                {item.look !== null && (
                    <Link href={item.look.value} className="link text-xs">
                        {item.look.label}
                    </Link>
                )}
                {children}
            </div>
            <Estimate minutes={item.minutes} className="pt-1 text-ink-2" />
        </li>
    );
}

function WontFit({ issue, children }: { issue: IssueRow; children: ReactNode }) {
    return (
        <li className="group grid grid-cols-[52px_14px_1fr_auto] gap-x-3 py-1 text-persimmon">
            <span />
            <span aria-hidden className="h-6 rotate-3 border border-dashed border-persimmon" />
            <span>
                <Link href={route('issues.show', issue.id)} className="hover:underline">
                    {issue.title}
                </Link>{' '}
                <span className="text-xs text-ink-2">
                    {first(issue.raisedBy.name)}, {rankWords(issue.rank)}
                </span>
                {children}
            </span>
            <Estimate minutes={issue.minutes} className="text-persimmon" />
        </li>
    );
}

interface ControlProps {
    name: string;
    isOff?: boolean;
    onPress: () => void;
    children: ReactNode;
}

/** Comes when the row is pointed at or focused. What cannot be pressed now stays, so that the focus does too. */
function Control({ name, isOff = false, onPress, children }: ControlProps) {
    return (
        <button
            type="button"
            aria-label={name}
            aria-disabled={isOff}
            className={clsx(
                'ml-3 min-h-6 text-xs text-ink-2 opacity-0 group-focus-within:opacity-100 group-hover:opacity-100',
                'hover:underline aria-disabled:cursor-default aria-disabled:opacity-0! pointer-coarse:opacity-100',
            )}
            onClick={() => {
                if (!isOff) {
                    onPress();
                }
            }}
        >
            {children}
        </button>
    );
}
