import { Link } from '@inertiajs/react';
import type { AgreedRow, ChangeVerdict, RetrospectiveView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { peopleAsOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';
import { KeptField } from '../fields/KeptField';
import { Section } from '../signs/Section';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { DateField } from '../../ui/DateField';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

const verdicts: { value: ChangeVerdict; words: string }[] = [
    { value: 'worked', words: 'it worked' },
    { value: 'failed', words: 'it did not' },
    { value: 'early', words: 'too early to say' },
];

/** What became of the changes of former retrospectives, then those that this one ends in. */
export function AgreedChanges({ page }: { page: RetrospectiveView }) {
    const { earlier, changes, retrospective } = page;

    return (
        <>
            {earlier.length > 0 && (
                <Section title="Did it work?" aside="from before" className="mb-6">
                    <List changes={earlier} mayJudge />
                </Section>
            )}
            <Section title="What changes" aside="a task each">
                {changes.length === 0 && (
                    <p className="py-1 text-sm text-ink-2">
                        A few changes, each with an owner, a date and the sign by which you will see that it worked.
                    </p>
                )}
                <List changes={changes} mayJudge={retrospective.isFinished} />
                {!retrospective.isFinished && <Agree page={page} />}
            </Section>
        </>
    );
}

function List({ changes, mayJudge }: { changes: AgreedRow[]; mayJudge: boolean }) {
    return (
        <ul className="divide-y divide-hairline">
            {changes.map((change) => (
                <li key={change.id} className="py-2">
                    <Link
                        href={change.link}
                        className={`font-semibold wrap-anywhere hover:underline ${change.isDone ? 'line-through' : ''}`}
                    >
                        {change.words}
                    </Link>
                    <p className="text-xs text-ink-2">
                        {first(change.owner.name)}
                        {change.dueOn !== null && `, by ${dayWords(change.dueOn)}`}. Sign: {change.sign}
                    </p>
                    {mayJudge && <Judge change={change} />}
                </li>
            ))}
        </ul>
    );
}

function Judge({ change }: { change: AgreedRow }) {
    const judge = (to: { verdict?: ChangeVerdict | null; seen?: string }, refuse?: (why: string) => void) => {
        act('put', route('agreed-changes.judge', change.id), to, refuse === undefined ? {} : { onRefused: refuse });
    };

    return (
        <>
            <Choices
                label={`Did “${change.words}” work?`}
                value={change.verdict ?? ''}
                choices={verdicts}
                onChoose={(verdict) => {
                    judge({ verdict: verdict === '' ? null : verdict });
                }}
            />
            {change.verdict !== null && (
                <KeptField
                    label={`What was seen of “${change.words}”`}
                    isLabelHidden
                    placeholder="What was seen"
                    maxLength={500}
                    value={change.seen ?? ''}
                    onKeep={(seen, refuse) => {
                        judge({ seen }, refuse);
                    }}
                />
            )}
        </>
    );
}

function Agree({ page: { participants, retrospective } }: { page: RetrospectiveView }) {
    const form = useForm(`change of retrospective ${String(retrospective.id)}`, { words: '', owner: '', by: '', sign: '' });

    return (
        <form
            className="mt-2 space-y-2 border-t border-hairline pt-2"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('retrospectives.agree', retrospective.id), {
                    onSuccess: () => {
                        form.reset();
                    },
                });
            }}
        >
            <TextField label="What changes" isLabelHidden placeholder="What changes" maxLength={200} {...bind(form, 'words')} />
            {form.data.words !== '' && (
                <>
                    <div className="flex gap-2">
                        <SelectField
                            label="Owner"
                            className="flex-1"
                            none="choose"
                            value={form.data.owner}
                            options={peopleAsOptions(participants)}
                            error={form.errors.owner}
                            onChange={(owner) => {
                                form.setData('owner', owner);
                            }}
                        />
                        <DateField label="By" className="w-36" {...bind(form, 'by')} />
                    </div>
                    <TextField label="Sign that it worked" maxLength={500} {...bind(form, 'sign')} />
                    <Button
                        type="submit"
                        kind="main"
                        disabled={form.processing || Object.values(form.data).some((value) => value.trim() === '')}
                    >
                        Agree on it
                    </Button>
                </>
            )}
        </form>
    );
}
