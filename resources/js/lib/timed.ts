import type { AppointmentRow, Occurrence, TaskRow } from '../generated/props';

/** Something that has its time on a day. */
export type Timed =
    | { kind: 'meeting'; at: string; minutes: number; key: string; meeting: Occurrence }
    | { kind: 'appointment'; at: string; minutes: number; key: string; appointment: AppointmentRow }
    | { kind: 'task'; at: string; minutes: number; key: string; task: TaskRow };

interface Day {
    meetings: Occurrence[];
    appointments: AppointmentRow[];
    tasks: TaskRow[];
}

/** Meetings, appointments and tasks with a time of their own in one order, by time. */
export function timedOf({ meetings, appointments, tasks }: Day): Timed[] {
    const lines: Timed[] = [
        ...meetings.map((meeting) => {
            const key = `${String(meeting.seriesId)} ${meeting.on} ${meeting.time}`;

            return { kind: 'meeting' as const, at: meeting.time, minutes: meeting.minutes, key, meeting };
        }),
        ...appointments.map((appointment) => {
            const { at, minutes, id } = appointment;

            return { kind: 'appointment' as const, at, minutes, key: `appointment ${String(id)}`, appointment };
        }),
        ...tasks.flatMap((task) =>
            task.plannedAt === null
                ? []
                : [{ kind: 'task' as const, at: task.plannedAt, minutes: task.minutes ?? 0, key: `task ${String(task.id)}`, task }],
        ),
    ];

    return lines.sort((a, b) => a.at.localeCompare(b.at));
}

/** The same for today, where the meeting that one should be in stands before all else. */
export function runningFirst(lines: Timed[]): Timed[] {
    const isRunning = (line: Timed) => line.kind === 'meeting' && line.meeting.state === 'running';

    return [...lines.filter(isRunning), ...lines.filter((line) => !isRunning(line))];
}
