import { Section } from '../Section';
import type { ReminderRow } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** What one wanted to be shown or asked today. A yes makes a project of it. */
export function Tickets({ tickets, today }: { tickets: ReminderRow[]; today: string }) {
    return (
        <Section title="Alerts" className="mt-6">
            <ul className="divide-y divide-hairline">
                {tickets.map((ticket) => (
                    <li key={ticket.id} className="flex min-h-9 flex-wrap items-center gap-x-3 py-1">
                        {ticket.at !== null && <span className="font-mono text-xs text-ink-2">{ticket.at}</span>}
                        <span className="min-w-40 flex-1">
                            {ticket.words}
                            {ticket.on !== today && <span className="ml-2 text-xs text-ink-2">since {dayWords(ticket.on)}</span>}
                        </span>
                        <Settle ticket={ticket} />
                    </li>
                ))}
            </ul>
        </Section>
    );
}

export function Settle({ ticket }: { ticket: ReminderRow }) {
    const settle = (yes: boolean) => () => {
        act('put', route('reminders.settle', ticket.id), { yes });
    };

    return ticket.kind === 'ask' ? (
        <>
            <Button aria-label={`Start a project: ${ticket.words}`} onClick={settle(true)}>
                Start a project
            </Button>
            <Button aria-label={`Dismiss ${ticket.words}`} onClick={settle(false)}>
                Dismiss
            </Button>
        </>
    ) : (
        <Button aria-label={`Done: ${ticket.words}`} onClick={settle(false)}>
            Done
        </Button>
    );
}
