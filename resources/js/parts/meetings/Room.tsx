import { useEffect, useState } from 'react';
import { CloseMeeting } from './CloseMeeting';
import { CurrentItem } from './CurrentItem';
import { RaiseIssue } from './RaiseIssue';
import { TimeStrip } from './TimeStrip';
import type { ItemRow, MeetingView } from '../../generated/props';
import { act } from '../../lib/act';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';

/** Seconds that have passed since the page came from the server. */
function useSecondsSince(stamp: unknown): number {
    const [passed, setPassed] = useState({ stamp, seconds: 0 });

    useEffect(() => {
        const began = Date.now();
        const clock = setInterval(() => {
            setPassed({ stamp, seconds: Math.round((Date.now() - began) / 1000) });
        }, 1000);

        return () => {
            clearInterval(clock);
        };
    }, [stamp]);

    return passed.stamp === stamp ? passed.seconds : 0;
}

/** The room while a meeting runs: the strip of time at the left, what is being talked about at the right. */
export function Room({ page }: { page: MeetingView }) {
    const passed = useSecondsSince(page);
    const current = page.items.find((item) => item.state === 'current');
    const [chosen, choose] = useState<number | null>(null);
    const shown =
        page.items.find((item) => item.id === chosen) ?? current ?? page.items.find((item) => item.state === 'coming') ?? page.items[0];
    const next = page.items.find((item) => item.state === 'coming');
    const turnTo = (item: ItemRow) => {
        choose(null);
        act('post', route('items.turn', item.id));
    };

    useKeys({
        'Ctrl Enter': {
            words: 'Start the next item',
            run: () => {
                if (page.mayRun && next !== undefined) {
                    turnTo(next);
                }
            },
        },
    });

    return (
        <div className="grid flex-1 grid-cols-[416px_1fr] max-lg:grid-cols-1">
            <aside className="border-r border-hairline px-6 py-5 max-lg:order-2 max-lg:border-0 max-md:px-4">
                <div className="mb-5 flex flex-wrap items-baseline gap-x-2.5">
                    <h1>{page.series.title}</h1>
                    <span className="text-xs text-ink-2">
                        {ordinal(page.number)} time
                        {page.chair !== null && `, ${first(page.chair)} chairs`}
                        {page.minuteTaker !== null && `, ${first(page.minuteTaker)} takes minutes`}
                    </span>
                </div>
                <TimeStrip page={page} passed={passed} shown={shown?.id ?? null} onChoose={choose} />
            </aside>
            <div className="flex min-w-0 flex-col px-8 py-5 max-md:px-4">
                {shown !== undefined && <CurrentItem key={shown.id} page={page} item={shown} passed={passed} />}
                <div className="mt-8 grid grid-cols-2 gap-8 max-md:grid-cols-1">
                    <Here page={page} />
                    <RaiseIssue series={page.series} projects={page.projects} />
                </div>
                {page.mayRun && (
                    <div className="sticky bottom-0 mt-auto flex flex-wrap items-center gap-2 bg-sheet py-4">
                        {shown !== undefined && shown.state !== 'current' && shown.state !== 'done' && (
                            <Button
                                kind="main"
                                onClick={() => {
                                    turnTo(shown);
                                }}
                            >
                                Start this item
                            </Button>
                        )}
                        {shown?.state === 'current' && next !== undefined && (
                            <Button
                                kind="main"
                                keys="Ctrl ↵"
                                onClick={() => {
                                    turnTo(next);
                                }}
                            >
                                Next item
                            </Button>
                        )}
                        {shown?.state === 'done' && (
                            <Button
                                onClick={() => {
                                    turnTo(shown);
                                }}
                            >
                                Continue this item
                            </Button>
                        )}
                        {shown?.issue != null && <Outcomes item={shown} />}
                        <span className="ml-auto">
                            <CloseMeeting page={page} isNext={next === undefined} />
                        </span>
                    </div>
                )}
            </div>
        </div>
    );
}

function ordinal(number: number): string {
    const tail = number % 100 > 10 && number % 100 < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][number % 10] ?? 'th');

    return `${String(number)}${tail}`;
}

/** What becomes of an issue that is not decided here and now. */
function Outcomes({ item }: { item: ItemRow }) {
    const settle = (outcome: string | null) => {
        act('put', route('items.settle', item.id), { outcome });
    };

    return item.outcome === null ? (
        <>
            <Button
                onClick={() => {
                    settle('answered');
                }}
            >
                Answered
            </Button>
            <Button
                onClick={() => {
                    settle('next_time');
                }}
            >
                Next time
            </Button>
            <Button
                onClick={() => {
                    settle('shelved');
                }}
            >
                Shelve
            </Button>
            <Button
                onClick={() => {
                    settle('dropped');
                }}
            >
                Drop
            </Button>
        </>
    ) : (
        <Button
            onClick={() => {
                settle(null);
            }}
        >
            Reopen item
        </Button>
    );
}

function Here({ page }: { page: MeetingView }) {
    return (
        <fieldset className="border-t border-rule pt-2">
            <legend className="float-left mb-1 w-full text-base font-semibold">Present</legend>
            <div className="clear-both grid grid-cols-2 gap-x-4">
                {page.attendances.map((attendance) => (
                    <Check
                        key={attendance.id}
                        label={attendance.name}
                        checked={attendance.wasThere}
                        disabled={!page.mayRun}
                        onChange={(wasThere) => {
                            act('put', route('attendances.update', attendance.id), { wasThere });
                        }}
                    />
                ))}
            </div>
            {page.raisedMeanwhile.length > 0 && (
                <div className="mt-4">
                    <h2 className="text-base">Raised during the meeting</h2>
                    <ul className="text-ink-2">
                        {page.raisedMeanwhile.map((issue) => (
                            <li key={issue.id}>
                                {issue.title} <span className="text-xs">{first(issue.raisedBy.name)}, for the next meeting</span>
                            </li>
                        ))}
                    </ul>
                </div>
            )}
        </fieldset>
    );
}
