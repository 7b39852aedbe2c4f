import { Link } from '@inertiajs/react';
import { GoalParts } from '../goals/GoalParts';
import { Empty } from '../signs/Section';
import type { PlanningView } from '../../generated/props';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';

/** Goal by goal: the few activities that carry it, what it rests on, what is left undone for it. */
export function EffortsStep({ page }: { page: PlanningView }) {
    if (page.parts.length === 0) {
        return <Empty>No goals yet: add some two steps back.</Empty>;
    }

    return (
        <div className="space-y-8">
            <HoursMeant page={page} />
            {page.parts.map((parts) => (
                <section key={parts.goal.id} aria-label={parts.goal.title}>
                    <h2 className="mb-2 text-md">
                        <Link href={route('goals.show', parts.goal.id)} className="hover:underline">
                            {parts.goal.title}
                        </Link>
                    </h2>
                    <GoalParts parts={parts} people={page.people} />
                </section>
            ))}
        </div>
    );
}

/** What the main efforts come to, person by person. */
function HoursMeant({ page }: { page: PlanningView }) {
    const hours = new Map<string, number>();

    for (const effort of page.parts.flatMap((parts) => parts.efforts)) {
        if (effort.hours !== null) {
            hours.set(effort.person.name, (hours.get(effort.person.name) ?? 0) + Number(effort.hours));
        }
    }

    return hours.size === 0 ? null : (
        <p className="text-ink-2">
            Meant each week:{' '}
            {[...hours]
                .sort(([, a], [, b]) => b - a)
                .map(([name, sum]) => `${first(name)} ${String(sum)} h`)
                .join(', ')}
            .
        </p>
    );
}
