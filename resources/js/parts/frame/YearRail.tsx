import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { type KeyboardEvent, useRef } from 'react';
import { Gauge, Standing } from '../signs/Gauge';
import { RailSigns } from './RailSigns';
import type { Rail, RailQuarter, RailWeek } from '../../generated/props';
import { dayWords, monthWords } from '../../lib/dates';
import { route } from '../../lib/routes';

interface Props {
    rail: Rail;
    thisWeek: string;
    selected: string;
    /** Where a week leads to: the same room, at that week. */
    addressOf: (week: string) => string;
}

/** The year to scale, drawn like a ruler: how one moves in time everywhere. */
export function YearRail({ rail, thisWeek, selected, addressOf }: Props) {
    return (
        <div className="bg-sheet px-6 pt-0.5 pb-[3px] max-md:px-4 max-md:pt-1.5 print:hidden">
            <YearWords rail={rail} />
            <div className="flex items-end gap-1">
                <YearStep year={rail.year.previous} label="The year before" sign="‹" />
                <div className="min-w-0 flex-1">
                    <Quarters quarters={rail.quarters} />
                    <Weeks rail={rail} thisWeek={thisWeek} selected={selected} addressOf={addressOf} />
                </div>
                <YearStep year={rail.year.next} label="The year after" sign="›" />
            </div>
        </div>
    );
}

function YearWords({ rail }: { rail: Rail }) {
    const { year, mainGoal } = rail;
    const now = rail.quarters.find((quarter) => quarter.isNow);

    return (
        <div className="flex min-h-5 flex-wrap items-center gap-x-3.5">
            <Link href={route('year', year.name)} className="text-md font-semibold pointer-coarse:-my-3 pointer-coarse:py-3">
                {year.words}
            </Link>
            {!year.first.endsWith('-01-01') && (
                <span className="text-xs text-ink-2">
                    {monthWords(year.first)} to {monthWords(year.last)}
                </span>
            )}
            <span className="-my-1">
                <RailSigns />
            </span>
            <Link
                href={route('direction', year.name)}
                className="min-w-0 truncate hover:underline pointer-coarse:-my-3 pointer-coarse:py-3"
            >
                {rail.motto ?? <span className="text-ink-2">No motto yet</span>}
            </Link>
            <span className="w-full truncate text-xs text-ink-2 md:hidden">
                {[mainGoal?.title, now?.words].filter((words) => words != null).join(' · ')}
            </span>
            {mainGoal !== null && (
                <span className="ml-auto flex min-w-0 items-center gap-2.5 max-md:hidden">
                    <span className="text-xs text-ink-2 max-lg:hidden">Main goal of the year</span>
                    <Link href={route('goals.show', mainGoal.id)} className="truncate hover:underline">
                        {mainGoal.title}
                    </Link>
                    <span className="block w-30 flex-none">
                        <Gauge gauge={mainGoal.gauge} />
                    </span>
                    <span className="font-mono text-xs whitespace-nowrap max-lg:hidden">{mainGoal.gauge.terms}</span>
                    <span className="font-mono text-xs">
                        <Standing gauge={mainGoal.gauge} />
                    </span>
                </span>
            )}
        </div>
    );
}

function YearStep({ year, label, sign }: { year: string; label: string; sign: string }) {
    return (
        <Link
            href={route('year', year)}
            aria-label={`${label}, ${year}`}
            className="flex h-6 w-4 items-center justify-center text-ink-2 hover:text-ink pointer-coarse:h-11 pointer-coarse:w-8"
        >
            {sign}
        </Link>
    );
}

function Quarters({ quarters }: { quarters: RailQuarter[] }) {
    return (
        <div className="flex max-md:hidden">
            {quarters.map((quarter) => (
                <div key={quarter.name} style={{ flexGrow: quarter.weeks, flexBasis: 0 }} className="relative h-3.5 min-w-0 px-px">
                    <div
                        aria-hidden
                        className={clsx('absolute inset-x-px top-1 h-1.5 border border-b-0', quarter.isNow ? 'border-ink' : 'border-rule')}
                    />
                    <Link
                        href={route('year', quarter.name)}
                        className={clsx(
                            'relative ml-2.5 block w-fit max-w-[calc(100%-24px)] truncate bg-sheet px-1.5 text-xs leading-3.5',
                            quarter.isNow ? 'font-semibold' : 'text-ink-2',
                        )}
                        title={quarter.words ?? quarter.label}
                    >
                        <span className="font-mono">{quarter.label}</span> {quarter.words}
                    </Link>
                </div>
            ))}
        </div>
    );
}

