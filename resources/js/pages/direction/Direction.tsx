import { Head } from '@inertiajs/react';
import type { DirectionView } from '../../generated/props';
import { route } from '../../lib/routes';
import { Section } from '../../parts/Section';
import { LongTermGoals } from '../../parts/direction/LongTermGoals';
import { PeriodWords } from '../../parts/direction/PeriodWords';
import { Purpose } from '../../parts/direction/Purpose';
import { YearGoals } from '../../parts/direction/YearGoals';
import { ButtonLink } from '../../ui/Button';

/** Where we are going: what stands for years, then this year and its quarters. */
export default function Direction({ page }: { page: DirectionView }) {
    return (
        <div className="px-6 py-4 pb-10 max-md:px-4">
            <Head title={`Direction ${page.year.period.name}`} />
            <div className="grid grid-cols-[300px_1fr] gap-x-12 gap-y-8 max-lg:grid-cols-1">
                <div className="space-y-8 max-lg:order-2">
                    <Purpose page={page} />
                    <LongTermGoals page={page} />
                </div>
                <div className="min-w-0 space-y-8">
                    <div className="flex items-start justify-between gap-6 max-md:block">
                        <div className="min-w-0 flex-1">
                            <h1 className="text-2xl">{page.year.period.words}</h1>
                            <PeriodWords line={page.year} name="motto" size="l" mayChange={page.mayChange} />
                        </div>
                        <ButtonLink href={route('planning', page.year.period.name)}>Plan the year</ButtonLink>
                    </div>
                    <YearGoals page={page} />
                    <Section title="Quarters" aside="A quarter’s main goal is shown in the year bar on every screen.">
                        <ol className="divide-y divide-hairline">
                            {page.quarters.map((quarter) => (
                                <li key={quarter.period.name} className="grid grid-cols-[48px_1fr_auto] items-baseline gap-3 py-1.5">
                                    <span className="font-mono text-ink-2">{quarter.period.words}</span>
                                    <PeriodWords line={quarter} name="line" mayChange={page.mayChange} />
                                    <ButtonLink kind="quiet" href={route('planning', quarter.period.name)}>
                                        Plan {quarter.period.words}
                                    </ButtonLink>
                                </li>
                            ))}
                        </ol>
                    </Section>
                </div>
            </div>
        </div>
    );
}
