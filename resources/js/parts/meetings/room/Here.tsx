import { Points } from '../Points';
import { RaiseIssue } from '../RaiseIssue';
import type { RoomView } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { withRecord } from '../../../lib/queue/guess';
import { route } from '../../../lib/routes';
import { first } from '../../../lib/words';
import { Check } from '../../../ui/Check';

/** Who is there, and what was raised meanwhile: it waits for the next meeting unless the room takes it up. */
export function Here({ page, here }: { page: RoomView; here: number[] }) {
    return (
        <div className="mt-8 grid grid-cols-2 gap-8 max-md:grid-cols-1">
            <div className="space-y-6">
                <fieldset className="border-t border-rule pt-2">
                    <legend className="float-left mb-1 w-full text-base font-semibold">Present</legend>
                    <div className="clear-both grid grid-cols-2 gap-x-4">
                        {page.attendances.map((attendance) => (
                            <span key={attendance.id} className="flex items-baseline gap-2">
                                <Check
                                    label={attendance.name}
                                    checked={attendance.wasThere}
                                    disabled={!page.mayRun}
                                    onChange={(wasThere) => {
                                        const guess = withRecord(attendance.id, { wasThere });
                                        act('put', route('attendances.update', attendance.id), { wasThere }, { guess });
                                    }}
                                />
                                {attendance.personId === null && <span className="text-xs text-ink-2">guest</span>}
                                {attendance.personId !== null && here.includes(attendance.personId) && (
                                    <span className="text-xs text-chalk">here</span>
                                )}
                            </span>
                        ))}
                    </div>
                </fieldset>
                <Points points={page.points} people={page.people} />
            </div>
            <div>
                <RaiseIssue series={page.series} projects={page.projects} goals={page.goals} />
                {page.raisedMeanwhile.length > 0 && (
                    <section className="mt-4">
                        <h2 className="text-base">For the next meeting</h2>
                        <ul>
                            {page.raisedMeanwhile.map((issue) => (
                                <li key={issue.id} className="flex items-baseline gap-3 py-0.5">
                                    <span className="min-w-0 flex-1">
                                        {issue.title} <span className="text-xs text-ink-2">{first(issue.raisedBy.name)}</span>
                                    </span>
                                    {page.mayRun && (
                                        <button
                                            type="button"
                                            className="text-xs text-ink-2 hover:text-ink hover:underline"
                                            onClick={() => {
                                                act('post', route('meetings.take-up', { meeting: page.id, issue: issue.id }));
                                            }}
                                        >
                                            Take it up today
                                        </button>
                                    )}
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
            </div>
        </div>
    );
}
