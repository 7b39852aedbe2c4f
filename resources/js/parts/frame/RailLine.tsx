import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { type RefObject, useEffect, useState } from 'react';
import { Gauge, Standing } from '../signs/Gauge';
import type { Rail } from '../../generated/props';
import { route } from '../../lib/routes';

interface Props {
    rail: Rail;
    thisWeek: string;
    /** What it stands for while that is out of sight. */
    header: RefObject<HTMLElement | null>;
}

/** The year bar as one line, while one has scrolled past it. It holds nothing that is not above: keys go there. */
export function RailLine({ rail, thisWeek, header }: Props) {
    const [isShown, setShown] = useState(false);

    useEffect(() => {
        if (header.current === null) {
            return;
        }

        const seen = new IntersectionObserver(([entry]) => {
            setShown(entry !== undefined && !entry.isIntersecting);
        });
        seen.observe(header.current);

        return () => {
            seen.disconnect();
        };
    }, [header]);

    return isShown ? (
        <div
            aria-hidden
            className={clsx(
                'fixed inset-x-0 top-0 z-30 flex h-9 items-center gap-4 border-b',
                'border-ink bg-sheet px-6 text-sm max-md:px-4 print:hidden',
            )}
        >
            <Link tabIndex={-1} href={route('year', rail.year.name)} className="flex-none font-semibold">
                {rail.year.words}
            </Link>
            <span className="relative flex h-3 min-w-24 flex-1 border-b border-ink max-md:max-w-40">
                {rail.weeks.map((week) => (
                    <span key={week.name} className="relative flex-1">
                        <span
                            className={
                                week.name === thisWeek
                                    ? 'absolute -top-0.5 bottom-0 left-1/2 w-[2px] bg-chalk'
                                    : 'absolute bottom-0 left-1/2 w-px bg-rule'
                            }
                            style={
                                week.name === thisWeek
                                    ? undefined
                                    : { height: `${String(20 + (week.isPast ? (week.share ?? 0) * 80 : 0))}%` }
                            }
                        />
                    </span>
                ))}
            </span>
            {rail.mainGoal !== null && (
                <span className="flex min-w-0 items-center gap-2.5 max-md:hidden">
                    <Link tabIndex={-1} href={route('goals.show', rail.mainGoal.id)} className="truncate hover:underline">
                        {rail.mainGoal.title}
                    </Link>
                    <span className="block w-24 flex-none">
                        <Gauge gauge={rail.mainGoal.gauge} isTabStop={false} />
                    </span>
                    <span className="font-mono text-xs">
                        <Standing gauge={rail.mainGoal.gauge} />
                    </span>
                </span>
            )}
            <button
                type="button"
                tabIndex={-1}
                className="flex-none text-ink-2 hover:text-ink"
                onClick={() => {
                    window.scrollTo({ top: 0 });
                }}
            >
                To the top
            </button>
        </div>
    ) : null;
}
