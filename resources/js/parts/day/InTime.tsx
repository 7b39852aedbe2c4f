import { Link } from '@inertiajs/react';
import { Section } from '../Section';
import { AppointmentForm } from './AppointmentForm';
import type { AppointmentRow, Occurrence } from '../../generated/props';
import { DialogButton } from '../../ui/DialogButton';

interface Props {
    on: string;
    meetings: Occurrence[];
    appointments: AppointmentRow[];
}

/** What has its time on the day: meetings, and appointments of one's own. */
export function InTime({ on, meetings, appointments }: Props) {
    const lines = [
        ...meetings.map((meeting) => ({ at: meeting.time, minutes: meeting.minutes, key: meeting.link, meeting, appointment: null })),
        ...appointments.map((each) => ({ at: each.at, minutes: each.minutes, key: String(each.id), meeting: null, appointment: each })),
    ].sort((a, b) => a.at.localeCompare(b.at));

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
                {lines.map(({ key, at, minutes, meeting, appointment }) => (
                    <li key={key} className="flex min-h-8 items-center gap-4 py-1">
                        <span className="w-12 flex-none font-mono text-xs">{at}</span>
                        <span className="min-w-0 flex-1">
                            {meeting !== null && (
                                <Link href={meeting.link} className="font-semibold hover:underline">
                                    {meeting.title}
                                    {meeting.state === 'closed' && <span className="font-normal text-ink-2">, minutes final</span>}
                                </Link>
                            )}
                            {appointment !== null && (
                                <DialogButton
                                    words={appointment.title ?? 'Busy'}
                                    kind="quiet"
                                    className="-ml-3 max-w-full truncate text-ink!"
                                    title="Edit the appointment"
                                >
                                    {(close) => <AppointmentForm appointment={appointment} on={on} onDone={close} />}
                                </DialogButton>
                            )}
                        </span>
                        <span className="font-mono text-xs text-ink-2">{minutes} min</span>
                    </li>
                ))}
            </ul>
            {lines.length === 0 && <p className="py-1 text-xs text-ink-2">Nothing has its time on this day.</p>}
        </Section>
    );
}
