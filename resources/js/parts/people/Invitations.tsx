import type { Invitation } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Section } from '../signs/Section';

/** Who was invited and has not come yet, with what can be done about it. */
export function Invitations({ invitations }: { invitations: Invitation[] }) {
    return (
        invitations.length > 0 && (
            <Section title="Invited, not signed in yet" aside="A new link replaces the one before." className="mt-8">
                <ul className="divide-y divide-hairline">
                    {invitations.map((invitation) => (
                        <Line key={invitation.person.id} invitation={invitation} />
                    ))}
                </ul>
            </Section>
        )
    );
}

function Line({ invitation: { person, email, role, invitedOn, until, isOver } }: { invitation: Invitation }) {
    return (
        <li className="flex flex-wrap items-center gap-x-4 py-1.5">
            <span className="min-w-0 flex-1">
                <span className="font-semibold">{person.name}</span> <span className="text-xs text-ink-2">{email}</span>
            </span>
            <span className="text-xs text-ink-2">
                {role}, invited {dayWords(invitedOn)},{' '}
                {isOver ? <strong className="text-persimmon">the link has expired</strong> : `link good until ${dayWords(until)}`}
            </span>
            <span className="flex">
                <Button
                    kind="quiet"
                    aria-label={`Invite ${person.name} again`}
                    onClick={() => {
                        act('post', route('people.link', person.id));
                    }}
                >
                    Invite again
                </Button>
                <Button
                    kind="quiet"
                    aria-label={`Withdraw the invitation of ${person.name}`}
                    onClick={() => {
                        act('delete', route('people.withdraw', person.id));
                    }}
                >
                    Withdraw
                </Button>
            </span>
        </li>
    );
}
