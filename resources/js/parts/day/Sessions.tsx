import { Section } from '../signs/Section';
import type { SessionOutcome, FocusSessionRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { hoursWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

const words: Record<SessionOutcome, string> = { finished: 'finished', moved: 'moved on', stuck: 'stuck' };

/** The focus sessions of a day that are over. */
export function Sessions({ sessions }: { sessions: FocusSessionRow[] }) {
    const ended = sessions.filter((session) => session.until !== null);

    return ended.length === 0 ? null : (
        <Section title="Focus sessions" className="mt-6" aside={hoursWords(ended.reduce((sum, session) => sum + session.worked, 0))}>
            <ul className="divide-y divide-hairline">
                {ended.map((session) => (
                    <li key={session.id} className="group flex min-h-8 flex-wrap items-baseline gap-x-4 py-1">
                        <span className="w-24 flex-none font-mono text-xs text-ink-2">
                            {session.at}–{session.until}
                        </span>
                        <span className="min-w-40 flex-1">
                            {session.intent}
                            {session.obstacle !== null && <span className="block text-xs text-ink-2">Blocked by: {session.obstacle}</span>}
                        </span>
                        <span className="text-xs text-ink-2">{session.outcome !== null && words[session.outcome]}</span>
                        <Button
                            kind="quiet"
                            className="opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 pointer-coarse:opacity-100"
                            aria-label={`Delete the focus session ${session.intent}`}
                            onClick={() => {
                                act('delete', route('focus-sessions.destroy', session.id));
                            }}
                        >
                            Delete
                        </Button>
                    </li>
                ))}
            </ul>
        </Section>
    );
}
