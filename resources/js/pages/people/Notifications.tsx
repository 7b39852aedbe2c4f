import { Head } from '@inertiajs/react';
import type { NotificationEvent, Delivery, NotificationsView as NotificationsProps } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/signs/Section';
import { dayWords } from '../../lib/dates';
import { WordSelect } from '../../ui/Select';

const events: Record<NotificationEvent, string> = {
    mentioned: 'Somebody mentions you with @',
    comment: 'New comment on work you own or help with',
    goal: 'Change to a goal you own or follow',
    handed_over: 'A task is handed over to you',
    to_check: 'You are asked to check something',
    waited_for: 'A task is waiting for you',
    reminder: 'Something reaches its return date',
    meeting: 'A meeting of yours is tomorrow: its agenda',
};

const deliveries: Record<Delivery, string> = {
    updates: 'in Updates',
    mail: 'by e-mail at once',
    morning: 'in the morning e-mail',
    nowhere: 'never',
};

const returnDeliveries: Partial<Record<Delivery, string>> = {
    updates: 'on the Day page',
    mail: 'and by e-mail at its time',
    morning: 'and in the morning e-mail',
};

const meetingDeliveries: Partial<Record<Delivery, string>> = {
    updates: 'on the Meetings page',
    morning: 'by e-mail the day before',
};

const deliveriesOf = (event: NotificationEvent) =>
    event === 'reminder' ? returnDeliveries : event === 'meeting' ? meetingDeliveries : deliveries;

/** What one is told of, where one hears of it, and the e-mails that were sent. */
export default function Notifications({ page }: { page: NotificationsProps }) {
    return (
        <div className="sheet-edge grid flex-1 grid-cols-2 content-start gap-x-10 gap-y-8 max-lg:grid-cols-1">
            <Head title="Notifications" />
            <h1 className="col-span-full">Notifications</h1>
            <Section title="What you are notified of">
                <ul className="divide-y divide-hairline">
                    {page.notificationChoices.map(({ event, delivery }) => (
                        <li key={event} className="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
                            <span>{events[event]}</span>
                            <WordSelect
                                label={events[event]}
                                options={Object.entries(deliveriesOf(event)).map(([value, label]) => ({
                                    value,
                                    label,
                                    group: null,
                                }))}
                                value={delivery}
                                onChange={(chosen) => {
                                    act('put', route('notifications.choose'), { event, delivery: chosen });
                                }}
                            />
                        </li>
                    ))}
                </ul>
            </Section>
            <Section title="E-mails sent to you" aside="Kept here in place of an outside mailbox.">
                {page.letters.length === 0 && <Empty>None yet.</Empty>}
                {page.letters.map((letter) => (
                    <details key={letter.id} className="border-b border-hairline py-1.5">
                        <summary className="cursor-pointer">
                            <span className="mr-3 text-xs text-ink-2">
                                {dayWords(letter.on)} {letter.at}
                            </span>
                            {letter.to !== null && <span className="mr-3 text-xs text-ink-2">to {letter.to}</span>}
                            {letter.subject}
                        </summary>
                        <p className="py-2 [overflow-wrap:anywhere] whitespace-pre-line">{letter.body}</p>
                    </details>
                ))}
            </Section>
        </div>
    );
}
