import { AddLine } from '../../fields/AddLine';
import { Section } from '../../signs/Section';
import type { MinutesView } from '../../../generated/props';
import { dayWords } from '../../../lib/dates';
import { addingLine } from '../../../lib/forms';
import { useForm } from '../../../lib/kept/useForm';
import { route } from '../../../lib/routes';

/** What was added since the minutes are final: corrections, and lines that arrived late. Each with its date and name. */
export function Additions({ page }: { page: MinutesView }) {
    const form = useForm(`addition to meeting ${String(page.id)}`, { words: '' });

    return page.additions.length === 0 && !page.mayAdd ? null : (
        <Section title="Added since" className={page.additions.length === 0 ? 'print:hidden' : ''}>
            <ul className="divide-y divide-hairline">
                {page.additions.map((addition) => (
                    <li key={addition.id} className="py-1.5">
                        <p className="text-xs text-ink-2">
                            {addition.who}, {dayWords(addition.on)} {addition.at}
                            {addition.item !== null && `, on “${addition.item}”`}
                        </p>
                        <p className="max-w-prose whitespace-pre-wrap">{addition.words}</p>
                    </li>
                ))}
            </ul>
            {page.mayAdd && (
                <AddLine words="Add a correction" maxLength={2000} {...addingLine(form, 'words', route('meetings.add', page.id))} />
            )}
        </Section>
    );
}
