import { type SubmitEvent, useState } from 'react';
import { BringBack } from '../capture/BringBack';
import { FileButton } from '../../ui/FileButton';
import { Comments } from './Comments';
import { CheckList } from '../fields/CheckList';
import { Section } from '../signs/Section';
import type { Beside as BesideProps, PersonTag } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextField } from '../../ui/Field';
import { Problem } from '../../ui/Problem';

interface Props {
    beside: BesideProps;
    people: PersonTag[];
}

/** What lies beside a task or a project: who helps, files, references. */
export function Beside({ beside, people }: Props) {
    return (
        <>
            <Section title="Helpers">
                <Helpers beside={beside} people={people} />
            </Section>
            <Section title="Files and references">
                <Files beside={beside} />
            </Section>
        </>
    );
}

/** What was said of it, for the wide column. */
export function Talk({ beside }: { beside: BesideProps }) {
    return (
        <Section title="Comments" aside="Type @name to notify someone." className="mt-6">
            <Comments
                of={`${beside.kind} ${String(beside.id)}`}
                comments={beside.comments}
                address={route('work.comment', [beside.kind, beside.id])}
            />
        </Section>
    );
}

function Helpers({ beside, people }: Props) {
    const names = people.filter((person) => beside.helpers.includes(person.id)).map((person) => person.name);

    return (
        <div className="flex flex-wrap items-baseline justify-between gap-2 pt-1">
            {names.length > 0 && <span>{names.join(', ')}</span>}
            <HelpersButton beside={beside} people={people} />
        </div>
    );
}

/** Chooses who helps. */
export function HelpersButton({ beside, people }: Props) {
    return (
        <DialogButton words={beside.helpers.length === 0 ? 'Add helpers' : 'Change helpers'} kind="quiet" title="Choose helpers">
            {(close) => <ChooseHelpers beside={beside} people={people} onDone={close} />}
        </DialogButton>
    );
}

function ChooseHelpers({ beside, people, onDone }: Props & { onDone: () => void }) {
    const [began] = useState(beside.helpers);
    const [chosen, setChosen] = useState(began);

    return (
        <div className="space-y-4">
            <CheckList
                legend="Helpers"
                choices={people.map((person) => ({ value: person.id, words: person.name }))}
                chosen={chosen}
                onChange={setChosen}
            />
            <Button
                kind="main"
                onClick={() => {
                    act('put', route('work.helpers', [beside.kind, beside.id]), { people: chosen, seen: { people: began } }, { onDone });
                }}
            >
                Save
            </Button>
        </div>
    );
}

const size = (bytes: number) => (bytes < 1e6 ? `${String(Math.max(1, Math.round(bytes / 1e3)))} kB` : `${(bytes / 1e6).toFixed(1)} MB`);

/** Files and references, and ways to add them. */
export function Files({ beside }: { beside: BesideProps }) {
    const [isAdding, setAdding] = useState(false);
    const [problem, setProblem] = useState<string>();
    const add = (file: File) => {
        setAdding(true);
        setProblem(undefined);
        act(
            'post',
            route('files.store', [beside.kind, beside.id]),
            {},
            {
                file,
                onDone: () => {
                    setAdding(false);
                },
                onRefused: (why) => {
                    setAdding(false);
                    setProblem(why);
                },
            },
        );
    };

    return (
        <div className="pt-1">
            <ul className="divide-y divide-hairline">
                {beside.files.map((file) => (
                    <li key={file.id} className="flex items-baseline gap-2 py-1">
                        <a href={route('files.show', file.id)} className="min-w-0 flex-1 break-words hover:underline" download>
                            {file.name} <span className="font-mono text-xs whitespace-nowrap text-ink-2">{size(file.bytes)}</span>
                        </a>
                        <BringBack about={{ kind: 'file', id: file.id, title: file.name }} />
                        <Remove
                            what={file.name}
                            onRemove={() => {
                                act('delete', route('files.destroy', file.id));
                            }}
                        />
                    </li>
                ))}
                {beside.references.map((reference) => (
                    <li key={reference.id} className="flex items-baseline gap-2 py-1">
                        <a
                            href={reference.address}
                            rel="noopener noreferrer nofollow"
                            target="_blank"
                            title={reference.address}
                            className="min-w-0 flex-1 link [overflow-wrap:anywhere]"
                        >
                            {reference.title}
                        </a>
                        <Remove
                            what={reference.title}
                            onRemove={() => {
                                act('delete', route('references.destroy', reference.id));
                            }}
                        />
                    </li>
                ))}
            </ul>
            <Problem words={problem} className="py-1" />
            <div className="-ml-3 flex flex-wrap">
                <FileButton label="File" disabled={isAdding} onChoose={add}>
                    {isAdding ? 'Adding' : 'Add a file'}
                </FileButton>
                <DialogButton words="Add a link" kind="quiet" title="Add a link">
                    {(close) => <ReferenceForm beside={beside} onDone={close} />}
                </DialogButton>
            </div>
        </div>
    );
}

function Remove({ what, onRemove }: { what: string; onRemove: () => void }) {
    return (
        <button
            type="button"
            aria-label={`Delete ${what}`}
            className="min-h-6 text-xs text-ink-2 hover:text-ink hover:underline"
            onClick={onRemove}
        >
            Delete
        </button>
    );
}

function ReferenceForm({ beside, onDone }: { beside: BesideProps; onDone: () => void }) {
    const form = useForm(`reference of ${beside.kind} ${String(beside.id)}`, { address: '', title: '' });
    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('references.store', [beside.kind, beside.id]), { onSuccess: onDone });
    };

    return (
        <form onSubmit={save} className="space-y-4">
            <TextField label="Address" placeholder="https://" autoFocus maxLength={2000} {...bind(form, 'address')} />
            <TextField label="Title" hint="The address is used if left empty." maxLength={200} {...bind(form, 'title')} />
            <Button kind="main" type="submit" disabled={form.processing || form.data.address.trim() === ''}>
                Add
            </Button>
        </form>
    );
}
