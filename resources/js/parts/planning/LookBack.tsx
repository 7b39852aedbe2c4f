import { Link } from '@inertiajs/react';
import { Seen } from '../goals/AssumptionLine';
import { Standing } from '../signs/Gauge';
import { Empty, Section } from '../signs/Section';
import type { PlanningView } from '../../generated/props';
import { route } from '../../lib/routes';
import { ButtonLink } from '../../ui/Button';

/** What became of the stretch before, what of it is unfinished, and what was learned. */
export function LookBack({ page }: { page: PlanningView }) {
    const assumptions = page.tried.flatMap((parts) => parts.assumptions.map((each) => ({ ...each, mayChange: parts.mayChange })));
    const others = page.tried.flatMap((parts) => [
        ...parts.efforts.map((each) => ({ key: `effort ${String(each.id)}`, kind: 'Main effort', title: each.title })),
        ...parts.tradeOffs.map((each) => ({ key: `trade-off ${String(each.id)}`, kind: 'Trade-off', title: each.title })),
    ]);

    return (
        <div className="space-y-7">
            {page.unfinished.length > 0 && <Unfinished page={page} />}
            <WhatBecameOfIt page={page} />
            {assumptions.length > 0 && (
                <Section title="Assumptions" aside="Say what you saw before the goal is closed.">
                    <ul className="divide-y divide-hairline">
                        {assumptions.map((assumption) => (
                            <li key={assumption.id} className="py-1.5">
                                {assumption.title}
                                <Seen assumption={assumption} mayChange={assumption.mayChange} />
                            </li>
                        ))}
                    </ul>
                </Section>
            )}
            {others.length > 0 && (
                <Section title="Main efforts and trade-offs">
                    <ul className="divide-y divide-hairline">
                        {others.map(({ key, kind, title }) => (
                            <li key={key} className="py-1.5">
                                <span className="text-ink-2">{kind}: </span>
                                {title}
                            </li>
                        ))}
                    </ul>
                </Section>
            )}
        </div>
    );
}

function Unfinished({ page }: { page: PlanningView }) {
    return (
        <Section
            title={`Unfinished in ${page.before.words}`}
            aside={
                <span className="flex gap-2">
                    {page.before.periods.map((period) => (
                        <ButtonLink key={period.name} kind="main" href={route('closing', period.name)}>
                            Close {period.words}
                        </ButtonLink>
                    ))}
                </span>
            }
        >
            <ul className="divide-y divide-hairline">
                {page.unfinished.map((goal) => (
                    <li key={goal.id} className="flex items-baseline gap-4 py-1.5">
                        <Link href={route('goals.show', goal.id)} className="font-semibold hover:underline">
                            {goal.title}
                        </Link>
                        <span className="text-ink-2">{goal.gauge.terms}</span>
                        <Standing gauge={goal.gauge} />
                    </li>
                ))}
            </ul>
        </Section>
    );
}

function WhatBecameOfIt({ page }: { page: PlanningView }) {
    return (
        <Section title={`What became of ${page.before.words}`}>
            {page.results.length === 0 && <Empty>No goal of {page.before.words} was closed.</Empty>}
            <ul className="divide-y divide-hairline">
                {page.results.map(({ goal, line }) => (
                    <li key={goal.id} className="grid grid-cols-[1fr_90px_1fr] items-baseline gap-4 py-1.5 max-md:grid-cols-[1fr_90px]">
                        <Link href={route('goals.show', goal.id)} className="hover:underline">
                            {goal.title}
                        </Link>
                        <Standing gauge={goal.gauge} />
                        <span className="text-ink-2 max-md:col-span-2">{line}</span>
                    </li>
                ))}
            </ul>
        </Section>
    );
}
