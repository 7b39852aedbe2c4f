import { Head, Link } from '@inertiajs/react';
import type { DirectionView } from '../../generated/props';
import { route } from '../../lib/routes';
import { Section } from '../../parts/signs/Section';
import { LongTermGoals } from '../../parts/direction/LongTermGoals';
import { PeriodWords } from '../../parts/direction/PeriodWords';
import { Purpose } from '../../parts/direction/Purpose';
import { YearGoals } from '../../parts/direction/YearGoals';
import { ButtonLink } from '../../ui/Button';

/** Where we are going: what stands for years, then this year and its quarters. */
export default function Direction({ page }: { page: DirectionView }) {
    return (
        <div className="sheet-edge">
            <Head title={`Direction ${page.year.period.name}`} />
            <h1 className="sr-only">Direction {page.year.period.words}</h1>
            <div className="space-y-8">
                <div className="grid grid-cols-[1fr_auto_minmax(0,440px)] gap-x-6 gap-y-5 max-lg:grid-cols-1">
                    <div className="min-w-0">
                        <h2 className="mb-1 text-xs font-normal text-ink-2">Motto of {page.year.period.words}</h2>
                        <PeriodWords line={page.year} name="motto" size="l" mayChange={page.mayChange} />
                    </div>
                    <span aria-hidden className="w-[5px] border-x border-ink max-lg:hidden" />
                    <Purpose page={page} />
                </div>
                <LongTermGoals page={page} />
                <YearGoals page={page} />
                <Section title="Quarters" aside="A quarter’s main goal is shown in the year bar on every screen.">
                    <ol className="divide-y divide-hairline">
                        {page.quarters.map((quarter) => (
                            <li key={quarter.period.name} className="grid grid-cols-[48px_1fr_auto] items-baseline gap-3 py-1">
                                <span className="font-mono text-ink-2">{quarter.period.words}</span>
                                <div className="min-w-0">
                                    <PeriodWords line={quarter} name="line" mayChange={page.mayChange} />
                                    {quarter.main !== null && quarter.main !== quarter.words && (
                                        <p className="text-xs text-ink-2">Main goal: {quarter.main}</p>
                                    )}
                                </div>
                                <Link href={route('planning', quarter.period.name)} className="link text-sm">
                                    Plan {quarter.period.words}
                                </Link>
                            </li>
                        ))}
                    </ol>
                </Section>
                <ButtonLink href={route('planning', page.year.period.name)}>Plan the year</ButtonLink>
            </div>
        </div>
    );
}
