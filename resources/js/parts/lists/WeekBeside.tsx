import type { ReactNode } from 'react';
import type { ListView, WeekDay } from '../../generated/props';
import { dayWords, plannedWords } from '../../lib/dates';
import { DropTime } from '../task/DropTime';
import { DayRuler } from '../week/DayRuler';
import { FreeHours } from '../week/FreeHours';

/** How many tasks of a day are named. */
const NAMED = 4;

/** What is left of the week, beside tasks that have no time yet: a task that is dropped on a day is planned for it. */
export function WeekBeside({ page }: { page: ListView }) {
    return (
        <aside aria-label="The rest of the week" className="border-l border-hairline sheet-edge max-lg:border-0">
            <ul className="border-t border-rule">
                {page.days.map((day) => (
                    <Place key={day.on} time={day.on}>
                        <Day day={day} />
                    </Place>
                ))}
                <Place time={page.week}>
                    <p>This week, no day yet</p>
                </Place>
                <Place time={page.nextWeek}>
                    <p className="first-letter:uppercase">{plannedWords(page.nextWeek)}</p>
                </Place>
            </ul>
            <p className="mt-2 text-xs text-ink-2 pointer-coarse:hidden">Drag a task, or all selected ones, to a time.</p>
        </aside>
    );
}

function Place({ time, children }: { time: string; children: ReactNode }) {
    return (
        <li>
            <DropTime time={time} className="border-b border-hairline py-2">
                {children}
            </DropTime>
        </li>
    );
}

function Day({ day }: { day: WeekDay }) {
    const open = day.tasks.filter((task) => !task.isDone);

    return (
        <>
            <div className="flex items-baseline justify-between gap-3">
                <h2 className="text-base">{dayWords(day.on)}</h2>
                <FreeHours day={day} />
            </div>
            <DayRuler day={day} />
            <ul className="text-xs text-ink-2">
                {day.meetings.map((meeting) => (
                    <li key={`${String(meeting.seriesId)} ${meeting.time}`} className="truncate">
                        <span className="font-mono">{meeting.time}</span> {meeting.title}
                    </li>
                ))}
                {open.slice(0, NAMED).map((task) => (
                    <li key={task.id} className="truncate" title={task.title}>
                        {task.title}
                    </li>
                ))}
                {open.length > NAMED && <li>and {open.length - NAMED} more</li>}
            </ul>
        </>
    );
}
