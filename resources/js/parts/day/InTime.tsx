import { Link } from '@inertiajs/react';
import { Estimate } from '../task/Estimate';
import { MeetingState } from '../meetings/MeetingState';
import { Section } from '../signs/Section';
import { TaskLine } from '../task/TaskLine';
import { AppointmentForm } from './AppointmentForm';
import type { AppointmentRow, Occurrence, TaskRow } from '../../generated/props';
import { runningFirst, type Timed, timedOf } from '../../lib/timed';
import { DialogButton } from '../../ui/DialogButton';

interface Props {
    on: string;
    meetings: Occurrence[];
    appointments: AppointmentRow[];
    /** Those that have a time of their own. */
    tasks: TaskRow[];
}

/** What has its time on the day, in one order: meetings, appointments of one's own, tasks. */
export function InTime({ on, meetings, appointments, tasks }: Props) {
    const lines = runningFirst(timedOf({ meetings, appointments, tasks }));

    return (
        <Section
            title="Meetings and appointments"
            className="mt-6"
            aside={
                <DialogButton words="Add an appointment" kind="quiet" title="Add an appointment">
                    {(close) => <AppointmentForm appointment={null} on={on} onDone={close} />}
                </DialogButton>
            }
        >
            <ul className="divide-y divide-hairline">
                {lines.map((line) => (
                    <Line key={line.key} line={line} on={on} />
                ))}
            </ul>
            {lines.length === 0 && <p className="py-1 text-xs text-ink-2">No meetings or appointments.</p>}
        </Section>
    );
}

function Line({ line, on }: { line: Timed; on: string }) {
    if (line.kind === 'task') {
        return <TaskLine task={line.task} people={[]} />;
    }

    return (
        <li className="flex min-h-8 items-center gap-4 py-1">
            <span className="w-12 flex-none font-mono text-xs">{line.at}</span>
            <span className="min-w-0 flex-1">
                {line.kind === 'meeting' ? (
                    <Link href={line.meeting.link} className="font-semibold hover:underline">
                        {line.meeting.title}
                        <MeetingState meeting={line.meeting} />
                    </Link>
                ) : (
                    <DialogButton
                        words={line.appointment.title ?? 'Busy'}
                        kind="quiet"
                        className="-ml-3 max-w-full truncate text-ink!"
                        title="Edit the appointment"
                    >
                        {(close) => <AppointmentForm appointment={line.appointment} on={on} onDone={close} />}
                    </DialogButton>
                )}
            </span>
            <Estimate minutes={line.minutes} />
        </li>
    );
}
