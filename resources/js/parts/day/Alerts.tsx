import { Link } from '@inertiajs/react';
import { Came } from '../capture/Came';
import { Section } from '../signs/Section';
import type { Returned } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** What has reached its return date. It lies in the tray, and is sorted there like everything else. */
export function Alerts({ alerts, today }: { alerts: Returned[]; today: string }) {
    return (
        <Section
            title="Back today"
            className="mt-8"
            aside={
                <Link href={route('tray')} className="link">
                    sort in the tray
                </Link>
            }
        >
            <ul className="divide-y divide-hairline">
                {alerts.map((alert) => (
                    <li key={alert.id} className="flex min-h-9 items-center gap-3 py-1">
                        <span className="min-w-0 flex-1">
                            <span className="wrap-anywhere">{alert.words}</span>
                            <span className="block text-xs text-ink-2">
                                <Came returned={alert} today={today} />
                            </span>
                        </span>
                        <Button
                            kind="quiet"
                            aria-label={`Done: ${alert.words}`}
                            onClick={() => {
                                act('delete', route('jots.destroy', alert.id));
                            }}
                        >
                            Done
                        </Button>
                    </li>
                ))}
            </ul>
        </Section>
    );
}
