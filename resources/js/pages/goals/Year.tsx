import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import type { YearView as YearProps } from '../../generated/props';
import { fullDateWords } from '../../lib/dates';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { AsOf } from '../../parts/fields/AsOf';
import { Empty } from '../../parts/signs/Section';
import { yearAddress } from '../../parts/year/address';
import { Drawing, YearContext } from '../../parts/year/Drawing';
import { Filter, isFiltered } from '../../parts/year/Filter';
import { Floors } from '../../parts/year/Floors';
import { PaperHead, PaperWeek } from '../../parts/year/OnPaper';
import { Outline } from '../../parts/year/Outline';
import { Button, ButtonLink } from '../../ui/Button';

/** A period as a drawing to scale: the year's goals on the top floor, quarters below, weeks on the ground floor. */
export default function Year({ page }: { page: YearProps }) {
    const [isOutline, setOutline] = useState(false);
    const [isFilterOpen, setFilterOpen] = useState(isFiltered(page.filter));
    const goals = page.floors.flatMap((floor) => floor.columns.flatMap((column) => column.goals));
    const up = page.above.at(-1);
    const go = (address: string | undefined) => () => {
        if (address !== undefined) {
            router.visit(address);
        }
    };
    const toggle = {
        outline: () => {
            setOutline(!isOutline);
        },
        filter: () => {
            setFilterOpen(!isFilterOpen);
        },
    };

    useKeys({
        o: { words: 'Outline or drawing', run: toggle.outline },
        l: { words: 'Filter', run: toggle.filter },
        '-': { words: 'Zoom out', run: go(up === undefined ? undefined : yearAddress(page, { period: up.name })) },
        '+': { words: 'Zoom in', run: go(within(page)) },
    });

    return (
        <YearContext value={page}>
            <div className="sheet-page flex flex-1 flex-col px-6 max-md:px-4 print:block print:px-0">
                <Head title={`Year ${page.period.name}`} />
                <h1 className="sr-only"> {page.period.words}</h1>
                <PaperHead sheet={page} />
                <Where sheet={page} />
                {isFilterOpen && <Filter sheet={page} />}
                {goals.length === 0 && <Nothing sheet={page} />}
                <div className={isOutline ? '' : 'md:hidden'}>
                    <Outline sheet={page} />
                </div>
                {!isOutline && (
                    <div className="max-md:hidden">
                        <Drawing goals={goals}>
                            <Floors />
                        </Drawing>
                        <PaperWeek sheet={page} />
                    </div>
                )}
                <YearFoot page={page} isOutline={isOutline} isFilterOpen={isFilterOpen} toggle={toggle} />
            </div>
        </YearContext>
    );
}

interface FootProps {
    page: YearProps;
    isOutline: boolean;
    isFilterOpen: boolean;
    toggle: Record<'outline' | 'filter', () => void>;
}

/** How the drawing is read, and what can be done with it. */
function YearFoot({ page, isOutline, isFilterOpen, toggle }: FootProps) {
    return (
        <footer
            className={clsx(
                'mt-auto flex flex-wrap items-center gap-x-5 gap-y-2 border-t',
                'border-hairline py-2.5 text-xs text-ink-2 print:hidden',
            )}
        >
            <span className="min-w-60 flex-1">
                The notch shows where a goal should be today. Sparse hatching: missing. Crossed hatching: far behind. The worst comes first.
                Press a gauge, or e, to see how it is calculated.
            </span>
            <span className="ml-auto flex flex-wrap items-center gap-3">
                <AsOf on={page.on} addressOf={(on) => yearAddress(page, { on })} />
                <Button kind="quiet" keys="l" aria-expanded={isFilterOpen} onClick={toggle.filter}>
                    Filter
                </Button>
                <Button kind="quiet" keys="o" className="max-md:hidden" onClick={toggle.outline}>
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
                <ButtonLink href={route('planning', page.period.name)}>Plan {page.period.words}</ButtonLink>
                <ButtonLink href={route('closing', page.period.name)}>Close {page.period.words}</ButtonLink>
                <ButtonLink kind="main" href={route('goals.create', { _query: { period: page.period.name } })}>
                    New goal
                </ButtonLink>
            </span>
        </footer>
    );
}

/** Where a step closer leads: the present period of those that are drawn. */
function within(sheet: YearProps): string | undefined {
    const floor = sheet.floors[sheet.above.length + 1];
    const column = floor?.columns.find((each) => each.isNow) ?? floor?.columns[0];

    return column === undefined ? undefined : yearAddress(sheet, { period: column.period.name });
}

/** What is drawn and as of when, where that is not the whole year today. */
function Where({ sheet }: { sheet: YearProps }) {
    if (sheet.above.length === 0 && !sheet.isPast) {
        return null;
    }

    return (
        <p className="flex flex-wrap items-baseline gap-x-2 pt-3">
            {sheet.above.map((period) => (
                <Link key={period.name} href={yearAddress(sheet, { period: period.name })} className="link">
                    {period.words}
                </Link>
            ))}
            <span className="text-md font-semibold">{sheet.period.words}</span>
            {sheet.isPast && (
                <span>
                    as of {fullDateWords(sheet.on)}.{' '}
                    <Link href={yearAddress(sheet, { on: null })} className="link">
                        Back to today
                    </Link>
                </span>
            )}
        </p>
    );
}

function Nothing({ sheet }: { sheet: YearProps }) {
    if (isFiltered(sheet.filter)) {
        return <Empty>No goals match. Change or clear the filters.</Empty>;
    }

    return (
        <Empty
            action={
                <ButtonLink kind="main" href={route('goals.create', { _query: { period: sheet.period.name } })}>
                    Add a goal for {sheet.period.words}
                </ButtonLink>
            }
        >
            There are no goals for {sheet.period.words} yet. Start with one to four things that should be true by the end.
        </Empty>
    );
}
