import { useState } from 'react';
import { Head, usePage } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import type { NotificationEvent, Delivery, ReminderRow, NotificationsView as NotificationsProps } from '../../generated/props';
import { act } from '../../lib/act';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/Section';
import { Settle } from '../../parts/day/Alerts';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { dayWords, isDay } from '../../lib/dates';
import { SelectField, WordSelect } from '../../ui/Select';
import { DateField } from '../../ui/DateField';
import { TimeField } from '../../ui/TimeField';

const events: Record<NotificationEvent, string> = {
    mentioned: 'Somebody mentions you with @',
    comment: 'New comment on work you own or help with',
    goal: 'Change to a goal you own or follow',
    handed_over: 'A task is handed over to you',
    to_check: 'You are asked to check something',
    waited_for: 'A task is waiting for you',
    reminder: 'Something reaches its return date',
};

const deliveries: Record<Delivery, string> = {
    updates: 'in Updates',
    mail: 'by e-mail at once',
    morning: 'in the morning e-mail',
    nowhere: 'never',
};

const reminderDeliveries: Partial<Record<Delivery, string>> = {
    updates: 'on the Day page',
    mail: 'and by e-mail at its time',
    morning: 'and in the morning e-mail',
};

/** What reaches one, where and when: reminders, and what one hears of what others do. */
export default function Notifications({ page }: { page: NotificationsProps }) {
    const [isAdding, setAdding] = useState(false);

    return (
        <div className="grid flex-1 grid-cols-2 content-start gap-x-10 gap-y-8 px-6 py-5 max-lg:grid-cols-1 max-md:px-4">
            <Head title="Notifications" />
            <h1 className="col-span-full">Notifications</h1>
            <Section title="Return dates">
                {isAdding ? (
                    <Remind
                        page={page}
                        onDone={() => {
                            setAdding(false);
                        }}
                    />
                ) : (
                    <Button
                        className="mt-1"
                        onClick={() => {
                            setAdding(true);
                        }}
                    >
                        Add a return date
                    </Button>
                )}
                {page.reminders.length === 0 && <Empty>None yet. Add something that should come back to you on a date.</Empty>}
                <ul className="mt-4 divide-y divide-hairline">
                    {page.reminders.map((reminder) => (
                        <Line key={reminder.id} reminder={reminder} />
                    ))}
                </ul>
            </Section>
            <div className="space-y-8">
                <Section title="What you are notified of">
                    <ul className="divide-y divide-hairline">
                        {page.notificationChoices.map(({ event, delivery }) => (
                            <li key={event} className="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
                                <span>{events[event]}</span>
                                <WordSelect
                                    label={events[event]}
                                    options={Object.entries(event === 'reminder' ? reminderDeliveries : deliveries).map(
                                        ([value, label]) => ({
                                            value,
                                            label,
                                            group: null,
                                        }),
                                    )}
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
                                {letter.subject}
                            </summary>
                            <p className="py-2 [overflow-wrap:anywhere] whitespace-pre-line">{letter.body}</p>
                        </details>
                    ))}
                </Section>
            </div>
        </div>
    );
}

function Remind({ page, onDone }: { page: NotificationsProps; onDone: () => void }) {
    const form = useForm('new reminder', { words: '', kind: 'show', on: page.tomorrow, at: '' });
    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('reminders.store'), {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset();
                onDone();
            },
        });
    };

    return (
        <form onSubmit={save} className="grid grid-cols-[1fr_150px_110px] gap-3 pt-1 *:min-w-0 max-sm:grid-cols-2">
            <TextField label="What" autoFocus maxLength={200} className="col-span-full" {...bind(form, 'words')} />
            <SelectField
                label="On that date"
                {...bind(form, 'kind')}
                options={[
                    { value: 'show', label: 'show it' },
                    { value: 'ask', label: 'ask whether to start a project' },
                ]}
            />
            <DateField label="On" {...bind(form, 'on')} />
            <TimeField label="Time (optional)" {...bind(form, 'at')} />
            <Button
                kind="main"
                type="submit"
                className="self-end justify-self-start"
                disabled={form.processing || form.data.words.trim() === ''}
            >
                Add
            </Button>
        </form>
    );
}

function Line({ reminder }: { reminder: ReminderRow }) {
    const { frame } = usePage().props;

    return (
        <li className="grid grid-cols-[1fr_144px_44px_180px] items-center gap-x-3 gap-y-1 py-1.5 max-sm:grid-cols-[144px_1fr]">
            <span className="min-w-0 max-sm:col-span-full">
                {reminder.words}
                <span className="block text-xs text-ink-2">{reminder.kind === 'ask' ? 'will ask' : 'will be shown'}</span>
            </span>
            <DateField
                label={`Return date of ${reminder.words}`}
                isLabelHidden
                min={frame?.today}
                value={reminder.on}
                onChange={(on) => {
                    if (isDay(on)) {
                        act('put', route('reminders.put-off', reminder.id), { on });
                    }
                }}
            />
            <span className="w-10 font-mono text-xs">{reminder.at}</span>
            <span className="flex justify-end gap-2 max-sm:col-span-full max-sm:justify-start">
                {frame != null && reminder.on <= frame.today ? (
                    <Settle alert={reminder} />
                ) : (
                    <Button
                        kind="quiet"
                        aria-label={`Delete ${reminder.words}`}
                        onClick={() => {
                            act('delete', route('reminders.destroy', reminder.id));
                        }}
                    >
                        Delete
                    </Button>
                )}
            </span>
        </li>
    );
}
