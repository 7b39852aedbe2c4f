import { Head, Link, useForm } from '@inertiajs/react';
import type { SubmitEvent } from 'react';
import type { ClosedGoal, ClosingRow, ClosingView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { GoalTitle } from '../../parts/GoalTitle';
import { GaugeLine, Standing } from '../../parts/Gauge';
import { Empty, Section } from '../../parts/Section';
import { ClosingFields, type ClosingValues, nothingSaid } from '../../parts/goal/ClosingFields';
import { Button, ButtonLink } from '../../ui/Button';

/** A period's goals closed in one pass: what became of each, and what of it goes on. */
export default function Closing({ page }: { page: ClosingView }) {
    const mine = page.open.filter((row) => row.mayClose);
    const form = useForm<{ goals: Record<number, ClosingValues> }>({
        goals: Object.fromEntries(mine.map((row) => [row.goal.id, { ...nothingSaid, result: row.suggested ?? '' }])),
    });
    const decided = mine.filter((row) => (form.data.goals[row.goal.id]?.result ?? '') !== '').length;
    const errors = form.errors as Partial<Record<string, string>>;

    const close = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('closing.store', page.period.name), { preserveScroll: true });
    };

    return (
        <div className="px-6 py-5 pb-10 max-md:px-4">
            <Head title={`Close ${page.period.words}`} />
            <h1 className="text-2xl">Close {page.period.words}</h1>
            <p className="mt-1 mb-5 text-ink-2">
                {page.isOver ? 'It is over.' : 'It is not over yet; goals can be closed early.'} Say what became of each goal and what of it
                goes on. All of it is one change and can be undone.
            </p>
            {page.open.length === 0 && (
                <Empty
                    action={
                        <ButtonLink kind="main" href={route('planning', page.period.next)}>
                            Plan {plannedWords(page.period.next)}
                        </ButtonLink>
                    }
                >
                    No goal of it is open.
                </Empty>
            )}
            {page.open.length > 0 && (
                <form onSubmit={close}>
                    <ul className="max-w-5xl">
                        {page.open.map((row) => (
                            <Row
                                key={row.goal.id}
                                row={row}
                                values={form.data.goals[row.goal.id]}
                                errors={errors}
                                set={(change) => {
                                    form.setData('goals', {
                                        ...form.data.goals,
                                        [row.goal.id]: { ...(form.data.goals[row.goal.id] ?? nothingSaid), ...change },
                                    });
                                }}
                            />
                        ))}
                    </ul>
                    <div className="mt-2 flex items-center gap-4 border-t border-rule pt-4">
                        <Button kind="main" type="submit" disabled={form.processing || decided === 0}>
                            {decided === 0 ? 'Close them' : decided === 1 ? 'Close 1 goal' : `Close ${String(decided)} goals`}
                        </Button>
                        {mine.length > decided && <span className="text-xs text-ink-2">{mine.length - decided} stay open</span>}
                    </div>
                </form>
            )}
            {page.closed.length > 0 && (
                <Section title="Closed" className="mt-8 max-w-5xl">
                    <ul className="divide-y divide-hairline">
                        {page.closed.map((each) => (
                            <Closed key={each.goal.id} closed={each} />
                        ))}
                    </ul>
                </Section>
            )}
        </div>
    );
}

interface RowProps {
    row: ClosingRow;
    values: ClosingValues | undefined;
    errors: Partial<Record<string, string>>;
    set: (change: Partial<ClosingValues>) => void;
}

function Row({ row, values, errors, set }: RowProps) {
    const { goal } = row;
    const prefix = `goals.${String(goal.id)}.`;
    const own = Object.fromEntries(
        Object.entries(errors)
            .filter(([key]) => key.startsWith(prefix))
            .map(([key, words]) => [key.slice(prefix.length), words]),
    );
    const other = Object.entries(own).find(([key]) => !(key in nothingSaid))?.[1];
    const leaves = [
        row.beneath === 0 ? null : `${String(row.beneath)} ${row.beneath === 1 ? 'goal' : 'goals'} beneath`,
        row.tasks === 0 ? null : `${String(row.tasks)} open ${row.tasks === 1 ? 'task' : 'tasks'}`,
        row.projects.length === 0 ? null : row.projects.join(', '),
    ].filter((words) => words !== null);

    return (
        <li className="grid grid-cols-[minmax(0,5fr)_minmax(0,6fr)] gap-x-8 gap-y-2 border-t border-rule py-3 max-md:grid-cols-1">
            <div className="min-w-0">
                <GoalTitle goal={goal} />
                <GaugeLine gauge={goal.gauge} />
                <p className="mt-0.5 text-xs text-ink-2">
                    {goal.owner.name}
                    {row.ready === 'done' && <b className="font-semibold text-ink">, all of it is done</b>}
                    {leaves.length > 0 && `. Leaves ${leaves.join('; ')}`}
                </p>
            </div>
            {values === undefined ? (
                <p className="text-xs text-ink-2">{goal.owner.name} or a lead closes it.</p>
            ) : (
                <div>
                    <ClosingFields title={goal.title} values={values} errors={own} set={set} next={row.next} mayStay />
                    {other !== undefined && <p className="mt-1 text-sm font-medium text-persimmon">{other}</p>}
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
                <Link key={next.id} href={route('goals.show', next.id)} className="text-xs text-chalk underline underline-offset-2">
                    goes on in {plannedWords(next.period)}
                    {next.title === closed.goal.title ? '' : `: ${next.title}`}
                </Link>
            ))}
        </li>
    );
}
