import { Section } from '../Section';
import type { ReminderRow } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** What one wanted to be shown or asked today. A yes makes a project of it. */
export function Alerts({ alerts, today }: { alerts: ReminderRow[]; today: string }) {
    return (
        <Section title="Alerts" className="mt-6">
            <ul className="divide-y divide-hairline">
                {alerts.map((alert) => (
                    <li key={alert.id} className="flex min-h-9 flex-wrap items-center gap-x-3 py-1">
                        {alert.at !== null && <span className="font-mono text-xs text-ink-2">{alert.at}</span>}
                        <span className="min-w-40 flex-1">
                            {alert.words}
                            {alert.on !== today && <span className="ml-2 text-xs text-ink-2">since {dayWords(alert.on)}</span>}
                        </span>
                        <Settle alert={alert} />
                    </li>
                ))}
            </ul>
        </Section>
    );
}

export function Settle({ alert }: { alert: ReminderRow }) {
    const settle = (yes: boolean) => () => {
        act('put', route('reminders.settle', alert.id), { yes });
    };

    return alert.kind === 'ask' ? (
        <>
            <Button aria-label={`Start a project: ${alert.words}`} onClick={settle(true)}>
                Start a project
            </Button>
            <Button aria-label={`Dismiss ${alert.words}`} onClick={settle(false)}>
                Dismiss
            </Button>
        </>
    ) : (
        <Button aria-label={`Done: ${alert.words}`} onClick={settle(false)}>
            Done
        </Button>
    );
}
