import { clsx } from 'clsx';
import { AddLine } from '../fields/AddLine';
import { PersonField } from '../fields/Choose';
import { Section } from '../signs/Section';
import type { PersonTag, PointRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { withRecord } from '../../lib/queue/guess';
import { addingLines, bindRecord } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';
import { Check } from '../../ui/Check';

/** What one has to raise with those who are there: one's own alone, and there in whichever meeting brings the two together. */
export function Points({ points, people }: { points: PointRow[]; people: PersonTag[] }) {
    const form = useForm('point for a person', { words: '', about: people[0]?.id ?? null });

    return (
        <Section title="Your points for them" aside="only for you">
            <ul>
                {points.map((point) => (
                    <li key={point.id} className="group flex items-baseline gap-2">
                        <span className="min-w-0 flex-1">
                            <Check
                                label={`${first(point.about.name)}: ${point.words}`}
                                checked={point.isDone}
                                onChange={(isDone) => {
                                    act(
                                        'put',
                                        route('points.tick', point.id),
                                        { isDone },
                                        { guess: withRecord(point.id, { isDone }, 'about') },
                                    );
                                }}
                            />
                        </span>
                        <button
                            type="button"
                            className={clsx(
                                'text-xs text-ink-2 opacity-0 group-focus-within:opacity-100',
                                'group-hover:opacity-100 hover:underline pointer-coarse:opacity-100',
                            )}
                            onClick={() => {
                                act('delete', route('points.destroy', point.id));
                            }}
                        >
                            Delete
                        </button>
                    </li>
                ))}
            </ul>
            <AddLine words="What to raise with someone" maxLength={500} {...addingLines(form, 'words', route('points.store'))}>
                <PersonField
                    label="With"
                    className="w-44"
                    people={people}
                    value={form.data.about}
                    error={bindRecord(form, 'about').error}
                    onChoose={(about) => {
                        form.setData('about', about);
                    }}
                />
            </AddLine>
        </Section>
    );
}
