import { useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { Section } from '../signs/Section';
import type { AreaView, ContactRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind, saving } from '../../lib/forms';
import { route } from '../../lib/routes';
import { BringBack } from '../capture/BringBack';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';

/** The people one speaks to there, who have no account. */
export function Contacts({ page }: { page: AreaView }) {
    const [open, setOpen] = useState<ContactRow | 'new' | null>(null);
    const close = () => {
        setOpen(null);
    };

    return (
        <Section title="Contacts">
            <ul className="divide-y divide-hairline">
                {page.contacts.map((contact) => (
                    <li key={contact.id} className="flex items-start justify-between gap-3 py-1.5">
                        <span className="min-w-0">
                            <span className="block font-semibold">{contact.name}</span>
                            <span className="block text-xs text-ink-2">
                                {[contact.what, contact.email, contact.phone].filter((part) => part !== '').join(', ')}
                            </span>
                        </span>
                        <BringBack about={{ kind: 'contact', id: contact.id, title: contact.name }} />
                        <Button
                            kind="quiet"
                            aria-label={`Edit ${contact.name}`}
                            onClick={() => {
                                setOpen(contact);
                            }}
                        >
                            Edit
                        </Button>
                    </li>
                ))}
            </ul>
            <Button
                className="mt-2"
                onClick={() => {
                    setOpen('new');
                }}
            >
                Add a contact
            </Button>
            <Dialog isOpen={open !== null} onOpenChange={close} title={open === 'new' ? 'Add a contact' : 'Edit contact'}>
                {open !== null && <ContactForm area={page.area.id} contact={open === 'new' ? null : open} onDone={close} />}
            </Dialog>
        </Section>
    );
}

function ContactForm({ area, contact, onDone }: { area: number; contact: ContactRow | null; onDone: () => void }) {
    const form = useForm(`contact ${String(contact?.id)} of area ${String(area)}`, {
        name: contact?.name ?? '',
        what: contact?.what ?? '',
        email: contact?.email ?? '',
        phone: contact?.phone ?? '',
    });

    const save = saving(form, contact?.id, route('contacts.store', area), (id) => route('contacts.update', id), onDone);

    return (
        <form onSubmit={save} className="space-y-4">
            <TextField label="Name" maxLength={80} {...bind(form, 'name')} />
            <TextField label="Position" maxLength={120} {...bind(form, 'what')} />
            <div className="grid grid-cols-2 gap-4">
                <TextField label="E-mail" type="email" maxLength={120} {...bind(form, 'email')} />
                <TextField label="Phone" type="tel" maxLength={40} {...bind(form, 'phone')} />
            </div>
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={form.processing}>
                    Save
                </Button>
                {contact !== null && (
                    <Button
                        onClick={() => {
                            act('delete', route('contacts.destroy', contact.id), {}, { onDone });
                        }}
                    >
                        Delete
                    </Button>
                )}
            </div>
        </form>
    );
}
