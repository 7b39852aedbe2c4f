import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import type { ReportView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';
import { DialogButton } from '../../ui/DialogButton';
import { Problem } from '../../ui/Problem';

type To = Record<'people' | 'groups' | 'contacts', number[]>;

/** Sends a report to people, groups and contacts. It is final then. */
export function SendReport({ page }: { page: ReportView }) {
    return (
        <DialogButton
            words="Send"
            kind="main"
            title="Send the report"
            hint="The figures become those of this moment, and nothing can be changed or taken back afterwards."
            size="l"
        >
            {(close) => <Recipients page={page} onSent={close} />}
        </DialogButton>
    );
}

function Recipients({ page, onSent }: { page: ReportView; onSent: () => void }) {
    const me = usePage().props.frame?.me.id;
    const [to, setTo] = useState<To>({ people: [], groups: [], contacts: [] });
    const [problem, setProblem] = useState<string | null>(null);
    const choice = (of: keyof To, id: number, label: string) => (
        <Check
            key={`${of} ${String(id)}`}
            label={label}
            checked={to[of].includes(id)}
            onChange={(on) => {
                setTo({ ...to, [of]: on ? [...to[of], id] : to[of].filter((each) => each !== id) });
            }}
        />
    );

    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                act('post', route('reports.send', page.report.id), to, { onDone: onSent, onRefused: setProblem });
            }}
        >
            <div className="grid grid-cols-3 gap-x-6 max-md:grid-cols-1">
                {page.groups.map((group) => choice('groups', group.id, `Everyone in ${group.name}`))}
                {page.people.filter(({ id }) => id !== me).map((person) => choice('people', person.id, person.name))}
            </div>
            {page.contacts.length > 0 && (
                <fieldset>
                    <legend className="mb-1 text-sm font-semibold">Contacts, by e-mail</legend>
                    <div className="grid grid-cols-2 gap-x-6 max-md:grid-cols-1">
                        {page.contacts.map((contact) => choice('contacts', Number(contact.value), contact.label))}
                    </div>
                </fieldset>
            )}
            <Problem isAlert words={problem} />
            <Button kind="main" type="submit" disabled={Object.values(to).every((ids) => ids.length === 0)}>
                Send
            </Button>
        </form>
    );
}
