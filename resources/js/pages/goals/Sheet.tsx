import { Head, usePage } from '@inertiajs/react';
import { useState } from 'react';
import type { Sheet as SheetProps } from '../../generated/props';
import { daysBetween, dayWords } from '../../lib/dates';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { Empty } from '../../parts/Section';
import { Outline } from '../../parts/sheet/Outline';
import { PeriodFloor } from '../../parts/sheet/PeriodFloor';
import { WeekFloor } from '../../parts/sheet/WeekFloor';
import { YearFloor } from '../../parts/sheet/YearFloor';
import { Button, ButtonLink } from '../../ui/Button';

/** The year as a drawing to scale: its goals on the top floor, quarters below, weeks on the ground floor. */
export default function Sheet({ page }: { page: SheetProps }) {
    const { frame } = usePage().props;
    const [isOutline, setOutline] = useState(false);
    const isEmpty = page.goals.length === 0 && page.quarters.every((quarter) => quarter.goals.length === 0);

    useKeys({
        o: () => {
            setOutline(!isOutline);
        },
    });

    return (
        <div className="flex flex-1 flex-col px-6 max-md:px-4">
            <Head title={`Sheet ${page.year.name}`} />
            <h1 className="sr-only">Sheet of {page.year.name}</h1>
            {isEmpty && (
                <Empty
                    action={
                        <ButtonLink kind="main" href={route('goals.create')}>
                            Set a year goal
                        </ButtonLink>
                    }
                >
                    Nothing is drawn for {page.year.name} yet. A sheet begins with what should be true by its end: one to four goals.
                </Empty>
            )}
            <div className={isOutline ? '' : 'md:hidden'}>
                <Outline sheet={page} />
            </div>
            {!isOutline && (
                <div className="relative max-md:hidden">
                    <YearFloor goals={page.goals} slackest={page.slackest} />
                    <PeriodFloor title="Quarters" columns={page.quarters} />
                    {page.months.length > 0 && <PeriodFloor title="Months" columns={page.months} />}
                    <WeekFloor weeks={page.weeks} thisWeek={frame?.thisWeek ?? ''} />
                    {page.today !== null && <TodayLine first={page.year.first} last={page.year.last} today={page.today} />}
                </div>
            )}
            <footer className="mt-auto flex flex-wrap items-center gap-x-5 gap-y-2 border-t border-hairline py-2.5 text-xs text-ink-2 print:hidden">
                <span>
                    The notch is where a goal should stand today. Sparse hatch: missing. Crossed: far behind. The worst comes first.
                </span>
                <span className="ml-auto flex items-center gap-3">
                    <Button
                        kind="quiet"
                        keys="o"
                        className="max-md:hidden"
                        onClick={() => {
                            setOutline(!isOutline);
                        }}
                    >
                        {isOutline ? 'Drawing' : 'Outline'}
                    </Button>
                    <Button
                        className="max-md:hidden"
                        onClick={() => {
                            window.print();
                        }}
                    >
                        Print
                    </Button>
                    <ButtonLink kind="main" href={route('goals.create')}>
                        New goal
                    </ButtonLink>
                </span>
            </footer>
        </div>
    );
}

/** The line of today, through all floors. */
function TodayLine({ first, last, today }: { first: string; last: string; today: string }) {
    const at = ((daysBetween(first, today) + 0.5) / (daysBetween(first, last) + 1)) * 100;

    return (
        <div
            aria-hidden
            className="pointer-events-none absolute top-4 bottom-0 w-px border-l border-dashed border-chalk"
            style={{ left: `${String(at)}%` }}
        >
            <span className="absolute bottom-1 left-0 -translate-x-1/2 bg-sheet px-1 font-mono text-xs whitespace-nowrap text-chalk">
                {dayWords(today)}
            </span>
        </div>
    );
}
