import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { SubmitEvent } from 'react';
import type { ClosedGoal, ClosingRow, ClosingView } from '../../generated/props';
import { plannedWords, wordsOf } from '../../lib/dates';
import { type Form, useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { GoalTitle } from '../../parts/signs/GoalTitle';
import { GaugeLine, Standing } from '../../parts/signs/Gauge';
import { Empty, Section } from '../../parts/signs/Section';
import { type ClosingValues, nothingChosen } from '../../parts/goals/closing';
import { ClosingFields } from '../../parts/goals/ClosingFields';
import { EffectOnFigures } from '../../parts/goals/EffectOnFigures';
import { WrittenAbout } from '../../parts/reviews/WrittenAbout';
import { Button, ButtonLink } from '../../ui/Button';
import { Problem } from '../../ui/Problem';

/** A period's goals closed in one pass: what became of each, and what becomes of the rest of it. */
export default function Closing({ page }: { page: ClosingView }) {
    const mine = page.open.filter((row) => row.mayClose);
    const form = useForm<Chosen>(`closing of ${page.period.name}`, {
        goals: Object.fromEntries(mine.map((row) => [row.goal.id, nothingChosen])),
    });
    const chosen = Object.fromEntries(Object.entries(form.data.goals).filter(([, values]) => values.result !== ''));
    const closing = Object.keys(chosen).length;
    const proposed = Object.fromEntries(mine.flatMap((row) => (row.offer.proposed === null ? [] : [[row.goal.id, asProposed(row)]])));

    const close = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('closing.store', page.period.name));
    };

    return (
        <div className="grid flex-1 grid-cols-[minmax(0,1fr)_320px] max-lg:grid-cols-1">
            <Head title={`Close ${wordsOf(page.period)}`} />
            <div className="sheet-edge">
                <ClosingHead page={page} mine={mine} closing={closing} />
                {page.open.length === 0 && (
                    <Empty
                        action={
                            <ButtonLink kind="main" href={route('planning', page.period.next)}>
                                Plan {plannedWords(page.period.next)}
                            </ButtonLink>
                        }
                    >
                        No open goals in this period.
                    </Empty>
                )}
                {page.open.length > 0 && <GoalsToClose page={page} form={form} closing={closing} onClose={close} />}
                {page.closed.length > 0 && (
                    <Section title="Closed" className="mt-8">
                        <ul className="divide-y divide-hairline">
                            {page.closed.map((each) => (
                                <Closed key={each.goal.id} closed={each} />
                            ))}
                        </ul>
                    </Section>
                )}
            </div>
            <aside className="sheet-edge border-l border-hairline max-lg:border-0">
                <WrittenAbout lines={page.written} className="mb-6 print:hidden" />
                {page.open.length > 0 && (
                    <EffectOnFigures
                        title={closing === 0 ? 'Effect on figures, if all is closed as proposed' : 'Effect on figures'}
                        url={route('closing.preview', page.period.name)}
                        data={{ goals: closing === 0 ? proposed : chosen }}
                        empty="What your choices do to each figure is shown here before anything is closed."
                    />
                )}
            </aside>
        </div>
    );
}

function ClosingHead({ page, mine, closing }: { page: ClosingView; mine: ClosingRow[]; closing: number }) {
    return (
        <div className="mb-4 flex flex-wrap items-baseline gap-x-4">
            <h1>Close {wordsOf(page.period)}</h1>
            <p className="flex-1 text-ink-2">
                {page.isOver ? '' : 'This period is not over yet. Goals can be closed early. '}Choose a result for each goal, then what
                happens to what is still open.
            </p>
            {mine.length > 0 && (
                <span className="text-ink-2">
                    {closing} of {mine.length}
                </span>
            )}
        </div>
    );
}

/** What is chosen of each goal that one may close, by its id. */
interface Chosen {
    goals: Record<number, ClosingValues>;
}

interface GoalsProps {
    page: ClosingView;
    form: Form<Chosen>;
    /** How many are to be closed. */
    closing: number;
    onClose: (event: SubmitEvent) => void;
}