function Weeks({ rail, thisWeek, selected, addressOf }: Props) {
    const cells = useRef<HTMLDivElement>(null);
    const focusable = rail.weeks.some((week) => week.name === selected) ? selected : rail.weeks[0]?.name;

    const move = (event: KeyboardEvent) => {
        const step = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 4, ArrowUp: -4 }[event.key];
        const links = [...(cells.current?.querySelectorAll<HTMLElement>('a') ?? [])];
        const at = links.indexOf(document.activeElement as HTMLElement);

        if (step !== undefined && at >= 0) {
            event.preventDefault();
            links[Math.max(0, Math.min(links.length - 1, at + step))]?.focus();
        }
    };

    return (
        // oxlint-disable-next-line jsx-a11y/no-static-element-interactions -- the links inside take the focus, the arrows move among them
        <div ref={cells} className="flex border-b-0" onKeyDown={move}>
            {rail.weeks.map((week, index) => (
                <Week
                    key={week.name}
                    week={week}
                    href={addressOf(week.name)}
                    isNow={week.name === thisWeek}
                    isSelected={week.name === selected}
                    isTabStop={week.name === focusable}
                    isFirstOfQuarter={quarterStarts(rail.quarters).has(index)}
                    isFar={isFar(rail, index, selected)}
                />
            ))}
        </div>
    );
}

function quarterStarts(quarters: RailQuarter[]): Set<number> {
    const starts = new Set<number>();
    let at = 0;

    for (const quarter of quarters) {
        starts.add(at);
        at += quarter.weeks;
    }

    return starts;
}

/** On a narrow screen the rail folds to the weeks around the selected one. */
function isFar(rail: Rail, index: number, selected: string): boolean {
    const at = Math.max(
        0,
        rail.weeks.findIndex((week) => week.name === selected),
    );
    const from = Math.max(0, Math.min(at - 6, rail.weeks.length - 13));

    return index < from || index >= from + 13;
}

interface WeekProps {
    week: RailWeek;
    href: string;
    isNow: boolean;
    isSelected: boolean;
    isTabStop: boolean;
    isFirstOfQuarter: boolean;
    isFar: boolean;
}

function Week({ week, href, isNow, isSelected, isTabStop, isFirstOfQuarter, isFar: far }: WeekProps) {
    const share = week.share === null ? null : Math.round(week.share * 100);
    const label = [
        `Week ${String(week.number)}, ${dayWords(week.first)} to ${dayWords(week.last)}`,
        isNow ? 'now' : null,
        share === null ? null : `${String(share)} per cent of the work contributed to goals`,
        week.isReviewed ? 'reviewed' : null,
    ];

    return (
        <Link
            href={href}
            aria-label={label.filter(Boolean).join(', ')}
            aria-current={isSelected ? 'page' : undefined}
            title={label.filter(Boolean).join(', ')}
            tabIndex={isTabStop ? 0 : -1}
            className={clsx('group relative h-6 min-w-0 flex-1 pointer-coarse:h-11', far && 'max-md:hidden')}
        >
            <span aria-hidden className="absolute inset-x-0 bottom-1.5 h-px bg-ink" />
            <span
                aria-hidden
                className={clsx(
                    'absolute bottom-1.5 left-1/2 -translate-x-1/2',
                    share === null ? 'w-px bg-rule' : 'w-[5px] bg-ink',
                    'group-hover:bg-chalk',
                )}
                style={{ height: share === null ? (isFirstOfQuarter ? '8px' : '4px') : `${String(2 + (share / 100) * 14)}px` }}
            />
            {(week.isReviewed || week.isMissed) && (
                <span
                    aria-hidden
                    className={clsx(
                        'absolute bottom-0 left-1/2 w-2 -translate-x-1/2',
                        week.isReviewed ? 'h-0.5 bg-spruce' : 'border-b border-dashed border-rule',
                    )}
                />
            )}
            {(isNow || isSelected) && (
                <span
                    aria-hidden
                    className={clsx(
                        'absolute inset-y-0 left-1/2 flex w-[max(100%+2px,24px)]',
                        '-translate-x-1/2 items-center justify-center border bg-sheet font-mono text-xs',
                        isSelected ? 'border-[1.5px] border-ink font-semibold' : 'border-chalk text-chalk',
                    )}
                >
                    {week.number}
                </span>
            )}
        </Link>
    );
}

/** Goes one week back or on from the selected one. */
export function stepWeek(rail: Rail, selected: string, by: 1 | -1, addressOf: (week: string) => string): void {
    const at = rail.weeks.findIndex((week) => week.name === selected);
    const next = rail.weeks[at + by];

    if (next !== undefined) {
        router.visit(addressOf(next.name));
    }
}
