import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { type ComponentProps, type ReactNode, useEffect, useRef, useState } from 'react';
import { DayRuler } from './DayRuler';
import { FreeHours } from './FreeHours';
import { KeptHours } from '../signs/KeptHours';
import { DraggableLine } from '../task/DraggableLine';
import { DropTime } from '../task/DropTime';
import { Estimate } from '../task/Estimate';
import { MeetingState } from '../meetings/MeetingState';
import { TaskLine } from '../task/TaskLine';
import type { AppointmentRow, Occurrence, PersonTag, WeekDay } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { type Timed, timedOf } from '../../lib/timed';
import { count } from '../../lib/words';

interface RowProps {
    label: ReactNode;
    hint?: ReactNode;
    isNow?: boolean;
    children: ReactNode;
}

/** A row of the week: what it is at the left, what is in it at the right. */
export function Row({ label, hint, isNow = false, children }: RowProps) {
    return (
        <section
            className={clsx(
                'grid grid-cols-[152px_1fr] gap-x-4 py-2 pl-6 max-lg:pl-0 max-md:grid-cols-1',
                isNow ? 'border-t-2 border-ink' : 'border-t border-hairline',
            )}
        >
            <div className="pt-1 max-md:flex max-md:items-baseline max-md:gap-3">
                <div className="flex-none">{label}</div>
                {hint !== undefined && <div className="text-xs text-ink-2">{hint}</div>}
            </div>
            <div className="min-w-0">{children}</div>
        </section>
    );
}

/** Where a screen has no room for a whole week it opens at today. */
const NARROW = '(max-width: 1023px)';

interface DayProps {
    day: WeekDay;
    people: PersonTag[];
    /** Settled: a line until it is opened. */
    isFolded?: boolean;
}

export function DayRow({ day, people, isFolded = false }: DayProps) {
    const [isOpen, setOpen] = useState(false);
    const row = useRef<HTMLDivElement>(null);

    useEffect(() => {
        if (day.isToday && window.matchMedia(NARROW).matches) {
            row.current?.scrollIntoView({ block: 'start' });
        }
    }, [day.isToday]);

    const isEmpty = day.meetings.length === 0 && day.appointments.length === 0 && day.tasks.length === 0;

    if (isFolded && !isOpen) {
        return <FoldedDay day={day} setOpen={setOpen} />;
    }

    return (
        <div ref={row}>
            <Place time={day.on} isOpen={!day.isPast}>
                <Row
                    isNow={day.isToday}
                    label={
                        <h2 className={clsx('text-base', day.isPast && 'text-ink-2')}>
                            <Link
                                href={route('days.show', day.on)}
                                className="hover:underline pointer-coarse:-my-3 pointer-coarse:inline-block pointer-coarse:py-3"
                            >
                                {dayWords(day.on)}
                            </Link>
                        </h2>
                    }
                    hint={
                        <>
                            {(day.available > 0 || !isEmpty) && <DayRuler day={day} />}
                            {!day.isPast && day.available > 0 && <FreeHours day={day} />}
                            {!day.isPast && day.kept.map((hours) => <KeptHours key={hours.id} hours={hours} />)}
                        </>
                    }
                >
                    <ul>
                        {timedOf(day).map((line) => (
                            <TimedLine key={line.key} line={line} people={people} />
                        ))}
                        {!day.isPast &&
                            day.against.map((words) => (
                                <li key={words} className="pb-1 text-xs font-semibold text-persimmon">
                                    {words}
                                </li>
                            ))}
                        {day.tasks
                            .filter((task) => task.plannedAt === null)
                            .map((task) => (
                                <WeekLineOf key={task.id} task={task} people={people} />
                            ))}
                        {isEmpty && (
                            <li className="flex min-h-8 items-center text-xs text-ink-2">{day.isPast ? 'nothing' : 'nothing planned'}</li>
                        )}
                    </ul>
                </Row>
            </Place>
        </div>
    );
}

function FoldedDay({ day, setOpen }: { day: WeekDay; setOpen: (value: boolean) => void }) {
    return (
        <Row label={<h2 className="text-base text-ink-2">{dayWords(day.on)}</h2>}>
            <button
                type="button"
                className="flex min-h-8 w-full items-baseline gap-3 pt-1 pointer-coarse:min-h-11 text-left text-ink-2 hover:text-ink"
                aria-expanded={false}
                onClick={() => {
                    setOpen(true);
                }}
            >
                <span className="flex-none">{sumOf(day)}</span>
                <span className="min-w-0 truncate text-xs">{[...day.meetings, ...day.tasks].map((each) => each.title).join(', ')}</span>
            </button>
        </Row>
    );
}

/** A task in the week: what is open can be taken to another day. */
export function WeekLineOf(line: ComponentProps<typeof TaskLine>) {
    return line.task.isDone || line.task.isAside ? <TaskLine {...line} /> : <DraggableLine {...line} />;
}

/** A row that takes what is dropped on it, unless it is over. */
export function Place({ time, isOpen, children }: { time: string; isOpen: boolean; children: ReactNode }) {
    return isOpen ? <DropTime time={time}>{children}</DropTime> : children;
}

/** What a day came to: "2 meetings, 4 tasks done" */
function sumOf(day: WeekDay): string {
    const done = day.tasks.filter((task) => task.isDone).length;
    const parts = [
        day.meetings.length === 0 ? null : count(day.meetings.length, 'meeting'),
        done === 0 ? null : `${count(done, 'task')} done`,
    ].filter((part) => part !== null);

    return parts.length === 0 ? 'nothing' : parts.join(', ');
}

function TimedLine({ line, people }: { line: Timed; people: PersonTag[] }) {
    switch (line.kind) {
        case 'meeting':
            return <MeetingLine meeting={line.meeting} />;
        case 'appointment':
            return <AppointmentLine appointment={line.appointment} />;
        case 'task':
            return <WeekLineOf task={line.task} people={people} />;
    }
}

function AppointmentLine({ appointment }: { appointment: AppointmentRow }) {
    return (
        <li data-line className="flex min-h-8 items-center gap-3 py-1">
            <span className={time}>{appointment.at}</span>
            {appointment.title === null ? (
                <span className="min-w-0 flex-1 text-ink-2">Busy</span>
            ) : (
                <Link href={route('days.show', appointment.on)} className="min-w-0 flex-1 hover:underline">
                    {appointment.title}
                </Link>
            )}
            <Estimate minutes={appointment.minutes} />
            <span className="w-6 flex-none" />
        </li>
    );
}

const time = '-ml-14 w-[68px] flex-none pr-1 text-right font-mono text-xs max-md:ml-0 max-md:w-auto';

function MeetingLine({ meeting }: { meeting: Occurrence }) {
    return (
        <li data-line className="flex min-h-8 items-center gap-3 py-1">
            <span className={time}>{meeting.time}</span>
            <Link
                href={meeting.link}
                className={clsx('min-w-0 flex-1 font-semibold hover:underline', meeting.state === 'closed' && 'text-ink-2')}
            >
                {meeting.title}
                <MeetingState meeting={meeting} />
            </Link>
            <Estimate minutes={meeting.minutes} />
            <span className="w-6 flex-none" />
        </li>
    );
}
