import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { type SubmitEvent, useState } from 'react';
import type { DecisionLine, DecisionsView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { addingLines, bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { grouped, peopleAsOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { AddLine } from '../../parts/fields/AddLine';
import { RecordField } from '../../parts/fields/Choose';
import { Empty, Section } from '../../parts/signs/Section';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

/** The register of decisions, with their reasons; and minutes, found by any word or by who was there. */
export default function Decisions({ page }: { page: DecisionsView }) {
    const [words, setWords] = useState(page.words);
    const look = (who: number | null) => {
        router.get(route('decisions.index'), { ...(words !== '' && { q: words }), ...(who !== null && { who }) }, { preserveState: true });
    };

    return (
        <div className="sheet-edge space-y-6">
            <Head title="Decisions and minutes" />
            <h1>Decisions and minutes</h1>
            <form
                role="search"
                className="flex flex-wrap items-end gap-3"
                onSubmit={(event: SubmitEvent) => {
                    event.preventDefault();
                    look(page.who);
                }}
            >
                <TextField
                    label="Words"
                    className="w-72"
                    maxLength={100}
                    value={words}
                    onChange={(event) => {
                        setWords(event.target.value);
                    }}
                />
                <RecordField
                    label="Attended by"
                    className="w-52"
                    none="anybody"
                    value={page.who}
                    options={peopleAsOptions(page.people)}
                    onChoose={look}
                />
                <Button type="submit">Search</Button>
            </form>
            <div className="grid grid-cols-[3fr_2fr] gap-x-12 gap-y-8 max-lg:grid-cols-1">
                <Section title="Decisions" aside={page.decisions.length === 100 ? 'the latest 100' : undefined}>
                    {page.decisions.length === 0 && <Empty>No decisions match.</Empty>}
                    <ul className="divide-y divide-hairline">
                        {page.decisions.map((decision) => (
                            <Decision key={decision.id} decision={decision} />
                        ))}
                    </ul>
                </Section>
                <div className="space-y-6">
                    {(page.words !== '' || page.who !== null) && (
                        <Section title="Minutes">
                            {page.minutes.length === 0 && <Empty>No minutes were found.</Empty>}
                            <ul className="divide-y divide-hairline">
                                {page.minutes.map((minutes) => (
                                    <li data-line key={minutes.id} className="py-1.5">
                                        <Link href={route('meetings.show', minutes.id)} className="font-semibold hover:underline">
                                            {minutes.title}, {dayWords(minutes.on)}
                                        </Link>
                                        <p className="wrap-anywhere text-ink-2">{minutes.words}</p>
                                    </li>
                                ))}
                            </ul>
                        </Section>
                    )}
                    <Record page={page} />
                </div>
            </div>
        </div>
    );
}

function Decision({ decision }: { decision: DecisionLine }) {
    return (
        <li data-line className="group py-2">
            <p className="max-w-prose">
                <span className="text-md font-semibold">{decision.words}</span>
                {decision.because !== null && <span className="text-ink-2"> Reason: {decision.because}</span>}
            </p>
            <p className="flex flex-wrap gap-x-2 text-xs text-ink-2">
                <span className="font-mono">{dayWords(decision.decidedOn)}</span>
                {decision.link === null ? (
                    `recorded by ${decision.by}`
                ) : (
                    <Link href={decision.link} className="link">
                        {decision.by}
                    </Link>
                )}
                {decision.on !== null && `on “${decision.on}”`}
                {decision.for !== null && `for ${decision.for}`}
                {decision.mayDelete && (
                    <button
                        type="button"
                        className={clsx(
                            'opacity-0 group-focus-within:opacity-100 group-hover:opacity-100',
                            'hover:underline pointer-coarse:opacity-100',
                        )}
                        onClick={() => {
                            act('delete', route('decisions.destroy', decision.id));
                        }}
                    >
                        Delete
                    </button>
                )}
            </p>
        </li>
    );
}

/** One that was made outside of a meeting. */
function Record({ page }: { page: DecisionsView }) {
    const form = useForm('decision outside of a meeting', { words: '', because: '', on: '', goal: '', project: '' });

    return (
        <Section title="Decided outside a meeting">
            <AddLine words="What was decided?" maxLength={1000} {...addingLines(form, 'words', route('decisions.store'))}>
                <TextField label="Reason" className="w-full" maxLength={1000} {...bind(form, 'because')} />
                <DateField label="On" className="w-40" {...bind(form, 'on')} />
                <SelectField label="Goal" className="w-44" {...bind(form, 'goal')} none="no goal" options={grouped(page.goals)} />
                <SelectField
                    label="Project"
                    className="w-44"
                    {...bind(form, 'project')}
                    none="no project"
                    options={grouped(page.projects)}
                />
            </AddLine>
        </Section>
    );
}