function GoalsToClose({ page, form, closing, onClose }: GoalsProps) {
    return (
        <form onSubmit={onClose}>
            <ul>
                {page.open.map((row) => (
                    <Row
                        key={row.goal.id}
                        row={row}
                        values={form.data.goals[row.goal.id]}
                        errors={form.errors}
                        isCarried={(id) => ['carried', 'split'].includes(form.data.goals[id]?.rest ?? '')}
                        set={(change) => {
                            form.setData('goals', {
                                ...form.data.goals,
                                [row.goal.id]: { ...(form.data.goals[row.goal.id] ?? nothingChosen), ...change },
                            });
                        }}
                    />
                ))}
            </ul>
            <p className="border-t border-rule pt-2 text-xs text-ink-2">A dashed border marks what the figures suggest.</p>
            <div className="mt-4 flex flex-wrap items-center gap-4">
                <Button kind="main" type="submit" disabled={form.processing || closing === 0}>
                    {closing === 0 ? 'Close goals' : `Close ${count(closing, 'goal')}`}
                </Button>
                <span className="text-xs text-ink-2">
                    One undo takes all of it back. Reopening a goal takes back everything that closing it did.
                </span>
            </div>
        </form>
    );
}

/** What the figures suggest; what is left then goes on where it can. */
function asProposed({ offer }: ClosingRow): ClosingValues {
    const rest = offer.complete === null ? 'carried' : 'shelved';

    return {
        ...nothingChosen,
        result: offer.proposed ?? '',
        rest: offer.proposed === 'met' ? '' : rest,
        parent: String(offer.parent ?? ''),
    };
}

interface RowProps {
    row: ClosingRow;
    values: ClosingValues | undefined;
    errors: Partial<Record<string, string>>;
    /** Whether a goal is carried over in this pass. */
    isCarried: (id: number) => boolean;
    set: (change: Partial<ClosingValues>) => void;
}

function Row({ row, values, errors, isCarried, set }: RowProps) {
    const { goal } = row;
    const prefix = `goals.${String(goal.id)}.`;
    const own = Object.fromEntries(
        Object.entries(errors)
            .filter(([key]) => key.startsWith(prefix))
            .map(([key, words]) => [key.slice(prefix.length), words]),
    );
    const other = Object.entries(own).find(([key]) => !(key in nothingChosen))?.[1];

    return (
        <li
            className={clsx(
                'grid grid-cols-[minmax(0,5fr)_152px_minmax(0,8fr)] items-start',
                'gap-x-6 gap-y-2 border-t border-hairline py-2.5 max-md:grid-cols-1',
                values !== undefined && values.result !== '' && 'bg-faint shadow-[-12px_0_0_var(--faint),12px_0_0_var(--faint)]',
            )}
        >
            <div className="min-w-0">
                <GoalTitle goal={goal} />
                <p className="text-xs text-ink-2">{goal.owner.name}</p>
            </div>
            <div className="pt-1.5">
                <GaugeLine gauge={goal.gauge} />
            </div>
            {values === undefined ? (
                <p className="text-xs text-ink-2">{goal.owner.name} or a lead can close it.</p>
            ) : (
                <div className="min-w-0">
                    <ClosingFields
                        title={goal.title}
                        offer={row.offer}
                        values={values}
                        errors={own}
                        set={set}
                        isParentCarried={row.offer.leaves !== null && isCarried(row.offer.leaves.id)}
                    />
                    <Problem words={other} className="mt-1" />
                </div>
            )}
        </li>
    );
}

function Closed({ closed }: { closed: ClosedGoal }) {
    return (
        <li className="flex flex-wrap items-baseline gap-x-4 py-1.5">
            <Link href={route('goals.show', closed.goal.id)} className="font-semibold hover:underline">
                {closed.goal.title}
            </Link>
            <Standing gauge={closed.goal.gauge} />
            <span className="min-w-0 flex-1 text-ink-2">{closed.line}</span>
            {closed.successors.map((next) => (
                <Link key={next.id} href={route('goals.show', next.id)} className="text-xs link">
                    continued in {plannedWords(next.period)}
                    {next.title === closed.goal.title ? '' : `: ${next.title}`}
                </Link>
            ))}
        </li>
    );
}
